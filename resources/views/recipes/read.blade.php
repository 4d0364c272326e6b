<x-page :title="__('recipes.reading')" body="on-intake">
    <form method="post" action="{{ route('recipe.read') }}" class="intake">
        @csrf
        <header class="intake-head">
            <h1>{{ __('recipes.reading') }}</h1>
            <p class="verdict">
                {{ $page->rows === [] ? __('recipes.nothing') : trans_choice('recipes.doubts', $page->doubts) }}</p>
            <button class="button button-quiet">{{ __('recipes.again') }}</button>
            <button class="button" formaction="{{ route('recipe.open') }}"
                @disabled($page->rows === [])>{{ __('recipes.open') }}</button>
        </header>
        <section class="intake-text">
            <p class="intake-name">
                <label>{{ __('recipes.name') }}
                    <input name="name" maxlength="120" value="{{ $page->document['name'] }}"></label>
                <input type="hidden" name="called" value="{{ $page->called }}">
                @if ($page->makes !== '')
                    <span>{{ $page->makes }}</span>
                @endif
            </p>
            <div class="marked">{{--
                --}}@foreach ($page->pieces as $piece){{--
                    --}}@if ($piece['n'] === 0){{--
                        --}}<span>{{ $piece['text'] }}</span>{{--
                    --}}@else{{--
                        --}}<mark class="read-{{ $piece['state'] }}"><b>{{ $piece['n'] }}</b>{{--
                            --}}{{ $piece['text'] }}</mark>{{--
                    --}}@endif{{ '' }}{{--
                --}}@endforeach{{--
            --}}</div>
            <details>
                <summary>{{ __('recipes.text') }}</summary>
                <textarea name="text" rows="10" aria-label="{{ __('recipes.text') }}">{{ $page->text }}</textarea>
            </details>
            @if ($page->hints !== [])
                <p class="quiet">{{ __('recipes.hints') }}: {{ implode(' · ', $page->hints) }}</p>
            @endif
            @if ($page->others !== [])
                <h2>{{ __('recipes.others') }}</h2>
                <ul class="quiet">
                    @foreach ($page->others as $other)
                        <li>{{ $other }}</li>
                    @endforeach
                </ul>
            @endif
        </section>
        <section class="intake-rows">
            <table class="plain">
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
                        <tr class="read-row read-{{ $row['state'] }} mat-{{ $row['phase'] }}">
                            <td class="num"><b class="read-n">{{ $row['n'] }}</b></td>
                            <td>
                                @if ($row['choices'] !== [] || $row['chosen'] === '')
                                    <label><span class="unseen-word">{{ __('recipes.pick') }}</span>
                                        <select name="pick[{{ $row['n'] }}]">
                                            <option value="" @selected($row['chosen'] === '')>
                                                “{{ $row['written'] }}”: {{ __('recipes.leave') }}</option>
                                            @foreach ($row['choices'] as $key => $name)
                                                <option value="{{ $key }}" @selected($row['chosen'] === $key)>
                                                    {{ $name }}</option>
                                            @endforeach
                                        </select></label>
                                @else
                                    {{ $row['name'] }}<input type="hidden" name="pick[{{ $row['n'] }}]"
                                        value="{{ $row['chosen'] }}">
                                @endif
                                @if ($row['state'] !== 'sure')
                                    <small class="read-state">{{ __('recipes.' . $row['state']) }}</small>
                                @endif
                                @if ($row['other'] !== '')
                                    <small class="quiet">{{ $row['other'] }}</small>
                                @endif
                            </td>
                            <td class="num"><input name="amount[{{ $row['n'] }}]" value="{{ $row['amount'] }}"
                                    maxlength="200"
                                    aria-label="{{ __('ui.bench.lines',
                                    ['n' => $row['n']]) }}, {{ __('ui.bench.amount') }}">
                            </td>
                            <td class="num"><b>{{ $row['grams'] }}</b>
                                @if ($row['band'] !== '')
                                    <small class="quiet">{{ $row['band'] }}</small>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </form>
</x-page>
