<label class="big-field"><span class="label">{{ __('make.cloth') }}</span>
    <input name="cloth" inputmode="decimal" value="{{ old('cloth', $page->detail['last']) }}" @error('cloth') aria-invalid="true" aria-describedby="problem-cloth" @enderror></label>
@error('cloth')<p class="problem" id="problem-cloth" role="alert">{{ $message }}</p>@enderror
<p class="hob-note">{{ __('make.cloth_means') }}</p>
@include('make.tick')
