@props(['countdown'])
@inject('wording', 'App\Ground\Wording')
<svg class="plot countdown" viewBox="0 0 {{ $countdown::WIDTH }} {{ $countdown->height }}" role="img"
    aria-label="{{ __('projects.drawn') }}">
    @foreach ($countdown->ticks as $tick)
        <path class="plot-grid" d="M{{ $tick['x'] }} 14V{{ $countdown->height - 22 }}" />
        <text class="plot-tick" x="{{ $tick['x'] }}"
            y="{{ $countdown->height - 6 }}">
            {{ $tick['hours'] === 0.0 ? __('projects.making') : $wording->duration($tick['hours'] / 24) }}</text>
    @endforeach
    @foreach ($countdown->bars as $bar)
        <g class="mat-{{ $bar['material'] }} @if ($bar['isDone']) is-done @endif">
            <rect class="countdown-bar" x="{{ $bar['x'] }}" y="{{ $bar['y'] + 16 }}" width="{{ $bar['wide'] }}"
                height="14" />
            @if ($bar['waits'] > 0)
                <path class="countdown-waits"
                    d="M{{ $bar['x'] + $bar['wide'] }} {{ $bar['y'] + 23 }}h{{ $bar['waits'] }}" />
            @endif
            <text class="countdown-name" x="{{ min($bar['x'], 560) }}"
                y="{{ $bar['y'] + 11 }}">{{ $bar['label'] }}</text>
        </g>
    @endforeach
    @if ($countdown->now !== null)
        <path class="countdown-now" d="M{{ $countdown->now }} 8V{{ $countdown->height - 22 }}" />
        <text class="plot-tick countdown-now-word" x="{{ $countdown->now }}" y="8">{{ __('projects.now') }}</text>
    @endif
</svg>
