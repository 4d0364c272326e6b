{{-- Used, given, sold or thrown away: of one kind of container, or of what is in none. --}}
@php($isHere = old('container', '') === $container)
<details class="act" @if ($isHere && $errors->hasAny(['shelf_grams', 'subject', 'price'])) open @endif>
    <summary>{{ __('shelf.leaves') }}</summary>
    <form method="post" action="{{ route('shelf.leaves', $batch) }}#{{ $back }}" novalidate>@csrf<input type="hidden"
            name="client_key" value="{{ $made->clientKey }}l{{ $container }}"><input type="hidden" name="container"
            value="{{ $container }}">
        <p class="act-fields"><label><span class="label">{{ __('ui.record.went_in_grams') }}</span><span
                    class="with-unit"><input name="shelf_grams" inputmode="decimal" maxlength="12"
                        value="{{ $isHere ? old('shelf_grams', $grams) : $grams }}"
                        @if ($isHere) @invalid('shelf_grams') @endif> g</span></label>
            <label class="wide"><span class="label">{{ __('shelf.subject') }}</span><input name="subject"
                    maxlength="200" value="{{ $isHere ? old('subject') : '' }}"
                    placeholder="{{ __('shelf.subject_hint') }}"
                    @if ($isHere) @invalid('subject') @endif></label>
            <label><span class="label">{{ __('shelf.price_got') }}</span><input name="price" inputmode="decimal"
                    maxlength="12" value="{{ $isHere ? old('price') : '' }}"
                    @if ($isHere) @invalid('price') @endif></label>
        </p>
        @if ($isHere)
            @foreach (['shelf_grams', 'subject', 'price', 'when'] as $field)
                <x-problem :for="$field" />
            @endforeach
        @endif
        <p class="act-fields">
            @foreach (\App\Shelf\ShelfBook::LEAVES as $kind)
                <button class="button @if ($kind !== 'used') button-quiet @endif" name="kind"
                    value="{{ $kind }}">{{ __("shelf.do.$kind") }}</button>
            @endforeach
        </p>
    </form>
</details>
