<x-page :title="__('ui.label.title', ['code' => $batch->code])" body="on-label">
    <div class="label-page">
        <article class="jar-label" lang="{{ app()->getLocale() }}">
            <header><div><p class="jar-name">{{ $label->name }}</p><p class="jar-family">{{ $label->family }}</p></div><x-vessel :section="$label->vessel" class="jar-vessel"/></header>
            <p class="jar-contents"><b>{{ __('ui.label.contents') }}</b> {{ implode(', ', $label->contents) }}</p>
            @if ($label->directions !== '')<p class="jar-directions">{{ $label->directions }}</p>@endif
            <p class="jar-cautions">{{ implode(' ', $label->cautions) }}</p>
            <footer>
                <dl>
                    <div><dt>{{ __('ui.label.batch') }}</dt><dd>{{ $label->code }}</dd></div>
                    <div><dt>{{ __('ui.label.made') }}</dt><dd>{{ $label->madeOn }}</dd></div>
                    <div class="jar-date"><dt>{{ __('ui.label.best_before') }}</dt><dd>{{ $label->bestBefore ?? __('ui.label.no_date') }}</dd></div>
                </dl>
                <p class="jar-net">{{ __('ui.label.net', ['grams' => $label->net]) }}</p>
            </footer>
        </article>
        <aside class="label-aside">
            @unless ($label->isSafeToUse)<p class="said said-refused" role="alert">{{ __('ui.label.not_safe') }}</p>@endunless
            <p>{{ __('ui.label.true_size') }}</p>
            <button class="button" type="button" x-data="printer">{{ __('ui.label.print') }}</button>
            <p><a href="{{ route('batch', $batch) }}">{{ __('ui.label.back') }}</a></p>
            <p class="quiet">{{ __('ui.label.local_rules') }}</p>
        </aside>
    </div>
</x-page>
