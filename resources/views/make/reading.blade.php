<div class="reading" x-data="reading" data-field="{{ $reading->field }}" data-by="{{ $reading->by }}"
    data-digits="{{ $reading->digits() }}" data-way="{{ $reading->way }}"
    @if ($reading->goal !== null) data-goal="{{ $reading->goal }}" @endif
    data-stands="{{ $reading->stands }}" data-low="{{ $reading->level->low }}" data-high="{{ $reading->level->high }}"
    data-short="{{ __("make.left_to.$reading->way", ['unit' => $reading->unit]) }}"
    data-past="{{ __("make.past.$reading->way", ['unit' => $reading->unit]) }}">
    <label><span class="label">{{ $reading->label }}</span>
        <span class="reading-figure"><input name="{{ $reading->field }}" inputmode="decimal" autocomplete="off"
                placeholder=" " value="{{ $reading->value }}" @invalid($reading->field)>
            <span class="reading-unit">{{ $reading->unit }}</span></span></label>
    <p class="reading-left" aria-live="polite"></p>
    <div class="reading-hands" hidden>
        <button type="button" data-turn="-1" aria-label="{{ __('make.less') }}">−</button>
        <input type="range" aria-label="{{ $reading->label }}" min="{{ $reading->level->low }}"
            max="{{ $reading->level->high }}" step="{{ $reading->by }}">
        <button type="button" data-turn="1" aria-label="{{ __('make.more') }}">+</button>
    </div>
    <x-problem :for="$reading->field" />
</div>
