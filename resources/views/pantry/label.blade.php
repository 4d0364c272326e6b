@inject('wording', 'App\Ground\Wording')
@php($lot = $page->lot)
<x-page :title="__('pantry.label.title', ['code' => $lot->code])" body="on-label">
    <div class="label-page">
        <div class="scrolled label-stage" tabindex="0" role="group" aria-label="{{ __('ui.label.true_size') }}">
            <article class="jar-label jar-label-infusion" lang="{{ App::getLocale() }}">
                <header>
                    <div>
                        <p class="jar-name">{{ $page->name }}</p>
                        <p class="jar-family">{{ __('pantry.label.kind.' . $lot->kind->value) }}</p>
                    </div><x-vessel :section="$page->vessel" class="jar-vessel" />
                </header>
                <p class="jar-contents"><b>{{ __('infusions.label_contents') }}</b>
                    {{ implode(', ', [...$page->contents, ...array_keys(array_filter($page->declared))]) }}</p>
                @if ($page->allergens !== [])
                    <p class="jar-contents"><b>{{ __('pantry.label.from') }}</b>
                        {{ implode(', ', $page->allergens) }}</p>
                @endif
                <dl class="jar-steps">
                    <div>
                        <dt>{{ __("pantry.label.came.{$lot->kind->value}") }}</dt>
                        <dd>{{ $wording->shortDate($lot->made_at) }}</dd>
                    </div>
                    <div>
                        <dt>{{ __('pantry.label.until') }}</dt>
                        <dd>{{ $lot->good_until === null ? '–' : $wording->shortDate($lot->good_until) }}</dd>
                    </div>
                    @if ($lot->strength !== null)
                        <div>
                            <dt>{{ __('pantry.label.strength') }}</dt>
                            <dd>{{ $wording->number($lot->strength, 1) }}</dd>
                        </div>
                    @endif
                </dl>
                <p class="jar-cautions">{{ __('pantry.label.stands.' . $lot->storage->value) }}
                    {{ __('infusions.label_caution') }}</p>
                <footer>
                    <dl>
                        <div>
                            <dt>{{ __('ui.label.batch') }}</dt>
                            <dd>{{ $lot->code }}</dd>
                        </div>
                    </dl>
                </footer>
            </article>
        </div>
        <aside class="label-aside">
            <p>{{ __('ui.label.true_size') }}</p>
            @if ($page->isUnnamed)
                <p class="jar-advice sev-mind">{{ \App\Ground\PencilNotes::mark('mind') }}
                    {{ __('pantry.label.unnamed') }}</p>
            @endif
            @if ($page->mayDeclare() !== [])
                <p class="label-may">
                    {{ __('ui.label.may_declare', ['names' => implode(', ', $page->mayDeclare())]) }}</p>
            @endif
            <button class="button" type="button" x-data="printer">{{ __('ui.label.print') }}</button>
            <p><a href="{{ route('lot', $lot) }}">{{ $page->name }}</a></p>
        </aside>
    </div>
</x-page>
