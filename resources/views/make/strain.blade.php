@unless ($page->detail['isPart'])
<label class="big-field"><span class="label">{{ __('make.cloth') }}</span>
    <input name="cloth" inputmode="decimal" value="{{ old('cloth', $page->detail['last']) }}"
        @invalid('cloth')></label>
<x-problem for="cloth" />
<p class="hob-note">{{ __('make.cloth_means') }}</p>
@endunless
@include('make.tick')
