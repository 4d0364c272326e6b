{{-- What was strained out of it: kept as a lot of its own, or told where it is. --}}
@if ($page->leftOver['of'] !== '')
    <div class="left-over">
        <p>{{ __('pantry.left_over.of') }} <a
                href="{{ route('lot', $page->leftOver['of']) }}">{{ $page->leftOver['of'] }}</a>.
            {{ __('pantry.left_over.good_for', ['uses' => $page->leftOver['uses']]) }}</p>
        @if ($page->leftOver['drawsAgain'])
            <form method="post" action="{{ route('lot.again', $lot) }}">@csrf<button
                    class="button button-quiet">{{ __('pantry.left_over.again') }}</button></form>
        @endif
        <p class="lot-caution">{{ __('pantry.left_over.caution') }}</p>
    </div>
@elseif ($page->leftOver['lot'] !== null)
    <p>{{ $page->leftOver['what'] }}: <a
            href="{{ route('lot', $page->leftOver['lot']) }}">{{ $page->leftOver['lot']->code }}</a></p>
@else
    <details class="act" @error('left_grams') open @enderror>
        <summary>{{ __('pantry.left_over.title', ['what' => $page->leftOver['what']]) }}</summary>
        <form method="post" action="{{ route('lot.left-over', $lot) }}" novalidate>@csrf
            <p>{{ __('pantry.left_over.good_for', ['uses' => $page->leftOver['uses']]) }}
                {{ $page->leftOver['days'] }}</p>
            <p class="act-fields"><label><span class="label">{{ __('pantry.left_over.grams') }}</span><span
                        class="with-unit"><input name="left_grams" inputmode="decimal" maxlength="12"
                            value="{{ old('left_grams') }}" @invalid('left_grams')> g</span></label></p>
            <x-problem for="left_grams" />
            <p class="act-fields">
                @foreach (['fridge', 'freezer'] as $to)
                    <button class="button @if ($to !== 'fridge') button-quiet @endif" name="storage"
                        value="{{ $to }}">{{ __("pantry.do_move.$to") }}</button>
                @endforeach
            </p>
            <p class="lot-caution">{{ __('pantry.left_over.caution') }}</p>
        </form>
    </details>
@endif
