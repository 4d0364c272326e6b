<x-page :title="__('shopping.title')" body="on-shelf">
    <p><a href="{{ route('pantry') }}">{{ __('pantry.title') }}</a></p>
    <h1>{{ __('shopping.title') }}</h1>
    <p>{{ __('shopping.why') }}</p>
    <form method="post" action="{{ route('shopping.add') }}" class="prepare" novalidate>@csrf
        <label><span class="label">{{ __('shopping.formula') }}</span><select name="formula">
                @foreach ($formulas as $id => $name)
                    <option value="{{ $id }}" @selected((string) old('formula') === (string) $id)>{{ $name }}</option>
                @endforeach
            </select>
        </label>
        <label><span class="label">{{ __('pantry.fields.grams') }}</span><input name="grams" inputmode="decimal"
                maxlength="12" value="{{ old('grams') }}"
                @invalid('grams')></label>
        <button class="button">{{ __('shopping.add') }}</button>
        @foreach (['formula', 'grams'] as $field)
            <x-problem :for="$field" />
        @endforeach
    </form>
    @if ($plans !== [])
        <ul class="hob-list">
            @foreach ($plans as $plan)
                <li><a href="{{ $plan['href'] }}">{{ $plan['name'] }}</a>, {{ $plan['grams'] }} <button
                        class="link" form="drop-{{ $plan['id'] }}">{{ __('shopping.drop') }}</button>
                    <form id="drop-{{ $plan['id'] }}" method="post"
                        action="{{ route('shopping.drop', $plan['id']) }}">@csrf</form>
                </li>
            @endforeach
        </ul>
        <section class="shelf-row">
            <h2>{{ __('shopping.buy') }}</h2>
            @if ($buy === [])
                <p>{{ __('shopping.nothing') }}</p>
            @else
                <table class="plain shopping">
                    <thead>
                        <tr>
                            <th></th>
                            <th class="num">{{ __('shopping.to_buy') }}</th>
                            <th class="num">{{ __('shopping.wanted') }}</th>
                            <th class="num">{{ __('shopping.have') }}</th>
                            <th class="num">{{ __('shopping.about') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($buy as $row)
                            <tr>
                                <th scope="row">{{ $row['name'] }}</th>
                                <td class="num"><b>{{ $row['buy'] }}</b></td>
                                <td class="num">{{ $row['wanted'] }}</td>
                                <td class="num">{{ $row['have'] }}</td>
                                <td class="num">{{ $row['price'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p>{{ __('shopping.cost', ['cost' => $cost]) }}@if ($unpriced > 0)
                        {{ trans_choice('shopping.unpriced', $unpriced) }}
                    @endif
                </p>
            @endif
        </section>
        @if ($have !== [])
            <details>
                <summary>{{ __('shopping.there') }}</summary>
                <ul>
                    @foreach ($have as $row)
                        <li>{{ $row['name'] }}: {{ $row['wanted'] }} / {{ $row['have'] }}</li>
                    @endforeach
                </ul>
            </details>
        @endif
        <p class="quiet">{{ __('shopping.basis') }}</p>
        <p><button class="button button-quiet" type="button"
                x-data="printer">{{ __('shelf.trace.print') }}</button></p>
    @endif
</x-page>
