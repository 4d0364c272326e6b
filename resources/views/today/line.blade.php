@if ($line->things !== [])
    <ul>
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
