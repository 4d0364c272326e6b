<x-page :title="__('recipes.reading')" body="on-intake">
    <form method="post" action="{{ route('recipe.read') }}#note" class="intake" x-data="note"
        data-search="{{ route('catalogue.search') }}?q=">
        @csrf
        <header class="intake-head">
            <h1>{{ __('recipes.reading') }}</h1>
            <p class="verdict">
                {{ $page->rows === [] ? __('recipes.nothing') : trans_choice('recipes.doubts', $page->doubts) }}</p>
            <button class="button button-quiet">{{ __('recipes.again') }}</button>
            <button class="button" formaction="{{ route('recipe.open') }}" @disabled($page->rows === [])>
                {{ __($page->infusion !== null ? 'recipes.open_infusion' : 'recipes.open') }}</button>
            @if ($page->hasParts())
                <button class="button button-quiet" formaction="{{ route('recipe.open') }}" name="project"
                    value="1">{{ __('projects.link') }}</button>
            @endif
            @if ($page->infusion !== null)
                <button class="button button-quiet" formaction="{{ route('recipe.open') }}" name="as_formula"
                    value="1">{{ __('recipes.as_formula') }}</button>
            @endif
        </header>
        <section class="intake-text" id="note">
            <p class="intake-name">
                <label>{{ __('recipes.name') }}
                    <input name="name" maxlength="120" value="{{ $page->document['name'] }}"></label>
                <input type="hidden" name="called" value="{{ $page->called }}">
            </p>
            <div class="marked" lang="">{{--
                --}}@foreach ($page->pieces as $piece){{--
                    --}}@if ($piece['role'] === ''){{--
                        --}}{{ $piece['text'] }}{{--
                    --}}@else{{--
                        --}}<span class="stretch is-{{ $piece['role'] }} read-{{ $piece['state'] }}" role="button"
                            tabindex="0" data-key="{{ $piece['key'] }}" data-role="{{ $piece['role'] }}"
                            aria-pressed="false">{{--
                            --}}@if ($piece['n'] > 0)<b>{{ $piece['n'] }}</b>@endif{{--
                            --}}{{ $piece['text'] }}</span>{{--
                    --}}@endif{{ '' }}{{--
                --}}@endforeach{{--
            --}}</div>
            <div class="role-bar" x-ref="bar" hidden>
                <p>“<b x-ref="words"></b>” {{ __('recipes.is') }}</p>
                <input type="hidden" name="mark" x-ref="mark">
                @foreach ($page->roleChoices() as $role)
                    <button name="as" value="{{ $role }}" class="role-choice"
                        data-role="{{ $role }}">{{ __('recipes.role.' . $role) }}</button>
                @endforeach
                <span class="into" x-ref="into">
                    @foreach ($page->places() as $place => $name)
                        <button name="as" value="{{ $place }}" class="role-choice">{{ $name }}</button>
                    @endforeach
                </span>
            </div>
            <p class="quiet">{{ __('recipes.press') }}</p>
            @foreach ($page->roles as $key => $role)
                <input type="hidden" name="role[{{ $key }}]" value="{{ $role }}">
            @endforeach
            @foreach ($page->into as $key => $part)
                <input type="hidden" name="into[{{ $key }}]" value="{{ $part }}">
            @endforeach
            @foreach ($page->settled as $key => $material)
                <input type="hidden" name="settled[{{ $key }}]" value="{{ $material }}">
            @endforeach
            <details>
                <summary>{{ __('recipes.edit') }}</summary>
                <textarea name="text" rows="10" aria-label="{{ __('recipes.text') }}">{{ $page->text }}</textarea>
            </details>
            @if ($picture !== '')
                <figure class="note-picture">
                    <a href="{{ route('recipe.picture', $picture) }}"><img
                            src="{{ route('recipe.picture', $picture) }}" alt="{{ __('recipes.picture') }}"></a>
                    <input type="hidden" name="picture" value="{{ $picture }}">
                </figure>
            @endif
            @if ($page->hints !== [])
                <p class="quiet">{{ __('recipes.hints') }}: {{ implode(' · ', $page->hints) }}</p>
            @endif
        </section>
        <section class="intake-rows">
            @if ($page->claims !== [])
                <table class="plain note-says">
                    <thead>
                        <tr>
                            <th></th>
                            <th>{{ __('recipes.note_says') }}</th>
                            <th>{{ __('recipes.here') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($page->claims as $claim)
                            <tr @class(['differs' => $claim['differs']])>
                                <th scope="row">{{ $claim['what'] }}</th>
                                <td>{{ $claim['said'] }}</td>
                                <td>{{ $claim['here'] }}
                                    @if ($claim['differs'])
                                        <small>{{ __('recipes.differs') }}</small>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <p class="intake-for">
                <label>{{ __('ui.bench.audience') }}
                    <select name="audience">
                        @foreach ($page->audiences() as $audience)
                            <option value="{{ $audience }}" @selected($page->audience === $audience)>
                                {{ __("words.audience.$audience") }}</option>
                        @endforeach
                    </select></label>
                <label>{{ __('ui.bench.use') }}
                    <select name="use">
                        @foreach ($page->uses() as $use)
                            <option value="{{ $use }}" @selected($page->use === $use)>
                                {{ __("words.use.$use") }}</option>
                        @endforeach
                    </select></label>
            </p>
            @if ($page->usual !== [])
                <div class="usual">
                    <p>{{ __('recipes.usual') }}</p>
                    <label>{{ __('recipes.batch') }} <input name="batch" maxlength="20"
                            value="{{ $page->batch }}" placeholder="100 g"></label>
                    <button class="button button-quiet" name="fill" value="1">{{ __('recipes.fill') }}</button>
                    @if ($page->batchProblem !== '')
                        <small class="problem" role="alert">{{ __($page->batchProblem) }}</small>
                    @endif
                </div>
            @elseif ($page->batch !== '')
                <input type="hidden" name="batch" value="{{ $page->batch }}">
            @endif
            <table class="plain read-table">
                <thead>
                    <tr>
                        <th></th>
                        <th>{{ __('ui.bench.ingredient') }}</th>
                        <th class="num">{{ __('ui.bench.amount') }}</th>
                        <th class="num">{{ __('recipes.grams') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->rows as $row)
                        @if ($page->beginsPart($loop->index))
                            <tr class="read-part">
                                <th colspan="4" scope="rowgroup">
                                    {{ $page->parts[$row['part']] ?? __('recipes.then') }}
                                    @if ($page->taken($row['part']) !== null)
                                        <label class="read-taken">{{ __('recipes.taken') }}
                                            <input name="amount[{{ $row['part'] }}]" maxlength="40"
                                                value="{{ $page->taken($row['part']) }}"></label>
                                    @endif
                                </th>
                            </tr>
                        @endif
                        <tr class="read-row read-{{ $row['state'] }} mat-{{ $row['phase'] }}">
                            <td class="num"><b class="read-n">{{ $row['n'] }}</b></td>
                            <td>
                                <div class="picker" x-data="picker"><input type="hidden"
                                        name="pick[{{ $row['key'] }}]" value="{{ $row['chosen'] }}"><input
                                        class="ingredient" name="called_line[{{ $row['key'] }}]" maxlength="200"
                                        value="{{ $row['name'] }}" role="combobox" aria-autocomplete="list"
                                        aria-expanded="false" aria-controls="found-{{ $row['n'] }}"
                                        autocomplete="off" aria-label="{{ __('recipes.pick') }} {{ $row['n'] }}">
                                    <ul class="found" id="found-{{ $row['n'] }}" role="listbox" hidden></ul>
                                </div>
                                @if ($row['problem'] !== '')
                                    <small class="problem">{{ $row['problem'] }}</small>
                                @elseif ($row['state'] !== 'sure')
                                    <small class="read-state">{{ __('recipes.' . $row['state']) }}</small>
                                @endif
                                @foreach ($row['choices'] as $key => $name)
                                    <button class="may-be" name="take[{{ $row['key'] }}]"
                                        value="{{ $key }}">{{ $name }}</button>
                                @endforeach
                                @isset($page->usual[$row['key']])
                                    <small class="quiet">{{ $page->usual[$row['key']] }}</small>
                                @endisset
                                @includeWhen($row['one'] !== '', 'recipes.weighs')
                                @if ($row['other'] !== '')
                                    <small class="quiet">{{ $row['other'] }}</small>
                                @endif
                            </td>
                            <td class="num"><input name="amount[{{ $row['key'] }}]" value="{{ $row['amount'] }}"
                                    maxlength="200"
                                    aria-label="{{ __('ui.bench.lines', ['n' => $row['n']]) }}, {{
                                        __('ui.bench.amount') }}">
                            </td>
                            <td class="num"><b>{{ $row['grams'] }}</b>
                                @if ($row['band'] !== '')
                                    <small class="quiet">{{ $row['band'] }}</small>
                                @endif
                                <button class="drop" name="drop[{{ $row['key'] }}]" value="1">{{
                                    __('recipes.drop') }}</button>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </form>
</x-page>
