{{-- A strong oil thinned with a plain one, at one press. --}}
@php($isOpen = $page->tooStrong !== '' || $errors->hasAny(['thin_grams', 'thin_strength', 'thin_oil']))
<details class="act" @if ($isOpen) open @endif>
    <summary>{{ __('pantry.thin.title') }}</summary>
    <form method="post" action="{{ route('lot.thin', $lot) }}" novalidate>@csrf<input type="hidden" name="client_key"
            value="{{ $page->clientKey }}n">
        <p>{{ __('pantry.thin.how', ['grams' => $page->thin['grams'], 'plain' => $page->thin['plain'],
            'strength' => $page->thin['strength']]) }}</p>
        <p class="act-fields">
            <label><span class="label">{{ __('pantry.thin.grams') }}</span><span class="with-unit"><input
                        name="thin_grams" inputmode="decimal" maxlength="12"
                        value="{{ old('thin_grams', $page->thin['grams']) }}" @invalid('thin_grams')> g</span></label>
            <label><span class="label">{{ __('pantry.thin.strength') }}</span><input name="thin_strength"
                    inputmode="decimal" maxlength="12" value="{{ old('thin_strength', $page->thin['strength']) }}"
                    @invalid('thin_strength')></label>
            <label class="wide"><span class="label">{{ __('pantry.thin.oil') }}</span><select name="thin_oil">
                    @foreach ($page->thin['oils'] as $key => $name)
                        <option value="{{ $key }}" @selected($key === old('thin_oil', $page->thin['oil']))>
                            {{ $name }}</option>
                    @endforeach
                </select></label>
        </p>
        @foreach (['thin_grams', 'thin_strength', 'thin_oil'] as $field)
            <x-problem :for="$field" />
        @endforeach
        <button class="button">{{ __('pantry.thin.do') }}</button>
        <p class="quiet">{{ __('pantry.thin.means') }}</p>
    </form>
</details>
