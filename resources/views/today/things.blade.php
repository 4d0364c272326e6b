<ul class="things">
    @foreach ($things as $thing)
        <li class="thing thing-{{ $thing->kind }}">
            <a href="{{ $thing->href }}">
                <x-vessel :section="$thing->vessel" :class="'thing-vessel' . ($thing->leans ? ' leans' : '')" />
                <span class="thing-words">
                    <b class="thing-name">{{ $thing->name }}</b>
                    <span
                        class="thing-state @if ($thing->isUrgent) is-urgent @endif">{{ $thing->state }}</span>
                    <span class="thing-detail">{{ $thing->detail }}</span>
                    @if ($thing->life !== null)
                        <x-life :left="$thing->life" />
                    @endif
                    @if ($thing->code !== '')
                        <span class="thing-detail code">{{ $thing->code }}</span>
                    @endif
                    @if ($thing->kind === 'making')
                        <span class="button">{{ __('ui.shelf.continue') }}</span>
                    @endif
                </span>
            </a>
        </li>
    @endforeach
</ul>
