<x-page :title="__('own.title')" body="on-shelf">
    <p><a href="{{ route('pantry') }}">{{ __('pantry.title') }}</a></p>
    <h1>{{ __('own.title') }}</h1>
    <p class="own-why">{{ __('own.why') }}</p>
    @if ($all->isNotEmpty())
        <table class="plain done-list"><tbody>@foreach ($all as $own)<tr><th scope="row"><a href="{{ route('own', ['key' => $own->key]) }}">{{ $own->is_own ? $own->fields['name'] ?? $own->key : app(\App\Workroom\Wording::class)->ingredient($own->key) }}</a></th><td>{{ __($own->is_own ? 'own.is_own' : 'own.is_correction') }}</td><td>{{ $own->fields['source'] ?? '' }}</td><td><form method="post" action="{{ route('own.drop', $own->key) }}">@csrf<button class="link">{{ __('own.drop') }}</button></form></td></tr>@endforeach</tbody></table>
    @endif
    <form method="post" action="{{ route('own.keep') }}" class="own-form" id="own-form" data-search="{{ route('catalogue.search') }}?of=any&amp;q=" novalidate>@csrf
        <h2>{{ __($key === '' ? 'own.new' : 'own.edit', ['name' => $key === '' ? '' : ($fields['name'] ?? app(\App\Workroom\Wording::class)->ingredient($key))]) }}</h2>
        @if ($key !== '')<input type="hidden" name="of" value="{{ $key }}">
        @else
            <div class="wide"><label class="label" for="own-of">{{ __('own.of') }}</label><div class="picker" x-data="picker"><input type="hidden" name="of" value="{{ old('of') }}"><input class="ingredient" id="own-of" name="of_name" maxlength="120" value="{{ old('of_name') }}" role="combobox" aria-autocomplete="list" aria-expanded="false" aria-controls="found-own" autocomplete="off" placeholder="{{ __('own.of_hint') }}"><ul class="found" id="found-own" role="listbox" hidden></ul></div></div>
        @endif
        @error('of')<p class="problem" role="alert">{{ $message }}</p>@enderror
        @if ($key === '' || $isOwn)
            <div class="act-fields">
                @foreach (['name', 'inci'] as $field)<label class="wide"><span class="label">{{ __("own.fields.$field") }}</span><input name="{{ $field }}" maxlength="160" value="{{ old($field, $fields[$field] ?? '') }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror></label>@endforeach
                <label><span class="label">{{ __('own.fields.kind') }}</span><select name="kind"><option value=""></option>@foreach ($kinds as $kind)<option value="{{ $kind->value }}" @selected(old('kind', $fields['kind'] ?? '') === $kind->value)>{{ __("words.kind.$kind->value") }}</option>@endforeach</select></label>
            </div>
            @foreach (['name', 'kind'] as $field)@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
            <fieldset class="ticks"><legend class="label">{{ __('own.fields.allergens') }}</legend>@foreach (__('words.allergen') as $value => $word)<label><input type="checkbox" name="allergens[]" value="{{ $value }}" @checked(in_array($value, (array) old('allergens', $fields['allergens'] ?? []), true))> {{ $word }}</label>@endforeach</fieldset>
        @endif
        <div class="act-fields own-figures">
            @foreach ($figures as $field)<label><span class="label">{{ __("own.fields.$field") }}</span><input name="{{ $field }}" inputmode="decimal" maxlength="12" value="{{ old($field, isset($fields[$field]) ? ($field === 'water' ? 100 * $fields[$field] : $fields[$field]) : '') }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror></label>@endforeach
        </div>
        @foreach ($figures as $field)@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ __("own.fields.$field") }}: {{ $message }}</p>@enderror @endforeach
        <label><span class="label">{{ __('own.fields.source') }}</span><input class="wide" name="source" maxlength="200" value="{{ old('source', $fields['source'] ?? '') }}" placeholder="{{ __('own.source_hint') }}" @error('source') aria-invalid="true" aria-describedby="problem-source" @enderror></label>
        @error('source')<p class="problem" id="problem-source" role="alert">{{ $message }}</p>@enderror
        <p><button class="button">{{ __('own.keep') }}</button></p>
        <p class="quiet">{{ __('own.means') }}</p>
    </form>
</x-page>
