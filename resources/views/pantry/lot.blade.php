@inject('wording', 'App\Ground\Wording')
@php($lot = $page->lot)
<x-page :title="$page->name" body="on-jar">
    <article class="jar">
        <header class="jar-head">
            <x-vessel :section="$page->vessel" class="jar-vessel-large"
                :label="__('ui.bench.vessel', ['name' => $page->name])" />
            <div class="jar-now">
                <h1>{{ $page->name }} <small class="code">{{ $lot->code }}</small></h1>
                <p class="jar-state">
                    {{ implode(', ', $page->now) }}
                </p>
                <p class="jar-strength"><b>{{ $page->left }}</b>
                    <span>{{ __('pantry.left') }}<br>{{ __('pantry.of',
                        ['grams' => $wording->grams($lot->grams)]) }}</span>
                </p>
            </div>
            <div class="jar-do">
                <p class="lot-date @if ($page->isOver) is-urgent @endif">{{ $page->date }}</p>
                <x-life :left="$page->lifeLeft" class="life-large" />
                @if ($lot->gone_at === null && !$page->isOver)
                    <form method="post" action="{{ route('lot.bench', $lot) }}">@csrf<button
                            class="button">{{ __('pantry.bench') }}</button></form>
                    <p class="quiet">{{ __('pantry.bench_means', ['code' => $lot->code]) }}</p>
                @endif
            </div>
        </header>
        @if ($page->tooStrong !== '')
            <p class="jar-advice sev-mind">{{ \App\Ground\PencilNotes::mark('mind') }} {{ $page->tooStrong }}</p>
        @endif
        <div class="jar-body">
            <section class="jar-curve">
                <h2>{{ __('pantry.contents') }}</h2>
                <ul class="hob-list">
                    @foreach ($page->contents as $content)
                        <li>{{ $content }}</li>
                    @endforeach
                </ul>
                @if ($lot->strength !== null)
                    <p>{{ __('pantry.strength', ['strength' => $wording->number($lot->strength, 1)]) }}</p>
                    <p class="quiet">{{ __('infusions.strength_means') }}</p>
                @endif
                @if ($lot->jar !== null)
                    <p><a
                            href="{{ route('infusion', $lot->jar) }}">{{ __('pantry.from_jar',
                            ['code' => $lot->jar->code]) }}</a>
                    </p>
                @endif
                @if ($lot->supplier !== '')
                    <p>{{ __('pantry.supplier') }}: {{ $lot->supplier }}</p>
                @endif
                @if ($lot->opened_at !== null)
                    <p>{{ __('pantry.opened_on', ['when' => $wording->date($lot->opened_at)]) }}</p>
                @endif
                <p><a href="{{ route('lot.label', $lot) }}">{{ __('pantry.label.link') }}</a></p>
                <p><a href="{{ route('trace.lot', $lot) }}">{{ __('shelf.trace.link_forward') }}</a></p>
                @if ($page->cost !== '')
                    <p>{{ $page->cost }}</p>
                @endif
                @if ($page->caution !== '')
                    <p class="lot-caution">{{ $page->caution }}</p>
                @endif
                @if ($page->formulas !== [])
                    <p>{{ __('pantry.named_by', ['formulas' => implode(', ', $page->formulas)]) }}</p>
                @endif
                @if ($page->log !== [])
                    <h2>{{ __('pantry.history') }}</h2>
                    <table class="plain log">
                        <tbody>
                            @foreach ($page->log as $row)
                                <tr @if ($row['undone']) class="is-undone" @endif>
                                    <td class="log-when">{{ $row['when'] }}</td>
                                    <th>{{ $row['what'] }}</th>
                                    <td>{{ $row['value'] }}</td>
                                    <td>
                                        @if ($row['undoable'])
                                            <form method="post" action="{{ route('lot.undo', [$lot, $row['id']]) }}">
                                                @csrf<input type="hidden" name="client_key"
                                                    value="{{ $page->clientKey }}u{{ $row['id'] }}"><button
                                                    class="link">{{ __('infusions.undo') }}</button></form>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </section>
            @if ($lot->gone_at === null)
                <section class="jar-acts">
                    @if ($page->leftOver !== null)
                        @include('pantry.left-over')
                    @endif
                    @if ($page->skin !== null)
                        @include('pantry.skin')
                    @endif
                    @if ($page->thin !== null)
                        @include('pantry.thin')
                    @endif
                    <details class="act" @if ($errors->hasAny(['grams', 'when'])) open @endif>
                        <summary>{{ __('pantry.use') }}</summary>
                        <form method="post" action="{{ route('lot.use', $lot) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}t">
                            <p class="act-fields"><label><span class="label">{{ __('pantry.use_grams') }}</span><span
                                        class="with-unit"><input name="grams" inputmode="decimal" maxlength="12"
                                            value="{{ old('grams') }}"
                                            @invalid('grams')>
                                        g</span></label><label class="wide"><span
                                        class="label">{{ __('pantry.use_for') }}</span><input name="for"
                                        maxlength="120" value="{{ old('for') }}"
                                        placeholder="{{ __('pantry.use_for_hint') }}"></label></p>
                            <x-problem for="grams" />
                            <button class="button">{{ __('pantry.do_use') }}</button>
                        </form>
                    </details>
                    <details class="act" @error('left') open @enderror>
                        <summary>{{ __('pantry.count') }}</summary>
                        <form method="post" action="{{ route('lot.count', $lot) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}c">
                            <p class="act-fields"><label><span
                                        class="label">{{ __('pantry.count_grams') }}</span><span
                                        class="with-unit"><input name="left" inputmode="decimal" maxlength="12"
                                            value="{{ old('left') }}"
                                            @invalid('left')>
                                        g</span></label></p>
                            <x-problem for="left" />
                            <button class="button">{{ __('pantry.do_count') }}</button>
                        </form>
                    </details>
                    @if ($lot->isBought() && $lot->opened_at === null)
                        <details class="act" @error('opened') open @enderror>
                            <summary>{{ __('pantry.open') }}</summary>
                            <form method="post" action="{{ route('lot.open', $lot) }}" novalidate>@csrf<input
                                    type="hidden" name="client_key" value="{{ $page->clientKey }}o">
                                <p class="act-fields"><label><span
                                            class="label">{{ __('pantry.opened_day') }}</span><input type="date"
                                            name="opened" value="{{ old('opened') }}"></label></p>
                                @error('opened')
                                    <p class="problem" role="alert">{{ $message }}</p>
                                @enderror
                                <button class="button">{{ __('pantry.do_open') }}</button>
                                <p class="quiet">{{ __('pantry.open_means') }}</p>
                            </form>
                        </details>
                    @endif
                    @if ($lot->isPreparation())
                        <details class="act">
                            <summary>{{ __('pantry.move') }}</summary>
                            <form method="post" action="{{ route('lot.move', $lot) }}">@csrf<input type="hidden"
                                    name="client_key" value="{{ $page->clientKey }}v">
                                <p class="act-fields">
                                    @foreach (__('pantry.do_move') as $to => $word)
                                        @if ($to !== $lot->storage->value)
                                            <button class="button button-quiet" name="to"
                                                value="{{ $to }}">{{ $word }}</button>
                                        @endif
                                    @endforeach
                                </p>
                                <p class="quiet">{{ __('pantry.move_means') }}</p>
                            </form>
                        </details>
                    @endif
                    <details class="act" @error('reason') open @enderror>
                        <summary>{{ __('pantry.discard') }}</summary>
                        <form method="post" action="{{ route('lot.discard', $lot) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}d">
                            <p class="act-fields"><label class="wide"><span
                                        class="label">{{ __('pantry.reason') }}</span><input name="reason"
                                        maxlength="200" value="{{ old('reason') }}"
                                        @invalid('reason')></label>
                            </p>
                            <x-problem for="reason" />
                            <button class="button button-quiet">{{ __('pantry.do_discard') }}</button>
                        </form>
                    </details>
                    @if ($page->log === [] && ! $lot->isInfusedOil())
                        <form class="act-remove" method="post" action="{{ route('lot.remove', $lot) }}">
                            @csrf<button class="link">{{ __('pantry.remove') }}</button></form>
                    @endif
                </section>
            @endif
        </div>
    </article>
</x-page>
