@props(['what', 'grade'])
@php($drawing = \App\Drawing\LookDrawing::of($what, $grade / (\App\Make\Looks::GRADES[$what] - 1)))
<svg class="look-drawing" viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" aria-hidden="true">
    <path class="look-hatch" d="{{ $drawing->hatch }}" />
    <path class="look-line" d="{{ $drawing->outline }}" />
</svg>
