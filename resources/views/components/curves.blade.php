@props(['curves', 'title', 'windowWord' => '', 'bandWords' => []])
@php $plot = $curves->plot; @endphp
<svg {{ $attributes->merge(['class' => 'plot curves']) }} viewBox="0 0 {{ $plot->width }} {{ $plot->height }}"
    role="img" aria-label="{{ $title }}">
    @if ($curves->spread !== '')
        <path class="curve-spread" d="{{ $curves->spread }}" />
    @endif
    @foreach ($curves->bands as $band)
        <rect class="curve-band" x="{{ $plot->left }}" y="{{ $band['y'] }}" width="{{ $plot->end() - $plot->left }}"
            height="{{ $band['tall'] }}" />
        @if ($band['tall'] > 11)
            <text class="curve-band-word" x="{{ $plot->left + 6 }}"
                y="{{ $band['y'] + $band['tall'] / 2 + 4 }}">{{ $bandWords[$band['label']] ?? '' }}</text>
        @endif
    @endforeach
    @if ($curves->window !== null)
        <rect class="curve-window" x="{{ $curves->window['x'] }}" y="{{ $plot->top }}"
            width="{{ $curves->window['wide'] }}" height="{{ $plot->floor() - $plot->top }}" />
        <text class="curve-window-word" x="{{ $curves->window['x'] }}"
            y="{{ $plot->top - 8 }}">{{ $windowWord }}</text>
    @endif
    @foreach ($curves->levels as $level)
        <path class="plot-grid" d="M{{ $plot->left }} {{ $level['y'] }}H{{ $plot->end() }}" />
        <text class="plot-level" x="{{ $plot->left - 6 }}"
            y="{{ $level['y'] + 4 }}">{{ $level['label'] }}
            {{ $loop->last && mb_strlen($curves->ofY) <= 2 ? $curves->ofY : '' }}</text>
    @endforeach
    @if (mb_strlen($curves->ofY) > 2)
        <text class="curve-of" x="{{ $plot->left }}" y="{{ $plot->top - 8 }}">{{ $curves->ofY }}</text>
    @endif
    <path class="plot-axis" d="M{{ $plot->left }} {{ $plot->floor() }}H{{ $plot->end() }}" />
    @foreach ($curves->ticks as $tick)
        <path class="plot-axis" d="M{{ $tick['x'] }} {{ $plot->floor() }}v5" />
        <text class="plot-tick" x="{{ $tick['x'] }}"
            y="{{ $plot->floor() + 18 }}">{{ implode(' ', array_filter([
                $loop->first && $curves->unit === 'pH' ? 'pH' : '',
                $tick['label'],
                $loop->last && $curves->unit !== 'pH' ? $curves->unit : '',
            ], static fn (string $word): bool => $word !== '')) }}</text>
    @endforeach
    @foreach ($curves->series as $i => $series)
        <path class="curve curve-{{ $i }}" d="{{ $series['line'] }}" />
    @endforeach
    @foreach ($curves->series as $series)
        @if ($series['label'] !== '')
            <text class="curve-name" x="{{ $series['x'] }}" y="{{ $series['y'] }}">{{ $series['label'] }}</text>
        @endif
    @endforeach
    @if ($curves->here !== null)
        <path class="curve-here" d="M{{ $curves->here['x'] }} {{ $plot->top - 4 }}V{{ $plot->floor() }}" />
        @foreach ($curves->here['dots'] as $dot)
            <circle class="curve-dot" cx="{{ $curves->here['x'] }}" cy="{{ $dot['y'] }}" r="4.5" />
        @endforeach
        <text class="curve-here-word" x="{{ $curves->here['x'] + 8 }}"
            y="{{ $plot->top + ($curves->bands === [] ? 4 : 16) }}">{{ $curves->saysHere() }}</text>
    @endif
</svg>
