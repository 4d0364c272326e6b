@props(['section', 'label' => '', 'leaders' => false])
<svg {{ $attributes->merge(['class' => 'vessel']) }}
    viewBox="0 0 {{ round($section->width, 1) }} {{ round($section->height, 1) }}" width="{{ round($section->width) }}"
    height="{{ round($section->height) }}"
    @if ($label === '') aria-hidden="true" @else role="img" aria-label="{{ $label }}" @endif>
    @foreach ($section->bands as $band)
        <g class="stratum mat-{{ $band['material'] }}" data-band="{{ $band['key'] }}"
            @if ($leaders) data-high="{{ round($band['bottom'] - $band['top'], 2) }}" @endif>
            <path class="stratum-fill" d="{{ $band['shape'] }}" />
            @if ($band['depth'] > 0)
                <path class="stratum-depth" d="{{ $band['shape'] }}"
                    fill-opacity="{{ round(0.55 * min(1, $band['depth']), 3) }}" />
            @endif
            @if ($band['hatch'] !== '')
                <path class="stratum-hatch" d="{{ $band['hatch'] }}" />
            @endif
        </g>
    @endforeach
    <path class="vessel-wall" d="{{ $section->wall }}" />
    <path class="vessel-inside" d="{{ $section->outline }}" />
    @if ($section->ghost !== '')
        <path class="vessel-ghost" d="{{ $section->ghost }}" />
    @endif
    @if ($section->paper !== '')
        <path class="vessel-paper" d="{{ $section->paper }}" />
    @endif
    @if ($section->lid !== '')
        <path class="vessel-lid" d="{{ $section->lid }}" />
    @endif
    @if ($leaders)
        @foreach ($section->leaders as $leader)
            <g class="leader" data-band="{{ $leader['key'] }}">
                <path d="{{ $leader['path'] }}" />
                <text x="{{ round($leader['x'], 1) }}" y="{{ round($leader['y'] + 3.6, 1) }}">
                    <tspan class="leader-figure">{{ $leader['figure'] }}</tspan>
                    {{ \Illuminate\Support\Str::limit($leader['label'], 20) }}
                </text>
            </g>
        @endforeach
    @endif
</svg>
