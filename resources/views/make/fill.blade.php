<p class="hob-second">{{ __('make.went_in', ['grams' => $page->detail['in']]) }}</p>
<div class="two-fields">
    <label class="big-field"><span class="label">{{ __('make.filled_field') }}</span>
        <input name="filled" inputmode="decimal" value="{{ old('filled') }}" @error('filled') aria-invalid="true" aria-describedby="problem-filled" @enderror></label>
    <label class="big-field"><span class="label">{{ __('make.tare_field') }}</span>
        <input name="tare" inputmode="decimal" value="{{ old('tare') }}" @error('tare') aria-invalid="true" aria-describedby="problem-tare" @enderror></label>
    <label class="big-field"><span class="label">{{ __($page->state->formula->family === \Ilvane\Core\Formula\Family::FrozenBar ? 'make.moulds_field' : 'make.containers_field') }}</span>
        <input name="containers" inputmode="numeric" value="{{ old('containers', $page->state->formula->containerCount) }}" @error('containers') aria-invalid="true" aria-describedby="problem-containers" @enderror></label>
</div>
@error('filled')<p class="problem" id="problem-filled" role="alert">{{ $message }}</p>@enderror
@error('tare')<p class="problem" id="problem-tare" role="alert">{{ $message }}</p>@enderror
@error('containers')<p class="problem" id="problem-containers" role="alert">{{ $message }}</p>@enderror
@if (session('ask_sure'))<label class="sure"><input type="checkbox" name="sure" value="1"> {{ __('make.sure') }}</label>@endif
@push('go')<button class="button hob-go">{{ __('make.finish') }}</button>@endpush
