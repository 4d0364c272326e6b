@props(['reading' => null, 'mark' => null, 'falling' => false])
@php($tube = \App\Drawing\Tube::draw($reading, $mark))
<svg class="tube" viewBox="0 0 64 190" width="64" height="190" aria-hidden="true">
    <path class="tube-glass" d="{{ $tube->glass }}" />
    @if ($reading !== null)
        <path class="tube-mercury" d="{{ $tube->mercury }}" />
    @endif
    <path class="tube-ticks" d="{{ $tube->ticks }}" />
    @if ($mark !== null)
        <path class="tube-mark" d="{{ $tube->markPath }}" /><text x="42"
            y="{{ $tube->markY + 4 }}">{{ round($mark) }}</text>
    @endif
</svg>
