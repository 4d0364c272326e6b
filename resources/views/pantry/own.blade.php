<x-page :title="__('own_ingredients.title')" body="on-shelf">
    <p><a href="{{ route('pantry') }}">{{ __('pantry.title') }}</a></p>
    <h1>{{ __('own_ingredients.title') }}</h1>
    <p class="own-why">{{ __('own_ingredients.why') }}</p>
    @if ($page->all !== [])
        <table class="plain done-list">
            <tbody>
                @foreach ($page->all as $own)
                    <tr>
                        <th scope="row"><a
                                href="{{ route('own-ingredients', ['key' => $own['key']]) }}">{{ $own['name'] }}</a>
                        </th>
                        <td>{{ __($own['isOwn'] ? 'own_ingredients.is_own' : 'own_ingredients.is_correction') }}</td>
                        <td>{{ $own['source'] }}</td>
                        <td>
                            <form method="post" action="{{ route('own-ingredients.drop', $own['key']) }}">@csrf<button
                                    class="link">{{ __('own_ingredients.drop') }}</button></form>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <form method="post" action="{{ route('own-ingredients.keep') }}" class="own-form" id="own-form"
        data-search="{{ route('catalogue.search') }}?of=any&amp;q=" novalidate>@csrf
        @if ($page->key === '')
            <h2>{{ __('own_ingredients.new') }}</h2>
            <p>{{ __('own_ingredients.enough') }}</p>
        @else
            <h2>{{ __('own_ingredients.edit', ['name' => $page->name]) }}</h2>
            <input type="hidden" name="of" value="{{ $page->key }}">
        @endif
        @if ($page->key === '' || $page->isOwn)
            <div class="own-what">
                <x-field name="name" :label="__('own_ingredients.fields.name')"
                    :value="$page->fields['name'] ?? request()->string('named')->limit(80, '')->value()" maxlength="80"
                    wide />
                <x-field name="kind" :label="__('own_ingredients.fields.kind')" :value="$page->fields['kind'] ?? ''"
                    :options="['' => '', ...__('words.kind')]" />
                <x-field name="inci" :label="__('own_ingredients.fields.inci')" :value="$page->fields['inci'] ?? ''"
                    maxlength="160" wide />
            </div>
        @endif
        @if ($page->listed !== null)
            <x-field name="list" :label="__('own_ingredients.fields.list')" :value="$page->fields['list'] ?? ''"
                :hint="__('own_ingredients.list_hint')" maxlength="5000" rows="5" area wide />
            @if ($page->listed !== [])
                <ul class="own-listed">
                    @foreach ($page->listed as $said)
                        <li>{{ $said }}</li>
                    @endforeach
                </ul>
            @endif
        @endif
        @if ($page->isOwn)
            @if ($page->isAssumed)
                <p class="own-assumed">{{ __('own_ingredients.assumed') }}</p>
            @endif
            <input type="hidden" name="cautions_told" value="1"><input type="hidden" name="traits_told"
                value="1">
            @foreach (['cautions' => [array_keys(__('own_ingredients.cautions')), $page->cautions],
                'traits' => [$page->traits, $page->ticked], 'allergens' => [array_keys(__('words.allergen')),
                $page->fields['allergens'] ?? []]] as $list => [$values, $ticked])
                @if ($values !== [])
                    <fieldset class="ticks">
                        <legend class="label">{{ __("own_ingredients.fields.$list") }}</legend>
                        @foreach ($values as $value)
                            <label><input type="checkbox" name="{{ $list }}[]" value="{{ $value }}"
                                    @checked(in_array($value, (array) old($list, $ticked), true))>
                                {{ __($list === 'allergens'
                                    ? "words.allergen.$value"
                                    : "own_ingredients.$list.$value") }}</label>
                        @endforeach
                    </fieldset>
                @endif
            @endforeach
        @endif
        @if ($page->key !== '')
            @foreach (['figures', 'moreFigures'] as $group)
                @if ($group === 'moreFigures')
                    <details class="own-more">
                        <summary>{{ __('own_ingredients.more') }}</summary>
                @endif
                <div class="own-figures">
                    @foreach ($page->$group as $field)
                        <x-field :name="$field" :label="__('own_ingredients.fields.' . $field)"
                            :value="$page->told[$field] ?? ''"
                            :placeholder="isset($page->told[$field]) ? '' : $page->standIns[$field] ?? ''"
                            inputmode="decimal" maxlength="12" />
                    @endforeach
                    @if ($group === 'moreFigures' && $page->isOwn)
                        <x-field name="charge" :label="__('own_ingredients.fields.charge')"
                            :value="$page->fields['charge'] ?? ''"
                            :options="['' => '', ...__('own_ingredients.charges')]" />
                    @endif
                </div>
                @if ($group === 'moreFigures')
                    </details>
                @endif
            @endforeach
            <fieldset class="own-contents">
                <legend class="label">{{ __('own_ingredients.fields.contents') }}</legend>
                <p class="quiet">{{ __('own_ingredients.contents_hint') }}</p>
                <datalist id="substances">
                    @foreach ($page->substances as $substance)
                        <option value="{{ $substance }}"></option>
                    @endforeach
                </datalist>
                @foreach ($page->contents as $i => [$substance, $percent])
                    <div class="own-what">
                        <x-field :name="'contents[' . $i . '][substance]'"
                            :label="__('own_ingredients.fields.substance')" :value="$substance" list="substances"
                            maxlength="80" wide />
                        <x-field :name="'contents[' . $i . '][percent]'" :label="__('own_ingredients.fields.percent')"
                            :value="$percent" inputmode="decimal"
                            maxlength="8" />
                    </div>
                @endforeach
                @error('contents')
                    <p class="problem" role="alert">{{ $message }}</p>
                @enderror
            </fieldset>
            <x-field name="source" :label="__('own_ingredients.fields.source')" :value="$page->fields['source'] ?? ''"
                :hint="__('own_ingredients.source_hint')" maxlength="200" wide />
            <p class="quiet">{{ __('own_ingredients.means') }}</p>
        @endif
        <p><button
                class="button">{{ __($page->key === '' ? 'own_ingredients.begin' : 'own_ingredients.keep') }}</button>
        </p>
    </form>
    @if ($page->key === '')
        <form method="get" action="{{ route('own-ingredients') }}" class="own-form" id="own-correct"
            data-search="{{ route('catalogue.search') }}?of=any&amp;q=">
            <h2>{{ __('own_ingredients.correct') }}</h2>
            <label class="label" for="own-of">{{ __('own_ingredients.of') }}</label>
            <div class="picker" x-data="picker"><input type="hidden" name="key" value=""><input
                    class="ingredient" id="own-of" maxlength="120" role="combobox" aria-autocomplete="list"
                    aria-expanded="false" aria-controls="found-own" autocomplete="off">
                <ul class="found" id="found-own" role="listbox" hidden></ul>
            </div>
            @error('of')
                <p class="problem" role="alert">{{ $message }}</p>
            @enderror
            <p><button class="button">{{ __('own_ingredients.open') }}</button></p>
        </form>
    @endif
</x-page>
