@props([
    'name',
    'label',
    'value' => '',
    'hint' => null,
    'problem' => null,
    'wide' => false,
    'options' => null,
    'area' => false,
])
@php
    // A field inside brackets is validated by its dotted name.
    $dotted = trim(str_replace(['[', ']'], ['.', ''], $name), '.');
    $id = 'field-' . str_replace('.', '-', $dotted);
    $message = $problem ?? $errors->first($dotted);
    $describedBy = trim(($hint === null ? '' : "$id-hint ") . ($message === '' ? '' : "$id-problem"));
    $shown = old($dotted, $value);
    $common = $attributes->merge([
        'id' => $id,
        'name' => $name,
        'aria-invalid' => $message === '' ? null : 'true',
        'aria-describedby' => $describedBy === '' ? null : $describedBy,
    ]);
@endphp
<div @class(['field', 'field-wide' => $wide])>
    <label class="label" for="{{ $id }}">{{ $label }}</label>
    @if ($options !== null)
        <select {{ $common }}>
            @foreach ($options as $option => $word)
                <option value="{{ $option }}" @selected((string) $shown === (string) $option)>{{ $word }}</option>
            @endforeach
        </select>
    @elseif ($area)
        <textarea {{ $common }}>{{ $shown }}</textarea>
    @else
        <input {{ $common }} value="{{ $shown }}">
    @endif
    @if ($hint !== null)
        <p class="quiet field-hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
    @if ($message !== '')
        <p class="problem" id="{{ $id }}-problem" role="alert">{{ $message }}</p>
    @endif
</div>
