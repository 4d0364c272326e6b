{{-- How a hot oil felt, try by try, and what follows for oils of its plants. --}}
<details class="act" id="skin" @if ($errors->hasAny(['minutes', 'felt'])) open @endif>
    <summary>{{ __('pantry.skin.title') }}</summary>
    <form method="post" action="{{ route('lot.skin', $lot) }}#skin" novalidate>@csrf<input type="hidden"
            name="client_key" value="{{ $page->clientKey }}k">
        @if ($page->skin['said'] !== '')
            <p><b>{{ $page->skin['said'] }}</b></p>
        @endif
        <p>{{ __('pantry.skin.how') }}</p>
        <p class="act-fields"><label><span class="label">{{ __('pantry.skin.minutes') }}</span><span
                    class="with-unit"><input name="minutes" inputmode="decimal" maxlength="6"
                        value="{{ old('minutes') }}" @invalid('minutes')> min</span></label>
            <label class="wide"><span class="label">{{ __('observations.note') }}</span><input name="note"
                    maxlength="300" value="{{ old('note') }}"></label></p>
        <x-problem for="minutes" />
        <x-problem for="felt" />
        <p class="label">{{ __('pantry.skin.felt') }}</p>
        <p class="act-fields">
            @foreach (\App\Pantry\LotPage::felt() as $felt)
                <button class="button button-quiet" name="felt"
                    value="{{ $felt }}">{{ __("pantry.skin.is.$felt") }}</button>
            @endforeach
        </p>
        <p class="lot-caution">{{ __('pantry.skin.caution') }}</p>
    </form>
</details>
