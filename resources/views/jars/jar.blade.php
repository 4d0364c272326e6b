@php($jar = $page->jar)
<x-page :title="$jar->name" body="on-jar">
    @if ($page->story->clockIsBehind)<p class="said said-refused" role="alert">{{ __('jars.clock') }}</p>@endif
    <article class="jar">
        <header class="jar-head">
            <x-vessel :section="$page->vessel" :class="'jar-vessel-large'.($page->shakeIsDue ? ' leans' : '')" :label="__('ui.bench.vessel', ['name' => $jar->name])"/>
            <div class="jar-now">
                <h1>{{ $jar->name }} <small class="code">{{ $jar->code }}</small></h1>
                <p class="jar-state">{{ $page->state }}</p>
                <p class="jar-strength"><b>{{ $page->strength }}</b> <span>{{ __($jar->isStanding() ? 'jars.strength_now' : 'jars.figures.strength') }}<br>{{ $page->strengthMeans }}</span></p>
            </div>
            @if ($jar->isStanding())
                <div class="jar-do">
                    @if ($page->shakeWord !== '')
                        <form method="post" action="{{ route('jar.shake', $jar) }}" x-data="step">@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}">
                            <p class="jar-word @if ($page->shakeIsDue) is-due @endif">{{ $page->shakeWord }}</p>
                            <button class="button @unless ($page->shakeIsDue) button-quiet @endunless big-button">{{ __('jars.shake') }}</button>
                            <details class="late"><summary>{{ __('jars.late') }}</summary><label><span class="label">{{ __('jars.when') }}</span> <input type="datetime-local" name="when" value="{{ old('when') }}" @error('when') aria-invalid="true" aria-describedby="problem-when" @enderror></label></details>
                            @error('when')<p class="problem" id="problem-when" role="alert">{{ $message }}</p>@enderror
                        </form>
                    @endif
                    <p class="jar-word @if ($page->strainIsDue) is-due @endif">{{ $page->strainWord }}</p>
                </div>
            @else
                <div class="jar-do">
                    <p>{{ $page->outcome }}</p>
                    @foreach ($page->lots as $lot)<p><a class="button button-quiet" href="{{ route('lot', $lot) }}">{{ $lot->code }}</a></p>@endforeach
                    <form method="post" action="{{ route('jar.again', $jar) }}">@csrf<button class="button">{{ __('jars.again') }}</button></form>
                </div>
            @endif
        </header>
        @if ($page->advice !== '')<p class="jar-advice sev-mind" role="status">{{ \App\Ground\PencilNotes::mark('mind') }} {{ $page->advice }}</p>@endif
        <div class="jar-body">
            <section class="jar-curve" aria-label="{{ __('jars.chart') }}">
                <x-strength-chart :chart="$page->chart" :title="__('jars.chart')"/>
                <dl class="figures figures-row">
                    @foreach ($page->figures as $figure)<div><dt>{{ $figure['label'] }}</dt><dd>{{ $figure['figure'] }}@if ($figure['of'] !== '') <small>{{ $figure['of'] }}</small>@endif</dd></div>@endforeach
                </dl>
                <p class="quiet">{{ implode(' · ', $page->contents) }}</p>
                <p class="quiet">{{ __('jars.strength_means') }}</p>
                <p class="jar-links"><a href="{{ route('jar.label', $jar) }}">{{ __('jars.label') }}</a>@if ($jar->isStanding()) <a href="{{ route('jar.calendar', $jar) }}">{{ __('jars.calendar') }}</a>@endif</p>
            </section>
            @if ($jar->isStanding())
                <section class="jar-acts">
                    @if ($page->cooking !== null)
                        <form method="post" action="{{ route('jar.pot', $jar) }}" class="pot-weighed" novalidate>@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}p">
                            <h2>{{ __('jars.pot.title') }}</h2>
                            @if ($page->cooking['number'] !== '')<p class="pot-until"><b>{{ $page->cooking['number'] }}</b></p>@endif
                            <p>{{ $page->cooking['means'] }}</p>
                            @if ($page->cooking['said'] !== '')<p class="hob-state @if ($page->cooking['isDone']) is-ready @endif" role="status">{{ $page->cooking['said'] }}</p>@endif
                            <p class="act-fields"><label><span class="label">{{ __('jars.pot.field') }}</span><span class="with-unit"><input name="pot" inputmode="decimal" maxlength="12" value="{{ old('pot') }}" @error('pot') aria-invalid="true" aria-describedby="problem-pot" @enderror> g</span></label></p>
                            @error('pot')<p class="problem" id="problem-pot" role="alert">{{ $message }}</p>@enderror
                            <button class="button">{{ __('jars.pot.do') }}</button>
                            <p class="quiet">{{ __('jars.pot.basis') }}</p>
                        </form>
                    @endif
                    <details class="act" @if ($errors->hasAny(['take_out', 'top_up'])) open @endif>
                        <summary>{{ __('jars.move') }}</summary>
                        <form method="post" action="{{ route('jar.move', $jar) }}" x-data="foresee" data-ask="{{ route('jar.foresee', $jar) }}" novalidate>@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}m">
                            <p class="act-fields">@foreach (['take_out', 'top_up'] as $field)<label><span class="label">{{ __("jars.$field") }}</span><span class="with-unit"><input name="{{ $field }}" inputmode="decimal" maxlength="12" value="{{ old($field) }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror> g</span></label>@endforeach</p>
                            @foreach (['take_out', 'top_up'] as $field)@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
                            @if (old('top_up') !== null && $errors->has('top_up'))<label class="sure"><input type="checkbox" name="sure" value="1"> {{ __('jars.sure_top_up') }}</label>@endif
                            <p class="foreseen" role="status" aria-live="polite"></p>
                            <button class="button">{{ __('jars.do_move') }}</button>
                        </form>
                    </details>
                    <details class="act" @if ($errors->hasAny(['look', 'celsius'])) open @endif>
                        <summary>{{ __('jars.look') }}</summary>
                        <form method="post" action="{{ route('jar.look', $jar) }}" novalidate>@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}l">
                            <div class="looks" role="radiogroup" aria-label="{{ __('jars.look') }}">@foreach (__('jars.looks') as $value => $word)<label class="look"><input type="radio" name="look" value="{{ $value }}" @checked(old('look') === $value)> <span>{{ $word }}</span></label>@endforeach</div>
                            <p class="act-fields"><label><span class="label">{{ __('jars.temperature') }}</span><span class="with-unit"><input name="celsius" inputmode="decimal" maxlength="8" value="{{ old('celsius') }}" @error('celsius') aria-invalid="true" aria-describedby="problem-celsius" @enderror> °C</span></label>
                                <label class="wide"><span class="label">{{ __('jars.note') }}</span><input name="note" maxlength="500" value="{{ old('note') }}"></label></p>
                            @foreach (['look', 'celsius'] as $field)@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
                            <button class="button">{{ __('jars.do_look') }}</button>
                        </form>
                    </details>
                    <details class="act" @if ($page->strainIsDue || $errors->hasAny(['strained', 'pressed'])) open @endif>
                        <summary>{{ __('jars.strain') }}</summary>
                        <form method="post" action="{{ route('jar.strain', $jar) }}" novalidate>@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}s">
                            <p>{{ $page->strainMeans }}</p>
                            <p class="act-fields">@foreach (['strained' => 'strained_g', 'pressed' => 'pressed_g'] as $field => $word)<label><span class="label">{{ __("jars.$word") }}</span><span class="with-unit"><input name="{{ $field }}" inputmode="decimal" maxlength="12" value="{{ old($field) }}" @error($field) aria-invalid="true" aria-describedby="problem-{{ $field }}" @enderror> g</span></label>@endforeach</p>
                            @foreach (['strained', 'pressed'] as $field)@error($field)<p class="problem" id="problem-{{ $field }}" role="alert">{{ $message }}</p>@enderror @endforeach
                            @if (old('strained') !== null && $errors->has('strained'))<label class="sure"><input type="checkbox" name="sure" value="1"> {{ __('jars.sure_strain') }}</label>@endif
                            <button class="button">{{ __('jars.do_strain') }}</button>
                        </form>
                    </details>
                    <details class="act" @error('reason') open @enderror>
                        <summary>{{ __('jars.discard') }}</summary>
                        <form method="post" action="{{ route('jar.discard', $jar) }}" novalidate>@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}d">
                            <p class="act-fields"><label class="wide"><span class="label">{{ __('jars.reason') }}</span><input name="reason" maxlength="200" value="{{ old('reason') }}" @error('reason') aria-invalid="true" aria-describedby="problem-reason" @enderror></label></p>
                            @error('reason')<p class="problem" id="problem-reason" role="alert">{{ $message }}</p>@enderror
                            <button class="button button-quiet">{{ __('jars.do_discard') }}</button>
                        </form>
                    </details>
                </section>
            @endif
            <section class="jar-log">
                <h2>{{ __('jars.history') }}</h2>
                <table class="plain log"><tbody>
                    @foreach ($page->log as $row)
                        <tr @if ($row['undone']) class="is-undone" @endif><td class="log-when">{{ $row['when'] }}</td><th>{{ $row['what'] }}</th><td>{{ $row['value'] }} @if ($row['note'] !== '')<span class="quiet">{{ $row['note'] }}</span>@endif</td>
                            <td>@if ($row['undoable'])<form method="post" action="{{ route('jar.undo', [$jar, $row['id']]) }}">@csrf<input type="hidden" name="client_key" value="{{ $page->clientKey }}u{{ $row['id'] }}"><button class="link">{{ __('jars.undo') }}</button></form>@endif</td></tr>
                    @endforeach
                    <tr><td class="log-when">{{ app(\App\Ground\Wording::class)->moment($page->story->start()) }}</td><th>{{ __('jars.filled_on') }}</th><td></td><td></td></tr>
                </tbody></table>
            </section>
        </div>
    </article>
</x-page>
