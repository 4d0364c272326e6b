<x-page :title="__('suggestions.propose_title', ['name' => $page->formula->name])" body="on-design">
    <header class="design-head"><a class="back" href="{{ route('bench', $page->formula) }}">←
            {{ __('ui.acidity.back') }}</a>
        <h1>{{ __('suggestions.propose') }} <small class="name">{{ $page->formula->name }}</small></h1>
    </header>
    @if ($page->against !== [])
        <section class="against" aria-labelledby="against">
            <h2 id="against">{{ trans_choice('suggestions.against', count($page->against)) }}</h2>
            <ul>
                @foreach ($page->against as $stop)
                    <li class="sev-stop">
                        <p>{{ \App\Ground\PencilNotes::mark('stop') }} {{ $stop['message'] }}</p>
                        @if ($stop['press'] !== '')
                            <form method="post" action="{{ route('bench.change', $page->formula) }}">@csrf
                                <input type="hidden" name="revision" value="{{ $page->formula->revision }}">
                                <button class="button" name="do"
                                    value="{{ $stop['press'] }}">{{ $stop['label'] }}</button>
                            </form>
                        @else
                            <p class="quiet">{{ $stop['label'] }}</p>
                        @endif
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <div class="wishes">
        @if ($page->offers !== [])
            <section class="wish wish-offers">
                <h2>{{ __('suggestions.offers') }}</h2>
                <ul>
                    @foreach ($page->offers as $offer)
                        <li><a href="{{ route('suggest',
                            [$page->formula, 'wish' => 'offer', 'offer' => $offer['name']]) }}#proposal"
                                @if ($offer['isShown']) aria-current="true" @endif>{{ $offer['label'] }}</a>
                            <small>{{ $offer['preview'] }}</small></li>
                    @endforeach
                </ul>
            </section>
        @endif
        @if ($page->isSolid)
            <form class="wish" method="get" action="{{ route('suggest', $page->formula) }}#proposal"><input
                    type="hidden" name="wish" value="firm">
                <h2>{{ __('suggestions.wish_firm') }}</h2>
                <p class="act-fields"><label><span class="label">{{ __('suggestions.feel') }}</span><select
                            name="feel">
                            @foreach (\App\Bench\Wishes::FEELS as $feel)
                                <option value="{{ $feel }}" @selected($page->wish['feel'] === $feel)>
                                    {{ __("ui.bench.firm_feel.$feel") }}</option>
                            @endforeach
                        </select>
                    </label>
                    <label><span class="label">{{ __('suggestions.room') }}</span><span class="with-unit"><input
                                name="celsius" inputmode="decimal" value="{{ $page->wish['celsius'] }}" maxlength="5">
                            °C</span></label>
                    <button class="button button-quiet">{{ __('suggestions.ask') }}</button>
                </p>
                <p class="quiet">{{ __('suggestions.wish_firm_means') }}</p>
            </form>
        @endif
        <form class="wish" method="get" action="{{ route('suggest', $page->formula) }}#proposal"><input
                type="hidden" name="wish" value="without">
            <h2>{{ __('suggestions.wish_without') }}</h2>
            <fieldset class="ticks">
                <legend class="unseen-word">{{ __('suggestions.wish_without') }}</legend>
                @foreach (\App\Bench\Wishes::ALLERGENS as $allergen)
                    <label><input type="checkbox" name="without[]" value="{{ $allergen }}"
                            @checked(in_array($allergen, $page->wish['without'], true))>
                            {{ __("words.allergen.$allergen") }}</label>
                @endforeach
            </fieldset>
            <p><button class="button button-quiet">{{ __('suggestions.ask') }}</button></p>
        </form>
        <form class="wish" method="get" action="{{ route('suggest', $page->formula) }}#proposal"><input
                type="hidden" name="wish" value="cheaper">
            <h2>{{ __('suggestions.wish_cheaper') }}</h2>
            @if ($page->hasPrices)
                <p class="act-fields"><label><span class="label">{{ __('suggestions.cheaper_by') }}</span><span
                            class="with-unit"><input name="by" inputmode="decimal" value="{{ $page->wish['by'] }}"
                                maxlength="5"> %</span></label><button
                        class="button button-quiet">{{ __('suggestions.ask') }}</button></p>
            @endif
            <p class="quiet">{{ __($page->hasPrices ? 'suggestions.wish_cheaper_means' : 'suggestions.no_prices') }}
                @unless ($page->hasPrices)
                    <a href="{{ route('pantry') }}#put">{{ __('pantry.put_open') }}</a>
                @endunless
            </p>
        </form>
    </div>
    @if ($page->said !== '')
        <section id="proposal" class="proposal" aria-live="polite">
            <p class="proposal-said">{{ $page->said }}</p>
            @if ($page->isFound)
                <form method="post" action="{{ route('suggest.take', $page->formula) }}">@csrf<input type="hidden"
                        name="revision" value="{{ $page->formula->revision }}">
                    @foreach ($page->wish as $field => $value)
                        @foreach ((array) $value as $one)
                            <input type="hidden" name="{{ $field . (is_array($value) ? '[]' : '') }}"
                                value="{{ $one }}">
                        @endforeach
                    @endforeach
                    <button class="button">{{ __('suggestions.take') }}</button> <span
                        class="quiet">{{ __('suggestions.take_means') }}</span>
                </form>
            @endif
        </section>
        @if ($page->sides !== null)
            @include('suggestions.sides', ['sides' => $page->sides])
        @endif
    @elseif ($page->offers === [])
        <p>{{ __('suggestions.nothing_offered') }}</p>
    @endif
</x-page>
