@if ($page->first !== null)
    <fieldset class="hob-first">
        <legend>{{ __('make.first.title') }}</legend>
        <p>{{ __('make.first.why') }}</p>
        <label><span class="label">{{ __('make.first.scale') }}</span>
            <select name="scale" @invalid('scale')>
                <option value="">{{ __('make.first.not_known') }}</option>
                @foreach (['1', '0.1', '0.01'] as $grams)
                    <option value="{{ $grams }}" @selected(old('scale', $page->first['scale']) === $grams)>
                        {{ $grams }} g</option>
                @endforeach
            </select></label>
        <label><span class="label">{{ __('make.first.thermometer') }}</span>
            <select name="thermometer">
                @foreach (['' => 'not_known', 'yes' => 'yes', 'no' => 'no'] as $is => $word)
                    <option value="{{ $is }}" @selected(old('thermometer', $page->first['thermometer']) === $is)>
                        {{ __("make.first.$word") }}</option>
                @endforeach
            </select></label>
        <label><span class="label">{{ __('make.first.altitude_m') }}</span>
            <input name="altitude_m" inputmode="numeric" maxlength="6"
                value="{{ old('altitude_m', $page->first['altitude_m']) }}" @invalid('altitude_m')></label>
        <x-problem for="altitude_m" />
    </fieldset>
@endif
