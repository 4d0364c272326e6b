@if ($page->detail['isHeated'])
    <label class="big-field"><span class="label">{{ __('make.lighter') }}</span>
        <input name="lighter" inputmode="decimal" value="{{ old('lighter', $page->detail['last']) }}"
            @invalid('lighter')></label>
    <x-problem for="lighter" />
    <p class="hob-note">{{ __('make.lighter_means') }}</p>
@endif
@include('make.tick')
