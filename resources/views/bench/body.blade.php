@php($bench = __('ui.bench'))
<div id="bench-body" class="bench" data-search="{{ route('catalogue.search') }}?not={{ $page->formula->id }}&amp;q="
    @if ($page->hasOffersToCome()) data-notes="{{ route('bench.notes', $page->formula) }}"
        data-revision="{{ $page->revision }}" @endif
    @if ($page->elsewhere !== null) data-elsewhere @endif>
    @include('bench.elsewhere', [
        'isChanged' => $page->elsewhere !== null,
        'contested' => $page->contested(),
    ])
    @include('bench.refused')

    <header class="bench-head" id="bench-head">
        <div class="bench-name">
            <input class="name" name="name" value="{{ $page->draft->text('name') }}" maxlength="120"
                aria-label="{{ __('ui.bench.name') }}"
                @invalid('name', $page->problems)>
            @isset($page->problems['name'])
                <p class="problem" id="problem-name">{{ $page->problems['name'] }}</p>
            @endisset
        </div>
        <label class="batch-size"><span class="label">{{ __('ui.bench.batch') }}</span>
            <input name="batch" value="{{ $page->draft->text('batch') }}" inputmode="decimal" maxlength="20"
                @invalid('batch', $page->problems)> g
            @isset($page->problems['batch'])
                <span class="problem" id="problem-batch">{{ $page->problems['batch'] }}</span>
            @endisset
        </label>
        <label class="batch-size"><span class="label">{{ __('ui.bench.ph') }}</span>
            <input name="ph" value="{{ $page->draft->text('ph') }}" inputmode="decimal" maxlength="20"
                @invalid('ph', $page->problems)>
            @isset($page->problems['ph'])
                <span class="problem" id="problem-ph">{{ $page->problems['ph'] }}</span>
            @endisset
        </label>
        @include('bench.steps')
        <div class="bench-do">
            <button type="button" class="button button-quiet" id="keep-open" data-opens="keep-sheet"
                aria-haspopup="dialog" @disabled($page->isEmpty)>{{ __('ui.bench.keep') }} …</button>
            @if ($page->leads() !== '')
                <button type="button" class="button button-stop" id="do-make"
                    data-walk>{{ $page->leads() }}</button>
                @if ($page->canBeForced())
                    <button type="button" class="link" data-opens="anyway-sheet"
                        aria-haspopup="dialog">{{ __('ui.make.anyway') }}</button>
                @endif
            @else
                <button class="button" form="make" id="do-make"
                    @disabled($page->isEmpty)>{{ __('ui.bench.make') }}</button>
            @endif
        </div>
    </header>

    <div class="judgement judgement-{{ $page->stops() ? 'stop' : $page->regime }}" id="judgement">
        @if ($page->regime !== '')
            <p class="regime regime-{{ $page->regime }}" id="regime"><span
                    class="unseen-word">{{ __('ui.bench.regime') }}:
                </span>{{ __('words.regime.' . $page->regime) }}<small>{{ $page->regimeMeans }}</small>
            </p>
        @endif
        <p class="verdict" id="verdict" aria-live="polite">{{ $page->verdict }}</p>
        @if ($page->isEmpty)
            <p class="bench-turns"><a id="to-pour"
                    href="{{ route('pour', $page->formula) }}">{{ __('ui.pour.link_empty') }}</a></p>
        @endif
        @unless ($page->isEmpty)
            <p class="bench-turns">@if ($page->parts !== [])
                    <a id="to-project" href="{{ route('project', $page->formula) }}">{{ __('projects.link') }}</a>
                @endif
                @if ($page->canBeForced())
                    <a id="to-repairs"
                        href="{{ route('repairs', $page->formula) }}">{{ __('suggestions.repairs.link') }}</a>
                @endif
                <a id="to-bend"
                    href="{{ route('suggest', $page->formula) }}">{{ __('ui.bench.propose') }}</a> <a id="to-compare"
                    href="{{ route('compare', $page->formula) }}">{{ __('ui.bench.compare') }}</a> <a id="to-rehearse"
                    href="{{ route('simulation', $page->formula) }}">{{ __('ui.bench.rehearse') }}</a> <a id="to-pour"
                    href="{{ route('pour', $page->formula) }}">{{ __('ui.pour.link') }}</a></p>
        @endunless
    </div>

    @include('bench.for-whom')

    @if (($trial = $page->trial()) !== null)
        <p class="trial" id="trial">
            {{ __('suggestions.trial.strip', ['name' => $trial->of->formula->name, 'number' => $trial->of->number]) }}
            <b>{{ trans_choice('suggestions.trial.changes', $trial->changes) }}</b></p>
    @endif

    <section class="cutaway" id="cutaway"
        aria-label="{{ __('ui.bench.vessel', ['name' => $page->draft->text('name')]) }}">
        <div class="cutaway-frame"><x-vessel :section="$page->vessel" :leaders="true" /></div>
        <p class="total">
            @if ($page->total !== '')
                <b>{{ $page->total }}</b>
            @endif{{ $page->totalMeans }}
        </p>
        <dl class="figures">
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
        @if ($page->behind->isWatery)
            <p class="acidity-link"><a href="{{ route('acidity', $page->formula) }}">{{ __('ui.acidity.link') }}</a>
            </p>
        @endif
        @if ($page->behind->dose !== null)
            @include('bench.dose', ['dose' => $page->behind->dose])
        @endif
        @if ($page->behind->curves !== null)
            <figure class="behind" id="behind">
                <figcaption>
                    <h2>{{ $page->behind->title }}</h2>
                    <p>{{ $page->behind->said }}</p>
                </figcaption>
                <x-curves :curves="$page->behind->curves" :title="$page->behind->title . '. ' . $page->behind->said"
                    :windowWord="$page->behind->window" :bandWords="__('ui.bench.firm_feel')" />
                @if ($page->behind->seasons !== [])
                    <dl class="figures seasons">
                        @foreach ($page->behind->seasons as $season)
                            <div>
                                <dt>{{ $season['season'] }}</dt>
                                <dd>{{ $season['feel'] }}</dd>
                            </div>
                        @endforeach
                    </dl>
                @endif
                @if ($page->behind->whipped !== '')
                    <p>{{ $page->behind->whipped }}</p>
                @endif
                <p class="quiet">{{ $page->behind->basis }}</p>
            </figure>
        @endif
    </section>

    <section class="lanes" id="lanes">
        <div class="lane-columns" aria-hidden="true"><span></span><span>{{ __('ui.bench.ingredient') }}</span><span
                class="num">{{ __('ui.bench.amount') }}</span><span
                class="num">{{ __('ui.bench.grams') }}</span><span
                class="num">{{ __('ui.bench.share') }}</span><span></span></div>
        @php([$places, $letters] = [$page->places(), $page->letters()])
        @if ($page->parts !== [])
            <h2 class="made-first">{{ __('parts.made_first') }}</h2>
            @foreach ($page->parts as $part)
                @include('bench.part')
            @endforeach
            <h2 class="made-first">{{ __('parts.product') }}</h2>
        @endif
        @foreach ($page->lanes as $lane)
            @if ($lane['phase'] !== 'infusion' || $lane['rows'] !== [])
                @include('bench.lane')
            @endif
        @endforeach
        <details class="add-part" id="add-part">
            <summary>{{ __('parts.add') }}</summary>
            <p class="quiet">{{ __('parts.why') }}</p>
            <div class="add-part-kinds">
                @foreach (__('parts.makes') as $makes => $name)
                    <button class="button button-quiet" name="do" value="part:add:{{ $makes }}"><b>{{ $name }}</b>
                        <small>{{ __("parts.means.$makes") }}</small></button>
                @endforeach
            </div>
        </details>
        @if ($page->draft->isFull())
            <p class="problem" role="status">{{ __('ui.bench.too_many', ['most' => count($page->draft->lines())]) }}
            </p>
        @endif
        @if ($page->did() !== '')
            <p class="removed" role="status" id="did">{{ $page->did() }} <button class="link" name="do"
                    value="undo">{{ __('ui.bench.undo') }}</button></p>
        @endif
        @if ($page->behind->keeps !== '')
            <details class="about keeps" id="keeps">
                <summary>{{ __('ui.bench.keeps', ['days' => $page->behind->keeps]) }}
                    <small>{{ __('ui.bench.keeps_of') }}</small></summary>
                <ol class="keeps-steps">
                    @foreach ($page->behind->steps as $step)
                        <li @if ($loop->first) class="decides" @endif><b>{{ $step['days'] }}</b><svg
                                class="keeps-bar" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                                <rect width="{{ $step['part'] }}" height="10" />
                            </svg><span>{{ $step['what'] }}@if ($loop->first)
                                    <em>{{ __('ui.bench.decides') }}</em>
                                @endif
                            </span>
                        </li>
                    @endforeach
                </ol>
                @if ($page->behind->ways !== [])
                    <p class="label">{{ __('ui.bench.longer') }}</p>
                    <ol class="keeps-steps keeps-ways">
                        @foreach ($page->behind->ways as $way)
                            <li><b>{{ $way['days'] }}</b><svg class="keeps-bar" viewBox="0 0 100 10"
                                    preserveAspectRatio="none" aria-hidden="true">
                                    <rect class="keeps-now" width="{{ $way['now'] }}" height="10" />
                                    <rect x="{{ $way['now'] }}" width="{{ $way['part'] - $way['now'] }}"
                                        height="10" />
                                </svg><span>{{ $way['what'] }}</span></li>
                        @endforeach
                    </ol>
                @endif
                <p class="quiet">{{ __('ui.bench.keeps_basis') }}</p>
            </details>
        @endif
        <details class="about" id="what-for">
            <summary>{{ __('ui.bench.about') }}</summary>
            <div class="about-fields">
                @foreach (['family', 'intended', 'storage'] as $field)
                    <label><span class="label">{{ __('ui.bench.' . $field) }}</span>
                        <select name="{{ $field }}">
                            {{ $page->options("words.$field", $page->draft->text($field)) }}
                        </select>
                    </label>
                @endforeach
                <label><span class="label">{{ __('ui.bench.scale') }}</span>
                    <span class="with-unit"><input name="scale" value="{{ $page->draft->text('scale') }}"
                            inputmode="decimal" maxlength="20"
                            @invalid('scale', $page->problems)>
                        g</span>
                    @isset($page->problems['scale'])
                        <span class="problem" id="problem-scale">{{ $page->problems['scale'] }}</span>
                    @endisset
                </label>
                <label class="wide"><span class="label">{{ __('ui.bench.directions') }}</span>
                    <textarea name="directions" rows="2"
                        maxlength="10000">{{ $page->draft->text('directions') }}</textarea>
                </label>
                <label class="wide"><span class="label">{{ __('ui.bench.notes') }}</span>
                    <textarea name="notes" rows="2" maxlength="10000">{{ $page->draft->text('notes') }}</textarea>
                </label>
                @include('recipes.pictures', ['of' => $page->formula])
            </div>
        </details>
        <details class="about" id="scale">
            <summary>{{ __('ui.bench.scale_to') }}</summary>
            <div class="scale-fields" data-own>
                <label><span class="label">{{ __('ui.bench.to_grams') }}</span><span class="with-unit"><input
                            name="to_grams" inputmode="decimal" maxlength="12"> g</span></label>
                <button class="button button-quiet" name="do"
                    value="scale:grams">{{ __('ui.bench.do_scale') }}</button>
                <label><span class="label">{{ __('ui.bench.by_factor') }}</span><span class="with-unit">× <input
                            name="factor" inputmode="decimal" maxlength="8"></span></label>
                <button class="button button-quiet" name="do"
                    value="scale:factor">{{ __('ui.bench.do_scale') }}</button>
                <label><span class="label">{{ __('ui.bench.at_hand') }}</span><span class="with-unit"><input
                            name="at_hand" inputmode="decimal" maxlength="10"
                            aria-label="{{ __('ui.bench.at_hand_grams') }}"> g
                        <select name="scarce" aria-label="{{ __('ui.bench.ingredient') }}">
                            <option value="">–</option>
                            @foreach ($page->lanes as $lane)
                                @foreach ($lane['rows'] as $row)
                                    @if ($row['ingredient'] !== '')
                                        <option value="{{ $row['ingredient'] }}">{{ $row['name'] }}</option>
                                    @endif
                                @endforeach
                            @endforeach
                        </select>
                    </span></label>
                <button class="button button-quiet" name="do"
                    value="scale:supply">{{ __('ui.bench.do_scale') }}</button>
                <label><span class="label">{{ __('ui.bench.to_fill') }}</span><span class="with-unit"><input
                            name="count" inputmode="numeric" maxlength="4"
                            value="{{ $page->draft->packaging()[1] }}" aria-label="{{ __('ui.bench.count') }}"> ×
                        <select name="container" aria-label="{{ __('ui.bench.container') }}">
                            <option value="">–</option>
                            @foreach ($page->containers() as $key => $name)
                                <option value="{{ $key }}" @selected($page->draft->packaging()[0] === $key)>{{ $name }}
                                </option>
                            @endforeach
                        </select>
                    </span></label>
                <label><span class="label">{{ __('ui.bench.overrun') }}</span><span class="with-unit"><input
                            name="overrun" inputmode="decimal" maxlength="5"> %</span></label>
                <button class="button button-quiet" name="do"
                    value="scale:containers">{{ __('ui.bench.do_fill') }}</button>
                <p class="quiet">{{ __('ui.bench.fill_means', ['loss' => $page->usualLoss()]) }}</p>
            </div>
        </details>
        @unless ($page->isEmpty)
            <details class="about" id="take-along">
                <summary>{{ __('papers.take_along') }}</summary>
                <p class="take-along"><a href="{{ route('how-to', $page->formula) }}">{{ __('papers.how_to') }}</a>
                    @foreach (__('papers.formats') as $format => $name)
                        <a href="{{ route('formula.file', [$page->formula, $format]) }}" download>{{ $name }}</a>
                    @endforeach
                    <button type="button" class="link" x-data="png"
                        data-svg="{{ route('formula.file', [$page->formula, 'svg']) }}"
                        data-name="{{ \Illuminate\Support\Str::slug($page->formula->name) ?: 'formula' }}.png">
                        {{ __('labels.png') }}</button>
                </p>
                <p class="quiet">{{ __('papers.formats_mean') }}</p>
            </details>
        @endunless
        @if ($page->formula->versions->isNotEmpty())
            <p class="kept"><span class="label">{{ __('ui.bench.versions') }}</span>
                @foreach ($page->formula->versions as $version)
                    <a href="{{ route('version', [$page->formula, $version->number]) }}">{{ $version->number }}</a>
                @endforeach
            </p>
        @endif
    </section>

    @include('bench.notes')
    <svg class="threads" aria-hidden="true"></svg>
</div>
