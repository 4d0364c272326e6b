@props(['chart', 'title'])
<figure class="strength">
    <svg {{ $attributes->merge(['class' => 'plot']) }}
        viewBox="0 0 {{ $chart->plot->width }} {{ $chart->plot->height }}"
        role="img" aria-label="{{ $title }}. {{ $chart->said }}">
        @if ($chart->window !== null)
            <rect class="plot-window" x="{{ $chart->window['x'] }}" y="{{ $chart->plot->top }}"
            width="{{ $chart->window['wide'] }}" height="{{ $chart->plot->floor() - $chart->plot->top }}" />
        @endif
        @foreach ($chart->levels as $level)
            <path class="plot-grid" d="M{{ $chart->plot->left }} {{ $level['y'] }}H{{ $chart->plot->end() }}" />
            <text class="plot-level" x="{{ $chart->plot->left - 6 }}"
                y="{{ $level['y'] + 4 }}">{{ $level['label'] }}</text>
        @endforeach
        @if ($chart->limit !== null)
            <path class="plot-limit"
                d="M{{ $chart->plot->left }} {{ $chart->limit['y'] }}H{{ $chart->plot->end() }}" />
            <text class="plot-limit-word" x="{{ $chart->plot->left + 6 }}"
                y="{{ $chart->limit['y'] - 5 }}">{{ $chart->limit['label'] }}</text>
        @endif
        @if ($chart->own !== null)
            <path class="plot-own" d="M{{ $chart->plot->left }} {{ $chart->own['y'] }}H{{ $chart->plot->end() }}" />
            <text class="plot-own-word" x="{{ $chart->plot->end() - 6 }}"
                y="{{ $chart->own['y'] - 5 }}">{{ $chart->own['label'] }}</text>
        @endif
        <path class="school-band" d="{{ $chart->band }}" />
        <path class="plot-axis" d="M{{ $chart->plot->left }} {{ $chart->plot->floor() }}H{{ $chart->plot->end() }}" />
        @foreach ($chart->ticks as $tick)
            <path class="plot-axis" d="M{{ $tick['x'] }} {{ $chart->plot->floor() }}v5" />
            <text class="plot-tick" x="{{ $tick['x'] }}"
                y="{{ $chart->plot->floor() + 19 }}">{{ $tick['label'] }}</text>
        @endforeach
        @foreach ($chart->series as $series)
            <g class="school school-{{ $series['key'] }} @if ($series['chosen']) is-chosen @endif">
                @if ($series['lost'] !== '')
                    <path class="school-lost" d="{{ $series['lost'] }}" />
                    <path class="school-kept" d="{{ $series['kept'] }}" />
                @endif
                <path class="school-line" d="{{ $series['line'] }}" />
                @if ($series['ready'] !== null)
                    <circle class="school-ready" cx="{{ $series['ready'][0] }}" cy="{{ $series['ready'][1] }}"
                        r="4.5" />
                @endif
                <circle class="school-end" cx="{{ $series['end'][0] }}" cy="{{ $series['end'][1] }}"
                    r="{{ $series['label'] === '' && !$series['chosen'] ? 0 : 3 }}" />
                @if ($series['label'] !== '')
                    <text class="school-name" x="{{ $series['name'][0] }}"
                        y="{{ $series['name'][1] }}">{{ $series['label'] }}</text>
                @endif
            </g>
        @endforeach
        @foreach ($chart->marks as $mark)
            @if ($mark['kind'] === 'shake')
                <path class="plot-shake" d="M{{ $mark['x'] }} {{ $chart->plot->floor() }}l-4 -7l8 -4l-4 -7" />
            @else<g class="plot-event">
                    <path d="M{{ $mark['x'] }} {{ $chart->plot->top }}V{{ $chart->plot->floor() }}" /><text
                        x="{{ $mark['x'] - 4 }}" y="{{ $chart->plot->top + 9 }}">{{ $mark['label'] }}</text>
                </g>
            @endif
        @endforeach
        @if ($chart->today !== null)
            <path class="plot-today"
                d="M{{ $chart->today }} {{ $chart->plot->top - 12 }}V{{ $chart->plot->floor() }}" /><text
                class="plot-today-word" x="{{ $chart->today + 4 }}"
                y="{{ $chart->plot->top - 4 }}">{{ __('infusions.today') }}</text>
        @endif
    </svg>
    <figcaption class="strength-key"><span class="key-ready">{{ __('infusions.chart_ready') }}</span> <span
            class="key-lost">{{ __('infusions.chart_lost') }}</span> <span
            class="key-band">{{ __('infusions.chart_band') }}</span> {{ $slot }}</figcaption>
</figure>
