<label class="big-field"><span class="label">{{ __('make.ph_field') }}</span>
    <input name="ph" inputmode="decimal" value="{{ old('ph', $page->detail['last']) }}" @error('ph') aria-invalid="true" aria-describedby="problem-ph" @enderror></label>
@error('ph')<p class="problem" id="problem-ph" role="alert">{{ $message }}</p>@enderror
<p class="hob-note">{{ __('make.ph_without') }}</p>
@push('go')
    <button class="button button-quiet hob-go" name="do" value="skip">{{ __('make.skip_ph') }}</button>
    <button class="button hob-go" name="do" value="on">{{ __('make.note') }}</button>
@endpush
