<p class="hob-note">{{ __('make.cup_means') }}</p>
<div class="two-fields">
    @foreach (['before', 'after'] as $field)<label class="big-field"><span class="label">{{ __("make.cup.$field") }}</span><input name="{{ $field }}" inputmode="decimal" value="{{ old($field, $page->detail[$field]) }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror></label>@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
</div>
<p class="hob-second">{{ $page->detail['overrun'] }}</p>
@push('go')<button class="button button-quiet hob-go" name="do" value="note">{{ __('make.note') }}</button>@endpush
@include('make.timer')
