@php($little = $page->detail['little'])
<p class="hob-second">
    @if ($little['sum'] === '')
        {{ __('make.little.most', ['grams' => $page->detail['target']]) }}
    @else
        {{ $little['doses'] }} = <b>{{ $little['sum'] }}</b>
        {{ __('make.little.of', ['grams' => $page->detail['target']]) }}
    @endif
</p>
@if ($little['last'] !== '')
    <p class="hob-note">{{ $little['last'] }}</p>
@endif
@include('make.reading', ['reading' => $page->readings[0]])
@isset($page->timers[$page->step->key])
    @include('make.clock')
@endisset
@if ($little['sum'] !== '')
    <p class="hob-state" role="status">{{ $little['look'] }}</p>
@endif
@include('make.lots')
@push('go')
    <button class="button hob-go @if ($little['sum'] !== '') button-quiet @endif" name="do"
        value="dose">{{ __('make.little.dose') }}</button>
    @if ($little['sum'] !== '')
        <button class="button hob-go" name="do" value="enough">{{ __('make.little.enough') }}</button>
    @endif
@endpush
