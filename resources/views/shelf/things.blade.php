<ul class="things">
    @foreach ($things as $thing)
        <li class="thing thing-{{ $thing['kind'] }}">
            <a href="{{ $thing['href'] }}">
                <x-vessel :section="$thing['vessel']" :class="'thing-vessel'.($thing['leans'] ? ' leans' : '')"/>
                <span class="thing-words">
                    <b class="thing-name">{{ $thing['name'] }}</b>
                    <span class="thing-state @if ($thing['urgent']) is-urgent @endif">{{ $thing['state'] }}</span>
                    <span class="thing-detail">{{ $thing['detail'] }}</span>
                    @if (($thing['life'] ?? null) !== null)<svg class="life" viewBox="0 0 150 9" width="150" height="9" aria-hidden="true"><path class="life-whole" d="M.5 .5h149v8h-149z"/><path class="life-left" d="M1 1h{{ round(148 * $thing['life'], 1) }}v7h-{{ round(148 * $thing['life'], 1) }}z"/></svg>@endif
                    @if ($thing['code'] !== '')<span class="thing-detail code">{{ $thing['code'] }}</span>@endif
                    @if ($thing['kind'] === 'making')<span class="button">{{ __('ui.shelf.continue') }}</span>@endif
                </span>
            </a>
        </li>
    @endforeach
</ul>
