@inject('wording', 'App\Ground\Wording')
<x-page :title="__('ui.label.title', ['code' => $batch->code])" body="on-label">
    <div @class(['label-page', 'is-not-free' => !$release->isFree()])>
        <div class="scrolled label-stage" tabindex="0" role="group" aria-label="{{ __('ui.label.true_size') }}">
            <svg class="jar-label" width="{{ $layout->width }}mm" height="{{ $layout->height }}mm"
                viewBox="0 0 {{ $layout->width }} {{ $layout->height }}" role="img"
                aria-label="{{ __('ui.label.title', ['code' => $batch->code]) }}"
                data-fits="{{ $layout->fits() ? 1 : 0 }}">
                @if ($layout->isRound)
                    <circle class="label-paper" cx="{{ $layout->width / 2 }}" cy="{{ $layout->height / 2 }}"
                    r="{{ $layout->width / 2 - 0.1 }}" />@else
                    <rect class="label-paper" x="0.1" y="0.1" width="{{ $layout->width - 0.2 }}"
                        height="{{ $layout->height - 0.2 }}" />
                @endif
                @foreach ($layout->rules as $rule)
                    <rect class="label-ink" x="{{ $rule['x'] }}" y="{{ $rule['y'] }}"
                        width="{{ $rule['wide'] }}" height="{{ $rule['high'] }}" />
                @endforeach
                @foreach ($layout->lines as $line)
                    <text class="label-ink" x="{{ $line['x'] }}" y="{{ $line['y'] }}"
                        font-size="{{ round(($line['pt'] * 25.4) / 72, 3) }}"
                        @if ($line['bold']) font-weight="700" @endif textLength="{{ $line['wide'] }}"
                        lengthAdjust="spacingAndGlyphs">{{ $line['text'] }}</text>
                @endforeach
                @if ($layout->code !== null)
                    @php($code = \App\Drawing\QrCode::of($batch->code))<svg x="{{ $layout->code['x'] }}"
                        y="{{ $layout->code['y'] }}"
                        width="{{ $layout->code['wide'] }}" height="{{ $layout->code['high'] }}"
                        viewBox="0 0 {{ $code->size }} {{ $code->size }}">
                        <path class="label-ink" d="{{ $code->path }}" />
                    </svg>
                @endif
                @if ($layout->vessel !== null)
                    <svg x="{{ $layout->vessel['x'] }}" y="{{ $layout->vessel['y'] }}"
                        width="{{ $layout->vessel['wide'] }}" height="{{ $layout->vessel['high'] }}"
                        viewBox="0 0 {{ $label->vessel->width }} {{ $label->vessel->height }}"><x-vessel
                            :section="$label->vessel" class="jar-vessel" /></svg>
                @endif
            </svg>
        </div>
        <aside class="label-aside">
            @unless ($release->isFree())
                <p class="said said-refused" role="alert">{{ $release->said() }} {{ __('shelf.release.no_label') }} <a
                        href="{{ route('batch', $batch) }}#state">{{ __('shelf.release.to_batch') }}</a></p>
            @endunless
            @unless ($label->isSafeToUse)
                <p class="said said-refused" role="alert">{{ __('ui.label.not_safe') }}</p>
            @endunless
            @if ($label->unnamed !== [])
                <section class="label-unnamed" role="alert">
                    <p>{{ __('ui.label.unnamed', ['what' => implode('; ', $label->unnamed)]) }}</p>
                    @foreach ($label->unnamed as $open)
                        <form method="post" action="{{ route('label.name', $batch) }}">@csrf<input type="hidden"
                                name="open" value="{{ $open }}">
                            <label><span
                                    class="label">{{ __('ui.label.unnamed_field', ['what' => $open]) }}</span><input
                                    name="inci" maxlength="120"
                                    placeholder="Chamomilla Recutita Flower Water"></label> <button
                                class="button">{{ __('ui.label.unnamed_do') }}</button>
                        </form>
                    @endforeach
                </section>
            @endif
            @if ($label->mayDeclare !== [])
                <p class="label-may">{{ __('ui.label.may_declare', ['names' => implode(', ', $label->mayDeclare)]) }}
                </p>
            @endif
            @if ($asPlanned !== [])
                <p class="label-planned">{{ __('ui.label.as_planned', ['lines' => implode(', ', $asPlanned)]) }}</p>
            @endif
            @if ($batch->despite !== null)
                <p class="label-despite">
                    {{ __('ui.label.despite', ['stops' => implode(' ', \App\Make\Despite::said($batch))]) }}</p>
            @endif
            <p class="label-fit @unless ($layout->fits()) is-urgent @endunless" role="status">
                {{ __($layout->fits()
                    ? 'labels.fits'
                    : 'labels.fits_not', ['pt' => $wording->number($layout->pt, 2), 'over' =>
                    $wording->number($layout->over, 1)]) }}
            </p>
            @if ($containers !== [])
                <nav class="label-containers" aria-label="{{ __('shelf.split.title') }}">
                    @foreach ($containers as $one)
                        <a href="{{ route('label', [$batch, 'in' => $one->letter]) }}"
                            @if ($one->letter === $in) aria-current="page" @endif><b>{{ $one->letter }}</b>
                            {{ trans_choice("shelf.split.of.$one->what", $one->count) }},
                            {{ __('pantry.stands.' . $one->storage()->value) }}</a>
                    @endforeach
                </nav>
            @endif
            <form method="get" action="{{ route('label', $batch) }}" class="label-wish">
                @if ($in !== '')
                    <input type="hidden" name="in" value="{{ $in }}">
                @endif
                <label><span class="label">{{ __('labels.size') }}</span><select name="size">
                        @foreach ($sizes as $size)
                            <option value="{{ $size }}" @selected($size === $wish['size'])>
                                {{ __("labels.sizes.$size") }}</option>
                        @endforeach
                    </select>
                </label>
                <label class="tick"><input type="checkbox" name="code" value="1" @checked($wish['code'])>
                    {{ __('labels.code') }}</label>
                <label class="tick"><input type="checkbox" name="slip" value="1" @checked($wish['slip'])>
                    {{ __('labels.slip') }}</label>
                <p class="act-fields"><button class="button button-quiet">{{ __('labels.show') }}</button>
                    @if ($release->isFree())
                        <button class="button"
                            formaction="{{ route('label.pdf', $batch) }}">{{ __('labels.one') }}</button>
                    @endif
                </p>
                <fieldset>
                    <legend class="label">{{ __('labels.many') }}</legend>
                    <p class="act-fields"><label><span class="label">{{ __('labels.count') }}</span><input
                                name="count" form="label-sheet" inputmode="numeric" maxlength="3"
                                value="{{ $count }}"></label><label><span
                                class="label">{{ __('labels.from') }}</span><input name="from" form="label-sheet"
                                inputmode="numeric" maxlength="3" value="1"></label><span
                            class="label">{{ __('labels.of_places', ['places' => $places]) }}</span>
                        @if ($release->isFree())
                            <button class="button button-quiet" form="label-sheet">{{ __('labels.make') }}</button>
                        @endif
                    </p>
                </fieldset>
            </form>
            @if ($release->isFree())
                <form id="label-sheet" method="get" action="{{ route('label.pdf', $batch) }}"><input type="hidden"
                        name="size" value="{{ $wish['size'] }}"><input type="hidden" name="code"
                        value="{{ $wish['code'] ? 1 : 0 }}"><input type="hidden" name="in"
                        value="{{ $in }}"><input type="hidden" name="slip"
                        value="{{ $wish['slip'] ? 1 : 0 }}"></form>
            @endif
            <details class="label-words">
                <summary>{{ __('shelf.trace.words') }}</summary>
                <p><b>{{ $label->name }}</b>, {{ $label->family }}</p>
                <p>{{ __('ui.label.contents') }} {{ implode(', ', $label->contents) }}</p>
                <p>{{ $label->directions }}</p>
                <p>{{ implode(' ', $label->cautions) }}</p>
                <p>{{ __('ui.label.batch') }} {{ $label->code }},
                    {{ __($label->isFrozen ? 'ui.label.frozen' : 'ui.label.made') }} {{ $label->madeOn }},
                    {{ __('ui.label.best_before') }} {{ $label->bestBefore ?? __('ui.label.no_date') }},
                    {{ __('ui.label.net', ['grams' => $label->net]) }}</p>
            </details>
            <p>{{ __('ui.label.true_size') }}</p>
            @if ($release->isFree())
                <button class="button button-quiet" type="button"
                    x-data="printer">{{ __('ui.label.print') }}</button>
            @endif
            <form method="post" action="{{ route('labels.maker') }}" class="label-maker">@csrf<label><span
                        class="label">{{ __('labels.maker') }}</span><input name="maker" maxlength="160"
                        value="{{ $label->maker }}"></label> <button
                    class="button button-quiet">{{ __('labels.maker_keep') }}</button></form>
            <p><a href="{{ route('batch', $batch) }}">{{ __('ui.label.back') }}</a></p>
            <p class="quiet">{{ __('ui.label.local_rules') }}</p>
        </aside>
    </div>
</x-page>
