@if ($page->trace !== null)
    @php($plot = $page->trace->plot)
    <svg class="plot trace" viewBox="0 0 {{ $plot->width }} {{ $plot->height }}" role="img"
        aria-label="{{ __('make.trace') }}" data-left="{{ $plot->left }}" data-wide="{{ $plot->end() - $plot->left }}"
        data-top="{{ $plot->top }}" data-floor="{{ $plot->floor() }}" data-minutes="{{ $page->trace->minutes }}">
        @foreach ([0, 20, 40, 60, 80] as $celsius)
            <path class="plot-grid" d="M{{ $plot->left }} {{ $plot->y($celsius) }}H{{ $plot->end() }}" /><text
                class="plot-level" x="{{ $plot->left - 5 }}"
                y="{{ $plot->y($celsius) + 4 }}">{{ $celsius }}</text>
        @endforeach
        @if ($page->trace->goalY !== null)
            <path class="gate-line" d="M{{ $plot->left }} {{ $page->trace->goalY }}H{{ $plot->end() }}" />
        @endif
        <path class="plot-axis" d="M{{ $plot->left }} {{ $plot->floor() }}H{{ $plot->end() }}" />
        @foreach ($page->trace->curves as $curve)
            <path class="heat-line heat-other heat-{{ $curve['kind'] }}" d="{{ $curve['line'] }}" />
        @endforeach
        @foreach (array_keys($page->live) as $field)
            <path class="heat-line heat-{{ $field }} trace-live" data-trace="{{ $field }}" d="" />
        @endforeach
        <text class="plot-tick" x="{{ $plot->end() - 14 }}"
            y="{{ $plot->floor() + 17 }}">{{ round($page->trace->minutes) }} min</text>
    </svg>
    <p class="quiet">{{ __('make.trace_means') }}</p>
@endif
