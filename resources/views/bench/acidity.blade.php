<x-page :title="__('ui.acidity.title')" body="on-acidity">
    <p class="acidity-back"><a href="{{ route('bench', $page->formula) }}">{{ __('ui.acidity.back') }}:
            {{ $page->formula->name }}</a></p>
    <h1>{{ __('ui.acidity.title') }}</h1>
    <p class="topic-caution">{{ __('ui.acidity.caution') }}</p>
    <div class="acidity">
        <form method="get" action="{{ route('acidity', $page->formula) }}" class="acidity-sample" novalidate>
            <h2>{{ __('ui.acidity.sample') }}</h2>
            <p>{{ __('ui.acidity.sample_how') }}</p>
            @foreach (['product' => 'g', 'added' => '', 'strength' => '%', 'wanted' => '', 'batch' => 'g']
                as $field => $unit)
                <label><span class="label">{{ __("ui.acidity.$field") }}</span>
                    <span class="with-unit"><input name="{{ $field }}" value="{{ $page->typed[$field] }}"
                            maxlength="40"
                            @if ($field !== 'added') inputmode="decimal" @else
                                placeholder="{{ __('ui.acidity.added_hint') }}" class="wide" @endif
                            @invalid($field, $page->problems)>
                        {{ $unit }}</span>
                    @isset($page->problems[$field])
                        <span class="problem" id="problem-{{ $field }}"
                            role="alert">{{ str_replace(':scale', $page->scale, $page->problems[$field]) }}</span>
                    @endisset
                </label>
            @endforeach
            <button class="button">{{ __('ui.acidity.calculate') }}</button>
        </form>
        <section class="acidity-dose" aria-live="polite">
            <h2>{{ __('ui.acidity.scaled') }}</h2>
            @if ($page->scaled === null)
                <p>{{ __('ui.acidity.scaled_empty') }}</p>
            @else
                <p class="acidity-number"><b>{{ $page->scaled['dose'] }}</b> {{ __('ui.acidity.of_it') }}
                    @if ($page->scaled['band'] !== '')
                        <small>{{ __('ui.acidity.between', ['band' => $page->scaled['band']]) }}</small>
                    @endif
                </p>
                @if ($page->scaled['thins'] !== '')
                    <p class="acidity-thins">{{ $page->scaled['thins'] }}</p>
                @endif
                <p>{{ __('ui.acidity.then', ['first' => $page->scaled['first']]) }}
                    {{ __('ui.acidity.dry', ['dry' => $page->scaled['dry']]) }}</p>
            @endif
            <p class="quiet">{{ __('ui.acidity.basis', ['scale' => $page->scale]) }}</p>
            @if ($page->awake !== null)
                <h2>{{ __('ui.acidity.awake') }}</h2>
                <x-curves :curves="$page->awake" :title="__('ui.acidity.awake')" />
            @endif
        </section>
        <section class="acidity-guess">
            <h2>{{ __('ui.acidity.guess') }}</h2>
            @if ($page->guess === null)
                <p>{{ __('ui.acidity.guess_none') }}</p>
            @else
                <p>{{ __('ui.acidity.guess_ph', ['ph' => $page->guess['ph']]) }} @if ($page->guess['is_below'])
                        {{ __('ui.acidity.guess_below') }}
                    @elseif ($page->guess['grams'] !== '')
                        {{ __('ui.acidity.guess_grams',
                            ['grams' => $page->guess['grams'], 'wanted' => $page->typed['wanted']]) }}
                    @endif
                </p>
                @if ($page->guess['plants'])
                    <p class="problem">{{ __('ui.acidity.guess_plants') }}</p>
                @endif
                @if ($page->guess['curve'] !== null)
                    <x-curves :curves="$page->guess['curve']"
                        :title="__('ui.acidity.guess') . ', ' . __('ui.acidity.grams_axis')" />
                @endif
                <p class="quiet">{{ __('ui.acidity.guess_basis') }}</p>
            @endif
        </section>
    </div>
</x-page>
