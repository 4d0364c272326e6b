{{-- Things side by side on a plank, to one scale; what there is to say stands on the plank's edge. --}}
<ul class="plank">
    @foreach ($things as $thing)
        <li class="plank-thing plank-{{ $thing->kind }}">
            <a href="{{ $thing->href }}">
                <span class="plank-stands"><x-vessel :section="$thing->vessel" :class="$thing->leans ? 'leans' : ''" />
                    @if ($thing->celsius !== null)
                        <x-tube :reading="$thing->celsius" />
                    @endif
                </span>
                <span class="plank-edge">
                    <b class="plank-name">{{ $thing->name }}</b>
                    <span
                        class="plank-state @if ($thing->isUrgent) is-urgent @endif">{{ $thing->state }}</span>
                    @if ($thing->life !== null)
                        <x-life :left="$thing->life" />
                    @endif
                </span>
            </a>
        </li>
    @endforeach
</ul>
