{{-- Where the preservative is, and how far what is free reaches for each group of microbes. --}}
<figure class="behind dose" id="dose">
    <figcaption>
        <h2>{{ __('ui.bench.dose_title') }}</h2>
        <p>{{ $dose->said }}</p>
    </figcaption>
    <svg class="plot dose-parts" viewBox="0 0 {{ $dose::WIDTH }} {{ $dose::TALL + 2 }}" role="img"
        aria-label="{{ __('ui.bench.dose_title') }}: {{ $dose->partsSaid() }}">
        @foreach ($dose->parts as $part)
            <g class="mat-{{ $part['material'] }}">
                <rect class="stratum-fill" x="{{ $part['x'] }}" y="1" width="{{ $part['wide'] }}"
                    height="{{ $dose::TALL }}" />
                <path class="stratum-hatch" d="{{ $part['hatch'] }}" />
            </g>
        @endforeach
        <rect class="dose-edge" x="0.75" y="1" width="{{ $dose::WIDTH - 1.5 }}" height="{{ $dose::TALL }}" />
    </svg>
    <dl class="dose-key">
        @foreach ($dose->parts as $part)
            <div>
                <dt><svg class="swatch mat-{{ $part['material'] }}" viewBox="0 0 26 18" width="26" height="18"
                        aria-hidden="true">
                        <path class="swatch-fill" d="M1 1h24v16h-24z" />
                        <path class="stratum-hatch"
                            d="{{ \App\Drawing\Hatch::path($part['material'],
                            static fn(float $y): float => 12.0, 13, 1, 17) }}" />
                    </svg>{{ $part['label'] }}</dt>
                <dd>{{ $part['percent'] }}</dd>
            </div>
        @endforeach
    </dl>
    <p class="label">{{ __('ui.bench.dose_reach') }}</p>
    <svg class="plot dose-reach" viewBox="0 0 {{ $dose::WIDTH }} {{ 26 * count($dose->groups) + 26 }}" role="img"
        aria-label="{{ __('ui.bench.dose_reach') }}: {{ $dose->reachSaid() }}">
        <rect class="dose-open" x="{{ $dose->open[0] }}" y="0" width="{{ $dose->open[1] - $dose->open[0] }}"
            height="{{ 26 * count($dose->groups) }}" />
        <path class="dose-enough" d="M{{ $dose->enough }} 0V{{ 26 * count($dose->groups) }}" />
        <text class="plot-tick" x="{{ $dose->enough }}" y="{{ 26 * count($dose->groups) + 16 }}"
            text-anchor="middle">{{ __('ui.bench.dose_enough') }}</text>
        @foreach ($dose->groups as $i => $group)
            <text class="dose-name" x="0" y="{{ 26 * $i + 17 }}">{{ $group['name'] }}</text>
            <path class="plot-grid" d="M{{ $dose->start() }} {{ 26 * $i + 13 }}H{{ $dose::WIDTH - 8 }}" />
            <path class="dose-band dose-{{ $group['covered'] }}"
                d="M{{ $group['low'] }} {{ 26 * $i + 13 }}H{{ $group['high'] }}" />
            <circle class="dose-dot dose-{{ $group['covered'] }}" cx="{{ $group['at'] }}" cy="{{ 26 * $i + 13 }}"
                r="5" />
        @endforeach
    </svg>
    <p class="quiet">{{ __('ui.bench.dose_basis') }}</p>
</figure>
