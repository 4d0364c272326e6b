@inject('wording', 'App\Ground\Wording')
<x-page :title="__('preparations.' . $page->method->key . '.name')" body="on-prepare">
    <h1>{{ __('preparations.' . $page->method->key . '.name') }}</h1>
    <div class="prepare-amounts">
        <p><b>{{ $wording->number($page->amounts->plant, $page->amounts->plant < 20 ? 1 : 0) }}</b>
            <span>g<br>{{ $page->plant }}</span></p>
        @if ($page->amounts->water > 0)
            <p><b>{{ $wording->number($page->amounts->water, 0) }}</b>
                <span>g<br>{{ __('pantry.prepare.water_grams') }}</span></p>
        @endif
        <p class="prepare-gives"><span>{{ $page->expect }}</span></p>
    </div>
    @if ($page->plants !== [])
        <form method="post" action="{{ route('preparation.plant', $page->preparation) }}" class="prepare-plant">
            @csrf<label><span class="label">{{ __('pantry.prepare.plant') }}</span> <select name="plant">
                    @foreach ($page->plants as $key => $name)
                        <option value="{{ $key }}"
                            @selected($page->preparation->plan['plant'] === $key)>{{ $name }}</option>
                    @endforeach
                </select>
            </label> <button class="button button-quiet">{{ __('pantry.prepare.take_plant') }}</button></form>
    @endif
    <p class="prepare-facts">{{ $page->time }}{{ $page->method->ph === null
            ? ''
            : ', '.__('pantry.prepare.ph', ['ph' => $wording->number($page->method->ph, 1)]) }}.
        {{ $page->keeps }}</p>
    <div class="prepare-body">
        <section>
            <h2>{{ __('pantry.prepare.steps') }}</h2>
            <ol class="prepare-steps">
                @foreach ($page->steps as $step)
                    <li @if ($step['vital']) class="is-vital" @endif>{{ $step['text'] }}</li>
                @endforeach
            </ol>
            <p class="jar-advice sev-mind">{{ \App\Ground\PencilNotes::mark('mind') }}
                {{ __('preparations.' . $page->method->key . '.caution') }}@if ($page->method->isHot())
                    {{ __('pantry.prepare.hot') }}
                @endif
            </p>
        </section>
        <section class="prepare-made">
            <h2>{{ __('pantry.prepare.made') }}</h2>
            <form method="post" action="{{ route('preparation.made', $page->preparation) }}" novalidate>
                @csrf
                <p class="act-fields">
                    <label><span class="label">{{ __('pantry.prepare.made_grams') }}</span><span
                            class="with-unit"><input name="grams" inputmode="decimal" maxlength="12"
                                value="{{ old('grams') }}"
                                @invalid('grams')>
                            g</span></label>
                    <label><span class="label">{{ __('pantry.prepare.portion') }}</span><span class="with-unit"><input
                                name="portion" inputmode="decimal" maxlength="12" value="{{ old('portion') }}"
                                placeholder="{{ __('pantry.prepare.portion_hint') }}"> g</span></label>
                </p>
                <x-problem for="grams" />
                @error('portion')
                    <p class="problem" role="alert">{{ $message }}</p>
                @enderror
                <div class="looks" role="radiogroup" aria-label="{{ __('pantry.prepare.store') }}">
                    @foreach (__('pantry.do_move') as $to => $word)
                        <label class="look"><input type="radio" name="storage" value="{{ $to }}"
                                @checked(old('storage', 'fridge') === $to)> <span>{{ $word }}</span></label>
                    @endforeach
                </div>
                <button class="button big-button">{{ __('pantry.prepare.do_made') }}</button>
            </form>
            <form method="post" action="{{ route('preparation.drop', $page->preparation) }}">@csrf<button
                    class="link">{{ __('pantry.prepare.drop') }}</button></form>
        </section>
    </div>
</x-page>
