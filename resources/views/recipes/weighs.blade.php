@php($typed = $page->typedWeight($row['chosen'], $row['one']))
<label class="weighs">{{ __('recipes.one_weighs', ['piece' => __('words.piece.' . $row['one'])]) }}
    <input name="weighs[{{ $row['chosen'] }}][{{ $row['one'] }}]" inputmode="decimal" maxlength="20"
        value="{{ $typed }}"> g</label>
@if ($typed !== '')
    <small class="problem" role="alert">{{ __('recipes.weighs_problem') }}</small>
@endif
