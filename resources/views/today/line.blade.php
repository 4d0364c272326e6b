@if ($line->things !== [])
    <ul @if ($line->isMaking()) data-making @endif>
        @foreach ($clocks as $clock)
            <li class="line-thing line-clock"><a class="hob-clock"
                    href="{{ route('make.step', [$clock['code'], $clock['step']]) }}" data-ends="{{ $clock['ends'] }}"
                    data-name="{{ $clock['name'] }}" data-brief="1" data-over="{{ __('make.timer_over') }}"></a></li>
        @endforeach
        @foreach ($line->things as $thing)
            <li class="line-thing"><a href="{{ $thing->href }}" title="{{ $thing->name }}: {{ $thing->state }}">
                    <x-vessel :section="$thing->vessel" :class="$thing->leans ? 'leans' : ''" />
                    @if ($thing->celsius !== null)
                        <x-tube :reading="$thing->celsius" />
                    @endif
                    <span class="line-words"><span class="line-name">{{ $thing->name }}</span> <b
                            class="@if ($thing->isUrgent && $thing->kind !== 'making') is-urgent
                            @endif">{{ $thing->brief }}</b></span>
                </a></li>
        @endforeach
        @if ($line->more > 0)
            <li class="line-thing line-more"><a
                    href="{{ route('today') }}">{{ __('today.line_more', ['count' => $line->more]) }}</a></li>
        @endif
    </ul>
@endif
