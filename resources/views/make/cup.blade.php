@foreach ($cups as $field)
    <label class="big-field"><span class="label">{{ __("make.cup.$field") }}</span>
        <input name="{{ $field }}" inputmode="decimal" value="{{ old($field, $page->detail[$field]) }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror></label>
    @error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror
@endforeach
