@props(['left'])
{{-- Of the life it had, what is left: 0 to 1. --}}
<svg {{ $attributes->merge(['class' => 'life']) }} viewBox="0 0 150 9" width="150" height="9" aria-hidden="true">
    <path class="life-whole" d="M.5 .5h149v8h-149z" />
    <path class="life-left" d="M1 1h{{ round(148 * $left, 1) }}v7h-{{ round(148 * $left, 1) }}z" />
</svg>
