@if ($line->things !== [])
    <ul @if ($line->isMaking()) data-making @endif>
        @foreach ($clocks as $clock)
            <li class="line-thing line-clock"><a href="{{ route('make.step', [$clock['code'], $clock['step']]) }}"
                    title="{{ $clock['name'] }}"><span class="line-words"><span
                            class="line-name">{{ $clock['name'] }}</span> <b data-ends="{{ $clock['ends'] }}"
                            data-name="{{ $clock['name'] }}"
                            data-over="{{ __('make.timer_over') }}"></b></span></a></li>
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
