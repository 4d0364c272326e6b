@props(['ranges', 'title'])
<figure class="ranges">
    <figcaption>{{ $title }}</figcaption>
    <svg class="plot" viewBox="0 0 {{ $ranges->width }} {{ $ranges->height }}" role="img"
        aria-label="{{ $title }}: {{ $ranges->said() }}">
        @foreach ($ranges->ticks as $tick)
            <path class="plot-grid" d="M{{ $tick['x'] }} 0V{{ $ranges->height - 22 }}" />
            <text class="plot-tick" x="{{ $tick['x'] }}"
                y="{{ $ranges->height - 6 }}">{{ $tick['label'] }}{{ $loop->last ? ' ' . $ranges->unit : '' }}</text>
        @endforeach
        @foreach ($ranges->rows as $row)
            <g @class(['range', 'is-this' => $row['isThis']])>
                <text class="range-name" x="0" y="{{ $row['y'] + 17 }}">{{ Str::limit($row['label'], 30) }}</text>
                <rect x="{{ $row['x'] }}" y="{{ $row['y'] + 5 }}" width="{{ $row['wide'] }}" height="16" />
                @if ($row['dot'] !== null)
                    <circle cx="{{ $row['dot'] }}" cy="{{ $row['y'] + 13 }}" r="5" />
                @endif
            </g>
        @endforeach
    </svg>
</figure>
