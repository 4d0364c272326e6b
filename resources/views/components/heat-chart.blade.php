@props(['timeline', 'soFar' => null, 'label' => ''])
@php($plot = $timeline->plot)
{{-- Temperatures over the minutes: axes, gate and a line a potful. What is put on it besides goes into the slot. --}}
<svg {{ $attributes->merge(['class' => 'plot timeline']) }} viewBox="0 0 {{ $plot->width }} {{ $plot->height }}"
    role="img" aria-label="{{ $label }}">
    @foreach ($timeline->levels as $level)
        <path class="plot-grid" d="M{{ $plot->left }} {{ $level['y'] }}H{{ $plot->end() }}" /><text
            class="plot-level" x="{{ $plot->left - 6 }}"
            y="{{ $level['y'] + 4 }}">{{ $level['label'] }}
            {{ $loop->last ? __('simulation.temperature') : '' }}</text>
    @endforeach
    @if ($timeline->gateY !== null)
        <path class="gate-line" d="M{{ $plot->left }} {{ $timeline->gateY }}H{{ $plot->end() }}" /><text
            class="gate-word" x="{{ $plot->end() - 4 }}"
            y="{{ $timeline->gateY - 6 }}">{{ __('simulation.gate_line') }}</text>
    @endif
    @foreach ($timeline->others as $curve)
        <path class="heat-line heat-other heat-{{ $curve['kind'] }}" d="{{ $curve['line'] }}" />
    @endforeach
    @foreach ($timeline->curves as $curve)
        <path class="heat-line heat-{{ $curve['kind'] }}" d="{{ $curve['line'] }}" />
    @endforeach
    <path class="plot-axis" d="M{{ $plot->left }} {{ $plot->floor() }}H{{ $plot->end() }}" />
    @foreach ($timeline->ticks as $tick)
        <path class="plot-axis" d="M{{ $tick['x'] }} {{ $plot->floor() }}v5" /><text class="plot-tick"
            x="{{ $tick['x'] }}"
            y="{{ $plot->floor() + 18 }}">{{ $tick['label'] }}
            {{ $loop->last ? __('simulation.unit') : '' }}</text>
    @endforeach
    @if ($soFar !== null)
        <path class="so-far" d="M{{ round($plot->x($soFar), 1) }} {{ $plot->top }}V{{ $plot->floor() }}" /><text
            class="so-far-word" x="{{ $plot->left }}" y="{{ $plot->top - 10 }}">{{ __('practice.so_far') }}</text>
    @endif
    {{ $slot }}
</svg>
