@inject('wording', 'App\Ground\Wording')
@php($jar = $page->jar)
<x-page :title="$jar->name" body="on-jar">
    @if ($page->story->clockIsBehind)
        <p class="said said-refused" role="alert">{{ __('infusions.clock') }}</p>
    @endif
    <article class="jar">
        <header class="jar-head">
            <x-vessel :section="$page->vessel" :class="'jar-vessel-large' . ($page->shakeIsDue ? ' leans' : '')"
                :label="__('ui.bench.vessel', ['name' => $jar->name])" />
            <div class="jar-now">
                <h1>{{ $jar->name }} <small class="code">{{ $jar->code }}</small></h1>
                <p class="jar-state">{{ $page->state }}</p>
                <p class="jar-strength"><b>{{ $page->strength }}</b>
                    <span>{{ __($jar->isStanding()
                        ? 'infusions.strength_now'
                        : 'infusions.figures.strength') }}<br>{{ $page->strengthMeans }}</span>
                </p>
            </div>
            @if ($jar->isStanding())
                <div class="jar-do">
                    @if ($page->shakeWord !== '')
                        <form method="post" action="{{ route('infusion.shake', $jar) }}" x-data="once">
                            @csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}">
                            <p class="jar-word @if ($page->shakeIsDue) is-due @endif">{{ $page->shakeWord }}
                            </p>
                            <button
                                class="button @unless ($page->shakeIsDue) button-quiet @endunless
                                big-button">{{ __('infusions.shake') }}</button>
                            <details class="late">
                                <summary>{{ __('infusions.late') }}</summary><label><span
                                        class="label">{{ __('infusions.when') }}</span> <input type="datetime-local"
                                        name="when" value="{{ old('when') }}"
                                        @invalid('when')></label>
                            </details>
                            <x-problem for="when" />
                        </form>
                    @endif
                    <p class="jar-word @if ($page->strainIsDue) is-due @endif">{{ $page->strainWord }}</p>
                </div>
            @else
                <div class="jar-do">
                    <p>{{ $page->outcome }}</p>
                    @foreach ($page->lots as $lot)
                        <p><a class="button button-quiet" href="{{ route('lot', $lot) }}">{{ $lot->code }}</a></p>
                    @endforeach
                    <form method="post" action="{{ route('infusion.again', $jar) }}">@csrf<button
                            class="button">{{ __('infusions.again') }}</button></form>
                </div>
            @endif
        </header>
        @if ($page->advice !== '')
            <p class="jar-advice sev-mind" role="status">{{ \App\Ground\PencilNotes::mark('mind') }}
                {{ $page->advice }}</p>
        @endif
        <div class="jar-body">
            <section class="jar-curve" aria-label="{{ __('infusions.chart') }}">
                <x-strength-chart :chart="$page->chart" :title="__('infusions.chart')" />
                <dl class="figures figures-row">
                    @foreach ($page->figures as $figure)
                        <div>
                            <dt>{{ $figure['label'] }}</dt>
                            <dd>{{ $figure['figure'] }}@if ($figure['of'] !== '')
                                    <small>{{ $figure['of'] }}</small>
                                @endif
                            </dd>
                        </div>
                    @endforeach
                </dl>
                <p class="quiet">{{ implode(' · ', $page->contents) }}</p>
                <p class="quiet">{{ __('infusions.strength_means') }}</p>
                <p class="jar-links"><a href="{{ route('infusion.label', $jar) }}">{{ __('infusions.label') }}</a>
                    @if ($jar->isStanding())
                        <a href="{{ route('infusion.calendar', $jar) }}">{{ __('infusions.calendar') }}</a>
                    @endif
                </p>
            </section>
            @if ($jar->isStanding())
                <section class="jar-acts">
                    @if ($page->cooking !== null)
                        <form method="post" action="{{ route('infusion.pot', $jar) }}" class="pot-weighed" novalidate>
                            @csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}p">
                            <h2>{{ __('infusions.pot.title') }}</h2>
                            @if ($page->cooking['number'] !== '')
                                <p class="pot-until"><b>{{ $page->cooking['number'] }}</b></p>
                            @endif
                            <p>{{ $page->cooking['means'] }}</p>
                            @if ($page->cooking['said'] !== '')
                                <p class="hob-state @if ($page->cooking['isDone']) is-ready @endif" role="status">
                                    {{ $page->cooking['said'] }}</p>
                            @endif
                            <p class="act-fields"><label><span
                                        class="label">{{ __('infusions.pot.field') }}</span><span
                                        class="with-unit"><input name="pot" inputmode="decimal" maxlength="12"
                                            value="{{ old('pot') }}"
                                            @invalid('pot')>
                                        g</span></label></p>
                            <x-problem for="pot" />
                            <button class="button">{{ __('infusions.pot.do') }}</button>
                            <p class="quiet">{{ __('infusions.pot.basis') }}</p>
                        </form>
                    @endif
                    <details class="act" @if ($errors->hasAny(['take_out', 'top_up'])) open @endif>
                        <summary>{{ __('infusions.move') }}</summary>
                        <form method="post" action="{{ route('infusion.move', $jar) }}" x-data="foresee"
                            data-ask="{{ route('infusion.foresee', $jar) }}" novalidate>@csrf<input type="hidden"
                                name="client_key" value="{{ $page->clientKey }}m">
                            <p class="act-fields">
                                @foreach (['take_out', 'top_up'] as $field)
                                    <label><span class="label">{{ __("infusions.$field") }}</span><span
                                            class="with-unit"><input name="{{ $field }}" inputmode="decimal"
                                                maxlength="12" value="{{ old($field) }}"
                                                @invalid($field)>
                                            g</span></label>
                                @endforeach
                            </p>
                            @foreach (['take_out', 'top_up'] as $field)
                                @error($field)
                                    <p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}
                                    </p>
                                @enderror
                            @endforeach
                            @if (old('top_up') !== null && $errors->has('top_up'))
                                <label class="sure"><input type="checkbox" name="sure" value="1">
                                    {{ __('infusions.sure_top_up') }}</label>
                            @endif
                            {{-- below the button: what comes in late doesn't move it from under a finger --}}
                            <button class="button">{{ __('infusions.do_move') }}</button>
                            <p class="foreseen" role="status" aria-live="polite"></p>
                        </form>
                    </details>
                    <details class="act" @if ($errors->hasAny(['look', 'celsius'])) open @endif>
                        <summary>{{ __('infusions.look') }}</summary>
                        <form method="post" action="{{ route('infusion.look', $jar) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}l">
                            <div class="looks" role="radiogroup" aria-label="{{ __('infusions.look') }}">
                                @foreach (__('infusions.looks') as $value => $word)
                                    <label class="look"><input type="radio" name="look"
                                            value="{{ $value }}" @checked(old('look') === $value)>
                                        <span>{{ $word }}</span></label>
                                @endforeach
                            </div>
                            <p class="act-fields"><label><span
                                        class="label">{{ __('infusions.temperature') }}</span><span
                                        class="with-unit"><input name="celsius" inputmode="decimal" maxlength="8"
                                            value="{{ old('celsius') }}"
                                            @invalid('celsius')>
                                        °C</span></label>
                                <label class="wide"><span class="label">{{ __('infusions.note') }}</span><input
                                        name="note" maxlength="500" value="{{ old('note') }}"></label>
                            </p>
                            @foreach (['look', 'celsius'] as $field)
                                @error($field)
                                    <p class="problem" id="problem-{{ $field }}" role="alert">
                                        {{ $message }}</p>
                                @enderror
                            @endforeach
                            <button class="button">{{ __('infusions.do_look') }}</button>
                        </form>
                    </details>
                    <details class="act" @if ($page->strainIsDue || $errors->hasAny(['strained', 'pressed'])) open
                        @endif>
                        <summary>{{ __('infusions.strain') }}</summary>
                        <form method="post" action="{{ route('infusion.strain', $jar) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}s">
                            <p>{{ $page->strainMeans }}</p>
                            <p class="act-fields">
                                @foreach (['strained' => 'strained_g', 'pressed' => 'pressed_g'] as $field => $word)
                                    <label><span class="label">{{ __("infusions.$word") }}</span><span
                                            class="with-unit"><input name="{{ $field }}" inputmode="decimal"
                                                maxlength="12" value="{{ old($field) }}"
                                                @invalid($field)>
                                            g</span></label>
                                @endforeach
                            </p>
                            @foreach (['strained', 'pressed'] as $field)
                                @error($field)
                                    <p class="problem" id="problem-{{ $field }}" role="alert">
                                        {{ $message }}</p>
                                @enderror
                            @endforeach
                            @if (old('strained') !== null && $errors->has('strained'))
                                <label class="sure"><input type="checkbox" name="sure" value="1">
                                    {{ __('infusions.sure_strain') }}</label>
                            @endif
                            <button class="button">{{ __('infusions.do_strain') }}</button>
                        </form>
                    </details>
                    <details class="act" @error('reason') open @enderror>
                        <summary>{{ __('infusions.discard') }}</summary>
                        <form method="post" action="{{ route('infusion.discard', $jar) }}" novalidate>@csrf<input
                                type="hidden" name="client_key" value="{{ $page->clientKey }}d">
                            <p class="act-fields"><label class="wide"><span
                                        class="label">{{ __('infusions.reason') }}</span><input name="reason"
                                        maxlength="200" value="{{ old('reason') }}"
                                        @invalid('reason')></label>
                            </p>
                            <x-problem for="reason" />
                            <button class="button button-quiet">{{ __('infusions.do_discard') }}</button>
                        </form>
                    </details>
                </section>
            @endif
            <section class="jar-log">
                <h2>{{ __('infusions.history') }}</h2>
                <table class="plain log">
                    <tbody>
                        @foreach ($page->log as $row)
                            <tr @if ($row['undone']) class="is-undone" @endif>
                                <td class="log-when">{{ $row['when'] }}</td>
                                <th>{{ $row['what'] }}</th>
                                <td>{{ $row['value'] }} @if ($row['note'] !== '')
                                        <span class="quiet">{{ $row['note'] }}</span>
                                    @endif
                                </td>
                                <td>
                                    @if ($row['undoable'])
                                        <form method="post"
                                            action="{{ route('infusion.undo', [$jar, $row['id']]) }}">@csrf<input
                                                type="hidden" name="client_key"
                                                value="{{ $page->clientKey }}u{{ $row['id'] }}"><button
                                                class="link">{{ __('infusions.undo') }}</button></form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                        <tr>
                            <td class="log-when">{{ $wording->moment($page->story->start()) }}</td>
                            <th>{{ __('infusions.filled_on') }}</th>
                            <td></td>
                            <td></td>
                        </tr>
                    </tbody>
                </table>
            </section>
        </div>
    </article>
</x-page>
