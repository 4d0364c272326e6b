<div class="tubes">
    @foreach ($page->detail['fields'] as $field)
        <div class="tube-field">
            <x-tube :reading="$field['last']" :mark="$page->step->celsius"
                :falling="$page->step->kind->value === 'gate'" />
            <label><span class="label">{{ __('make.reading', ['label' => $field['label']]) }}</span>
                <input name="{{ $field['name'] }}" inputmode="decimal" value="{{ old($field['name'], $field['last']) }}"
                    @invalid($field['name'])></label>
            <x-problem :for="$field['name']" />
        </div>
    @endforeach
</div>
@php($gate = $page->step->kind->value === 'gate')
@php([$ready, $notReady, $goOn] = count($page->detail['fields']) > 1
    ? ['make.ready', 'make.not_ready', 'make.go_on']
    : ['make.ready_one', 'make.not_ready_one', 'make.go_on_one'])
<p @class(['hob-state', 'is-ready' => $page->detail['ready']])>
    @if ($page->detail['ready'])
        {{ __($gate ? 'make.gate_is_open' : $ready) }}
    @elseif ($gate)
        {{ __('make.gate_is_shut') }}
    @else
        {{ __($notReady, ['enough' => $page->detail['enough']]) }}
    @endif
</p>
@if ($page->detail['readings'] !== [])
    <p class="hob-readings"><span class="label">{{ __('make.written') }}</span>
        {{ implode(' · ', array_slice($page->detail['readings'], -6)) }}</p>
@endif
<details class="override">
    <summary>{{ __('make.override') }}</summary>
    <label><span class="label">{{ __('make.override_why') }}</span><input name="reason" maxlength="300"
            value="{{ old('reason') }}"></label>
    @error('reason')
        <p class="problem" role="alert">{{ $message }}</p>
    @enderror
</details>
@push('go')
    @unless ($gate)
        <button class="button button-quiet hob-go" name="do" value="note">{{ __('make.note') }}</button>
    @endunless
    <button class="button hob-go" name="do" value="on">
        {{ __($gate ? 'make.gate_through' : $goOn) }}
    </button>
@endpush
