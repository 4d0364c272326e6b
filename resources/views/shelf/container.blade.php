{{-- What becomes of one kind of container: taken out of it, or put elsewhere. --}}
@php($isHere = old('container') === $one['letter'])
<details class="act" @if ($isHere && $errors->hasAny(['shelf_grams', 'subject', 'price'])) open @endif>
    <summary>{{ __('shelf.leaves') }}</summary>
    <form method="post" action="{{ route('shelf.leaves', $batch) }}#container-{{ $one['letter'] }}" novalidate>
        @csrf<input type="hidden" name="client_key" value="{{ $made->clientKey }}l{{ $one['letter'] }}"><input
            type="hidden" name="container" value="{{ $one['letter'] }}">
        <p class="act-fields"><label><span class="label">{{ __('ui.record.went_in_grams') }}</span><span
                    class="with-unit"><input name="shelf_grams" inputmode="decimal" maxlength="12"
                        value="{{ $isHere ? old('shelf_grams') : round(min($one['perOne'], $one['left']), 2) }}">
                    g</span></label>
            <label class="wide"><span class="label">{{ __('shelf.subject') }}</span><input name="subject"
                    maxlength="200" value="{{ $isHere ? old('subject') : '' }}"
                    placeholder="{{ __('shelf.subject_hint') }}"></label>
            <label><span class="label">{{ __('shelf.price_got') }}</span><input name="price" inputmode="decimal"
                    maxlength="12" value="{{ $isHere ? old('price') : '' }}"></label>
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
<details class="act">
    <summary>{{ __('shelf.move') }}</summary>
    <form method="post" action="{{ route('container.move', [$batch, $one['letter']]) }}#container-{{ $one['letter'] }}"
        novalidate>@csrf<input type="hidden" name="client_key"
            value="{{ $made->clientKey }}m{{ $one['letter'] }}">
        <p class="act-fields"><label class="wide"><span class="label">{{ __('shelf.where') }}</span><input
                    name="to" maxlength="80" value=""></label></p>
        <p class="act-fields">
            @foreach (\App\Make\Container::PLACES as $place)
                <button class="button button-quiet" name="storage"
                    value="{{ $place }}">{{ __("pantry.do_move.$place") }}</button>
            @endforeach
        </p>
        <p class="quiet">{{ __('shelf.split.move_means') }}</p>
    </form>
</details>
