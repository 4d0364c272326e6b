<div class="tubes">
    @foreach ($page->detail['fields'] as $field)
        <div class="tube-field">
            <x-tube :reading="$field['last']" :mark="$page->step->celsius" :falling="$page->step->kind->value === 'gate'"/>
            <label><span class="label">{{ __('make.reading', ['label' => $field['label']]) }}</span>
                <input name="{{ $field['name'] }}" inputmode="decimal" value="{{ old($field['name'], $field['last']) }}" @error($field['name']) aria-invalid="true" aria-describedby="problem-{{ $field['name'] }}" @enderror></label>
            @error($field['name'])<p class="problem" id="problem-{{ $field['name'] }}" role="alert">{{ $message }}</p>@enderror
        </div>
    @endforeach
</div>
@php($gate = $page->step->kind->value === 'gate')
<p class="hob-state @if ($page->detail['ready']) is-ready @endif">{{ $page->detail['ready'] ? __($gate ? 'make.gate_is_open' : (count($page->detail['fields']) > 1 ? 'make.ready' : 'make.ready_one')) : ($gate ? __('make.gate_is_shut') : __(count($page->detail['fields']) > 1 ? 'make.not_ready' : 'make.not_ready_one', ['enough' => $page->detail['enough']])) }}</p>
@if ($page->detail['readings'] !== [])
    <p class="hob-readings"><span class="label">{{ __('make.written') }}</span> {{ implode(' · ', array_slice($page->detail['readings'], -6)) }}</p>
@endif
<details class="override">
    <summary>{{ __('make.override') }}</summary>
    <label><span class="label">{{ __('make.override_why') }}</span><input name="reason" maxlength="300" value="{{ old('reason') }}"></label>
    @error('reason')<p class="problem" role="alert">{{ $message }}</p>@enderror
</details>
@push('go')
    @unless ($gate)<button class="button button-quiet hob-go" name="do" value="note">{{ __('make.note') }}</button>@endunless
    <button class="button hob-go" name="do" value="on">{{ $gate ? __('make.gate_through') : __(count($page->detail['fields']) > 1 ? 'make.go_on' : 'make.go_on_one') }}</button>
@endpush
