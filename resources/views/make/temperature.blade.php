@php($gate = $page->step->kind->value === 'gate')
<div class="readings"
    @unless ($gate) data-enough="{{ $page->detail['enough_c'] }}"
        data-within="{{ $page->detail['within_c'] }}" @endunless>
    @foreach ($page->readings as $reading)
        @include('make.reading', ['reading' => $reading])
    @endforeach
</div>
@php([$ready, $notReady, $goOn] = count($page->readings) > 1
    ? ['make.ready', 'make.not_ready', 'make.go_on']
    : ['make.ready_one', 'make.not_ready_one', 'make.go_on_one'])
<p @class(['hob-state', 'is-ready' => $page->detail['ready']])>
    @if ($page->detail['ready'])
        {{ __($gate ? 'make.gate_is_open' : $ready) }}
    @elseif ($gate)
        {{ __($page->readings[0]->value === '' ? 'make.gate_unread' : 'make.gate_is_shut') }}
    @else
        {{ __($notReady, ['enough' => $page->detail['enough']]) }}
    @endif
</p>
@if ($page->detail['readings'] !== [])
    <p class="hob-readings"><span class="label">{{ __('make.written') }}</span>
        {{ implode(' · ', array_slice($page->detail['readings'], -6)) }}</p>
@endif
<details class="override" @error('reason') open @enderror>
    <summary>{{ __('make.override') }}</summary>
    <label><span class="label">{{ __('make.override_why') }}</span><input name="reason" maxlength="300"
            value="{{ old('reason') }}"></label>
    @error('reason')
        <p class="problem" role="alert">{{ $message }}</p>
    @enderror
</details>
@if ($page->detail['byFeel'])
    @php($feel = __($gate ? 'make.by_feel.gate' : 'make.by_feel.heat'))
    @push('go')
        <button class="button button-quiet hob-go" name="reason" value="{{ $feel }}">{{ $feel }}</button>
    @endpush
@endif
@php($through = $gate ? 'make.gate_through' : $goOn)
@push('go')
    <button class="button hob-go" name="do" value="on" x-data="gate" data-through="{{ __($through) }}"
        data-record="{{ __('make.note') }}">{{ __($page->detail['ready'] ? $through : 'make.note') }}</button>
@endpush
