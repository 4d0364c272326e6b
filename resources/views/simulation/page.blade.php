@php($plot = $page->timeline->plot)
<x-page :title="__('simulation.title', ['name' => $page->formula->name])" body="on-rehearsal">
    <header class="design-head"><a class="back" href="{{ route('bench', $page->formula) }}">←
            {{ __('ui.acidity.back') }}</a>
        <h1>{{ __('simulation.heading') }} <small class="name">{{ $page->formula->name }}</small></h1>
        <p class="rehearsal-to"><a href="{{ route('set-out', $page->formula) }}">{{ __('simulation.set_out') }}</a></p>
    </header>
    @if ($page->isEmpty)
        <p>{{ __('simulation.nothing') }}</p>
    @else
        <dl class="rehearsal-totals">
            <div>
                <dt>{{ __('simulation.total') }}</dt>
                <dd>{{ $page->totals['minutes'] }}</dd>
            </div>
            <div>
                <dt>{{ __('simulation.hands') }}</dt>
                <dd>{{ $page->totals['hands'] }}</dd>
            </div>
            @foreach (['gate', 'firm', 'water'] as $total)
                @if ($page->totals[$total] !== '')
                    <div>
                        <dt>{{ __("simulation.$total") }}</dt>
                        <dd>{{ $page->totals[$total] }}</dd>
                    </div>
                @endif
            @endforeach
        </dl>
        <section class="scrub" x-data="scrub" data-samples="{{ $page->samples }}"
            data-minutes="{{ $page->timeline->minutes }}" data-left="{{ $plot->left }}"
            data-wide="{{ $plot->end() - $plot->left }}" data-solid="{{ __('simulation.solid') }}">
            <div class="scrub-chart">
                <div class="timeline-frame" tabindex="0" role="group" aria-label="{{ __('simulation.heading') }}">
                    <x-heat-chart :timeline="$page->timeline" :label="__('simulation.heading') .
                        ': ' .
                        $page->totals['minutes'] .
                        ' ' .
                        __('simulation.total')">
                        @foreach ($page->timeline->marks as $mark)
                            <g class="event-mark" data-minute="{{ $page->events[$mark['number'] - 1]['minute'] }}">
                                <path
                                    d="M{{ $mark['at'] }} {{ $mark['dotY'] }}L{{ $mark['x'] }} {{ $mark['y'] + 8 }}" />
                                <circle cx="{{ $mark['at'] }}" cy="{{ $mark['dotY'] }}" r="3.5" /><text
                                    x="{{ $mark['x'] }}" y="{{ $mark['y'] + 4 }}">{{ $mark['number'] }}</text>
                            </g>
                        @endforeach
                        @foreach ($page->timeline->blocks as $block)
                            <g
                                class="step-block @if ($page->steps[$block['step'] - 1]['notes'] !== [])
                                has-{{ $page->steps[$block['step'] - 1]['notes'][0]['severity'] }} @endif">
                                <rect x="{{ $block['x'] }}" y="{{ $plot->floor() + 28 }}"
                                    width="{{ $block['wide'] }}" height="24" />
                                @if ($block['hasRoom'])
                                    <text x="{{ $block['x'] + 6 }}"
                                        y="{{ $plot->floor() + 45 }}">
                                        {{ $page->steps[$block['step'] - 1]['what'] }}</text>
                                @endif
                            </g>
                        @endforeach
                        <path class="scrub-line" d="M0 {{ $plot->top - 6 }}V{{ $plot->floor() + 56 }}"
                            transform="translate({{ $plot->left }} 0)" />
                    </x-heat-chart></div>
                <input class="scrub-range" type="range" min="0" max="{{ ceil($page->timeline->minutes) }}"
                    step="0.5" value="0" aria-label="{{ __('simulation.scrub') }}">
            </div>
            <div class="scrub-now">
                <p class="scrub-minute">{{ __('simulation.at') }} <b>0</b></p>
                <div class="pots">
                    @foreach ($page->pots as $which => $pot)
                        <figure class="pot pot-{{ $which }}" data-pot="{{ $which }}"
                            @if ($which === 'mix') hidden @endif>
                            <div class="pot-drawing"><x-vessel :section="$pot['vessel']" />
                                @if ($which === 'oil')
                                    <svg class="lumps" viewBox="0 0 100 40" aria-hidden="true">
                                        <path
                                            d="M8 30l9-9 10 4-3 9-10 2zM30 34l4-11 12-1 5 8-8 6zM54 26l8-9 11 5 1 9-12
                                            4zM78 35l3-12 11 2 3 8-8 5zM44 14l7-5 8 4-4 7-9 0z" />
                                    </svg>
                                @endif
                            </div>
                            <figcaption><span
                                    class="pot-name heat-word-{{ $which }}">{{ __("simulation.curves.$which") }}</span>
                                <b class="pot-celsius" data-celsius></b><small
                                    data-solid-words></small><small>{{ $pot['name'] }}</small></figcaption>
                        </figure>
                    @endforeach
                </div>
            </div>
            <div class="scrub-events">
                <h2>{{ __('simulation.legend') }}</h2>
                <ol>
                    @foreach ($page->events as $event)
                        <li data-minute="{{ $event['minute'] }}"><span
                                class="event-number">{{ $event['number'] }}</span><b>{{ $event['at'] }}</b>
                            {{ $event['words'] }}</li>
                    @endforeach
                </ol>
            </div>
            <div class="beside" id="beside">
                <h2>{{ __('simulation.beside') }}</h2>
                @if ($page->beside !== '')
                    <div class="beside-said">
                        <p><b>{{ __('simulation.beside_is',
                            ['school' => __('simulation.schools.' . $page->beside . '.0')]) }}</b>
                            <a
                                href="{{ route('simulation',
                                $page->formula) }}#beside">{{ __('simulation.beside_none') }}</a>
                        </p>
                        <ul>
                            @foreach ($page->compared as $said)
                                <li>{{ $said }}</li>
                            @endforeach
                        </ul>
                    </div>
                @endif
                <ul class="ways">
                    @foreach ($page->schools as $school)
                        <li><a href="{{ route('simulation', [$page->formula, 'beside' => $school]) }}#beside"
                                @if ($page->beside === $school) aria-current="true"
                                    @endif>{{ __("simulation.schools.$school.0") }}</a>
                            <small>{{ __("simulation.schools.$school.1") }}</small></li>
                    @endforeach
                </ul>
                <p class="quiet">{{ __('simulation.basis') }}</p>
            </div>
        </section>
        @include('simulation.plan')
    @endif
</x-page>
