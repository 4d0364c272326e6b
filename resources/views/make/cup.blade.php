@foreach ($cups as $field)
    <label class="big-field"><span class="label">{{ __("make.cup.$field") }}</span>
        <input name="{{ $field }}" inputmode="decimal" value="{{ old($field, $page->detail[$field]) }}"
            @invalid($field)></label>
    <x-problem :for="$field" />
@endforeach
