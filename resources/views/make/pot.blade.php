@include('make.reading', ['reading' => $page->readings[0]])
<p class="hob-state @if ($page->detail['isDone']) is-ready @endif" role="status">{{ $page->detail['said'] }}</p>
@if ($page->detail['readings'] !== [])
    <p class="hob-readings"><span class="label">{{ __('make.written') }}</span>
        {{ implode(' · ', $page->detail['readings']) }}</p>
@endif
<p class="hob-note">{{ __('infusions.pot.basis') }}</p>
@if ($page->detail['clock'] !== '')
    @include('make.clock')
@endif
@push('go')
    @if ($page->detail['isDone'])
        <button class="button button-quiet hob-go" name="do" value="note">{{ __('infusions.pot.do') }}</button>
        <button class="button hob-go" name="do" value="on">{{ __('make.done') }}</button>
    @else
        <button class="button button-quiet hob-go" name="do"
            value="on">{{ __('make.pot_anyway', ['days' => $page->detail['days']]) }}</button>
        <button class="button hob-go" name="do" value="note">{{ __('infusions.pot.do') }}</button>
    @endif
@endpush
