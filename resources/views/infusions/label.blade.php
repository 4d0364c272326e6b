@php($plan = $page->story->plan)
@inject('wording', 'App\Ground\Wording')
<x-page :title="__('infusions.label_title', ['code' => $page->jar->code])" body="on-label">
    <div class="label-page">
        <div class="scrolled label-stage" tabindex="0" role="group" aria-label="{{ __('ui.label.true_size') }}">
            <article class="jar-label jar-label-infusion" lang="{{ App::getLocale() }}">
                <header>
                    <div>
                        <p class="jar-name">{{ $page->jar->name }}</p>
                        <p class="jar-family">{{ __('words.infusion_method.' . $plan->method->value) }}</p>
                    </div><x-vessel :section="$page->vessel" class="jar-vessel" />
                </header>
                <p class="jar-contents"><b>{{ __('infusions.label_contents') }}</b> {{ implode('; ', $page->contents) }}
                </p>
                <dl class="jar-steps">
                    <div>
                        <dt>{{ __('infusions.label_filled') }}</dt>
                        <dd>{{ $wording->shortDate($page->story->start()) }}</dd>
                    </div>
                    <div>
                        <dt>{{ __('infusions.label_strain') }}</dt>
                        <dd>{{ $wording->shortDate($page->story->at($plan->days)) }}</dd>
                    </div>
                    @unless ($plan->method->isHeated())
                        <div>
                            <dt>{{ __('infusions.label_shake') }}</dt>
                            <dd>{{ $plan->shakeEveryDays > 0
                                ? __('infusions.label_every', ['days' => $wording->duration($plan->shakeEveryDays)])
                                : __('infusions.label_never') }}
                            </dd>
                        </div>
                    @endunless
                </dl>
                <p class="jar-cautions">{{ $page->labelCaution }}</p>
                <footer>
                    <dl>
                        <div>
                            <dt>{{ __('ui.label.batch') }}</dt>
                            <dd>{{ $page->jar->code }}</dd>
                        </div>
                    </dl>
                </footer>
            </article>
        </div>
        <aside class="label-aside">
            <p>{{ __('ui.label.true_size') }}</p>
            <button class="button" type="button" x-data="printer">{{ __('ui.label.print') }}</button>
            <p><a href="{{ route('infusion', $page->jar) }}">{{ $page->jar->name }}</a></p>
        </aside>
    </div>
</x-page>
