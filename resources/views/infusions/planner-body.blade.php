<div id="bench-body" class="bench planner" data-search="{{ route('catalogue.search') }}?of=infusion&amp;q="
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
        @include('bench.steps')
        <div class="bench-do">
            <button class="button button-quiet" form="drop">{{ __('infusions.drop') }}</button>
            <button class="button" form="fill" @disabled(!$page->canStart())>{{ __('infusions.fill') }}</button>
        </div>
    </header>
    <div id="judgement" @class([
        'judgement',
        'judgement-stop' => !$page->canStart() && $page->infusion !== null && $page->problems === [],
    ])>
        @if ($page->big !== '')
            <p class="ready-in" id="ready-in"><b>{{ $page->big }}</b> <span>{{ $page->bigMeans }}</span></p>
        @endif
        <p class="verdict" id="verdict" aria-live="polite">{{ $page->verdict }}</p>
    </div>
    @if ($page->draft->spent() !== '')
        <p class="second-draw" id="second-draw">{{ $page->draft->text('note') }}</p>
    @endif
    <section class="cutaway" id="cutaway">
        <div class="cutaway-frame">
            @if ($page->vessel !== null)
                <x-vessel :section="$page->vessel" :leaders="true"
                    :label="__('ui.bench.vessel', ['name' => $page->draft->name()])" />
            @else
                <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('jar', 500), [])" />
            @endif
        </div>
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
    </section>
    <section class="lanes" id="lanes">
        @foreach ($page->lanes as $part => $rows)
            <fieldset class="lane mat-{{ $part === 'plants' ? 'infusion' : 'oil' }}" id="lane-{{ $part }}">
                <legend class="unseen-word">{{ __("infusions.$part") }}</legend>
                <div class="lane-head">
                    <svg class="swatch" viewBox="0 0 26 18" width="26" height="18" aria-hidden="true">
                        <path class="swatch-fill" d="M1 1h24v16h-24z" />
                        <path class="stratum-hatch"
                            d="{{ \App\Drawing\Hatch::path($part === 'plants'
                            ? 'infusion'
                            : 'oil', static fn(float $y): float => 12.0, 13, 1, 17) }}" />
                    </svg>
                    <span class="lane-name">{{ __("infusions.$part") }}
                        <small>{{ __("infusions.{$part}_means") }}</small></span>
                    <button class="add" name="do" value="add:{{ $part }}"
                        aria-label="{{ __("infusions.add_$part") }}">+</button>
                </div>
                @foreach ($rows as $row)
                    @php([$field, $line] = ["{$part}[{$row['key']}]",
                        str_replace(':n', (string) $row['position'], __('ui.bench.lines'))])
                    <div class="row @if ($row['gravest'] !== '') has-{{ $row['gravest'] }} @endif"
                        id="row-{{ $row['key'] }}" data-line="{{ $row['key'] }}"
                        data-band="{{ $part === 'plants' ? 'plants' : 'oil' }}">
                        <span class="position" aria-hidden="true">{{ $row['position'] }}</span>
                        <span class="picker" x-data="picker">
                            <input type="hidden" name="{{ $field }}[ingredient]"
                                value="{{ $row['ingredient'] }}">
                            <input class="ingredient" name="{{ $field }}[name]" value="{{ $row['name'] }}"
                                maxlength="120" title="{{ $row['name'] }}" role="combobox" aria-autocomplete="list"
                                aria-expanded="false" aria-controls="found-{{ $row['key'] }}"
                                aria-label="{{ $line }}, {{ __($part === 'plants'
                                ? 'infusions.plant'
                                : 'infusions.oil') }}"
                                placeholder="{{ __("infusions.search_$part") }}">
                            <ul class="found" id="found-{{ $row['key'] }}" role="listbox" hidden></ul>
                        </span>
                        @if ($part === 'plants')
                            <select class="form-of" name="{{ $field }}[form]"
                                aria-label="{{ $line }}, {{ __('infusions.form') }}">
                                @foreach (__('words.plant_form') as $value => $word)
                                    <option value="{{ $value }}" @selected($row['form'] === $value)>
                                        {{ $word }}</option>
                                @endforeach
                            </select>
                        @endif
                        <input class="amount" name="{{ $field }}[amount]" value="{{ $row['amount'] }}"
                            maxlength="80" aria-label="{{ $line }}, {{ __('ui.bench.amount') }}"
                            placeholder="{{ __('infusions.amount_hint') }}"
                            @if ($row['error'] !== '') aria-invalid="true" aria-describedby="problem-{{ $row['key'] }}"
                                @endif>
                        <span class="num grams">{{ $row['grams'] }}</span>
                        <button class="take-out" name="do" value="remove:{{ $row['key'] }}"
                            aria-label="{{ str_replace(':n', (string) $row['position'],
                            __('infusions.remove')) }}">×</button>
                        @if ($part === 'plants' && $row['ingredient'] !== '' && str_starts_with($row['form'], 'dried'))
                            <label class="fresh">
                                <span>{{ __('infusions.fresh') }}</span>
                                <input name="{{ $field }}[fresh]" value="{{ $row['fresh'] }}" maxlength="20"
                                    inputmode="decimal" placeholder="{{ __('infusions.fresh_hint') }}"
                                    @if ($row['fresh_error'] !== '') aria-invalid="true"
                                        aria-describedby="problem-fresh-{{ $row['key'] }}" @endif>
                            </label>
                            @if ($row['fresh_error'] !== '')
                                <p class="problem" id="problem-fresh-{{ $row['key'] }}">{{ $row['fresh_error'] }}</p>
                            @endif
                        @endif
                        @if ($row['error'] !== '')
                            <p class="problem" id="problem-{{ $row['key'] }}">{{ $row['error'] }}</p>
                        @endif
                        @if ($row['caution'] !== '')
                            <p class="row-caution">{{ $row['caution'] }}</p>
                        @endif
                    </div>
                @endforeach
            </fieldset>
        @endforeach
        <fieldset class="how" id="how">
            <legend class="unseen-word">{{ __('infusions.how') }}</legend>
            <label><span class="label">{{ __('infusions.school') }}</span><select name="method">
                    @foreach (__('words.infusion_method') as $value => $word)
                        <option value="{{ $value }}"
                            @selected($page->draft->text('method') === $value)>{{ $word }}</option>
                    @endforeach
                </select>
            </label>
            @foreach (['celsius' => $page->usualCelsius(), 'lasts' => $page->usualLasts(),
                'rhythm' => $page->usualRhythm(), 'jar' => '500', 'wished' => '–'] as $field => $usual)
                @continue($field === 'rhythm' && $page->draft->method()->isHeated())
                <label><span class="label">{{ __("infusions.$field") }}</span><input name="{{ $field }}"
                        value="{{ $page->draft->text($field) }}" maxlength="20" placeholder="{{ $usual }}"
                        @invalid($field, $page->problems)>
                    @isset($page->problems[$field])
                        <span class="problem" id="problem-{{ $field }}">{{ $page->problems[$field] }}</span>
                    @endisset
                </label>
            @endforeach
            <label><span class="label">{{ __('infusions.use') }}</span><select name="use">
                    @foreach (__('words.use') as $value => $word)
                        <option value="{{ $value }}"
                            @selected($page->draft->text('use') === $value)>{{ $word }}</option>
                    @endforeach
                </select>
            </label>
        </fieldset>
        @if ($page->chart !== null)
            <section class="schools" id="schools">
                <h2>{{ __('infusions.side_by_side') }}</h2>
                <x-strength-chart :chart="$page->chart" :title="__('infusions.chart')" />
                <table class="plain">
                    <thead>
                        <tr>
                            <th>{{ __('infusions.columns.school') }}</th>
                            <th class="num">{{ __('infusions.columns.time') }}</th>
                            <th class="num">{{ __('infusions.columns.ready') }}</th>
                            <th class="num">{{ __('infusions.columns.strength') }}</th>
                            <th class="num">{{ __('infusions.columns.kept') }}</th>
                            <th>{{ __('infusions.columns.gains') }}</th>
                            <th><span class="unseen-word">{{ __('infusions.take_this') }}</span></th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($page->schools as $school)
                            <tr class="@if ($school['chosen']) is-chosen @endif">
                                <th>{{ $school['name'] }} @if ($school['doubt'] !== '')
                                        <span class="sev-{{ $school['doubt'] }}">
                                            {{ \App\Ground\PencilNotes::mark($school['doubt']) }}</span>
                                    @endif
                                </th>
                                <td class="num" data-label="{{ __('infusions.columns.time') }}">
                                    {{ $school['time'] }}</td>
                                <td class="num">{{ $school['ready'] }}</td>
                                <td class="num" data-label="{{ __('infusions.columns.strength') }}">
                                    {{ $school['strength'] }}</td>
                                <td class="num" data-label="{{ __('infusions.columns.kept') }}">
                                    {{ $school['kept'] }}</td>
                                <td class="gains">{{ $school['out'] }}</td>
                                <td>
                                    @unless ($school['chosen'])
                                        <button class="fix" name="do"
                                            value="method:{{ $school['method'] }}">
                                            {{ __('infusions.take_this') }}</button>
                                    @endunless
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="quiet">{{ __('infusions.strength_means') }}</p>
            </section>
        @endif
    </section>
    <section class="notes" id="notes" aria-labelledby="notes-heading">
        <h2 id="notes-heading">{{ __('ui.bench.notes_heading') }}</h2>
        <ul>
            @foreach ($page->notes as $note)
                @include('bench.note')
            @endforeach
        </ul>
    </section>
    @if ($page->draft->text('note') !== '' && $page->draft->spent() === '')
        <details class="plan-note">
            <summary>{{ __('infusions.note_of') }}</summary>
            <p class="as-written">{{ $page->draft->text('note') }}</p>
            @include('recipes.pictures', ['of' => $page->jar])
        </details>
    @endif
    <svg class="threads" aria-hidden="true"></svg>
</div>
