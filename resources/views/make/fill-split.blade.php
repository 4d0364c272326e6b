{{-- Containers told apart at filling, chosen by their drawing: each with its place, date and label. --}}
<details class="worked fill-split" @if (is_array(old('split'))) open @endif>
    <summary>{{ __('make.split.ask') }}</summary>
    <p class="hob-note">{{ __('make.split.how') }}</p>
    @for ($i = 0; $i < \App\Make\StepRequest::MOST_CONTAINERS; $i++)
        <fieldset class="fill-row">
            <legend class="unseen">{{ __('shelf.split.kind_of', ['n' => $i + 1]) }}</legend>
            <div class="fill-kinds">
                @foreach ($page->detail['kinds'] as $kind => $section)
                    <label class="look-choice"><input type="radio" name="split[{{ $i }}][what]"
                            value="{{ $kind }}" @checked(old("split.$i.what", 'jar') === $kind)>
                        <x-vessel :section="$section" />
                        <span>{{ __("shelf.split.kinds.$kind") }}</span></label>
                @endforeach
            </div>
            <label class="big-field"><span class="label">{{ __('shelf.split.count') }}</span><input
                    name="split[{{ $i }}][count]" inputmode="numeric" maxlength="4"
                    value="{{ old("split.$i.count") }}"></label>
            <label class="big-field"><span class="label">{{ __('shelf.split.grams') }}</span><input
                    name="split[{{ $i }}][grams]" inputmode="decimal" maxlength="9"
                    value="{{ old("split.$i.grams") }}"></label>
            <label class="big-field"><span class="label">{{ __('shelf.split.storage') }}</span><select
                    name="split[{{ $i }}][storage]">
                    @foreach (\App\Make\Container::PLACES as $place)
                        <option value="{{ $place }}" @selected(old("split.$i.storage") === $place)>
                            {{ __("shelf.split.places.$place") }}</option>
                    @endforeach
                </select></label>
        </fieldset>
    @endfor
    <x-problem for="split" />
</details>
