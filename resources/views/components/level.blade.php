@props(['level', 'field', 'narrow' => false])
@php($id = 'level-' . $field)
<svg class="level mat-{{ $level->material }}"
    viewBox="{{ $narrow ? '14 0 52' : '0 0 ' . $level::WIDTH }} {{ $level::HEIGHT }}" aria-hidden="true"
    data-level="{{ $field }}" data-low="{{ $level->low }}" data-high="{{ $level->high }}"
    data-top="{{ $level::TOP }}" data-foot="{{ $level::FOOT }}">
    <pattern id="{{ $id }}-hatch" width="{{ $level::WIDTH }}" height="{{ $level->tile }}"
        patternUnits="userSpaceOnUse">
        <path class="level-hatch" d="{{ $level->hatch }}" />
    </pattern>
    <clipPath id="{{ $id }}">
        <rect class="level-clip" x="0" y="{{ $level->surface }}" width="{{ $level::WIDTH }}"
            height="{{ $level::HEIGHT }}" />
    </clipPath>
    <g clip-path="url(#{{ $id }})">
        <path class="level-fill" d="{{ $level->inside }}" />
        <rect width="{{ $level::WIDTH }}" height="{{ $level::FOOT }}" fill="url(#{{ $id }}-hatch)" />
    </g>
    <path class="level-ticks" d="{{ $level->ticks }}" />
    <path class="level-glass" d="{{ $level->outline }}" />
    @unless ($narrow)
        @foreach ($level->figures as $figure)
            <text class="level-figure" x="69" y="{{ $figure['y'] }}">{{ $figure['words'] }}</text>
        @endforeach
    @endunless
    @if ($level->goalY !== null)
        <path class="level-goal" d="M2 {{ $level->goalY }}H{{ $level::WIDTH - 2 }}" />
    @endif
</svg>
