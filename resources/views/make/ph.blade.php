<label class="big-field"><span class="label">{{ __('make.ph_field') }}</span>
    <input name="ph" inputmode="decimal" value="{{ old('ph', $page->detail['last']) }}" @error('ph') aria-invalid="true" aria-describedby="problem-ph" @enderror></label>
@error('ph')<p class="problem" id="problem-ph" role="alert">{{ $message }}</p>@enderror
@if ($page->detail['far'] !== '')<p class="hob-state">{{ $page->detail['far'] }}</p>@endif
<div class="two-fields">
    @foreach (['sample', 'dose'] as $field)<label class="big-field"><span class="label">{{ __("make.ph_$field") }}</span><input name="{{ $field }}" inputmode="decimal" value="{{ old($field) }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror></label>@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
</div>
@if ($page->detail['readings'] !== [])<p class="hob-readings"><span class="label">{{ __('make.written') }}</span> {{ implode(' · ', $page->detail['readings']) }}</p>@endif
<p class="hob-note"><a href="{{ $page->detail['work'] }}">{{ __('make.ph_work') }}</a></p>
<p class="hob-note">{{ __('make.ph_without') }}</p>
@push('go')
    <button class="button button-quiet hob-go" name="do" value="skip">{{ __('make.skip_ph') }}</button>
    <button class="button button-quiet hob-go" name="do" value="note">{{ __('make.ph_again') }}</button>
    <button class="button hob-go" name="do" value="on">{{ __('make.note') }}</button>
@endpush
