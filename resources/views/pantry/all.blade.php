@inject('wording', 'App\Ground\Wording')
<x-page :title="__('pantry.title')" body="on-shelf">
    <div class="shelf-head">
        <h1>{{ __('pantry.title') }}</h1>
        <p class="shelf-links"><a href="{{ route('shopping') }}">{{ __('shopping.title') }}</a> · <a
                href="{{ route('own-ingredients') }}">{{ __('own_ingredients.title') }}</a></p>
    </div>
    @if ($turning !== [])
        <section class="turning">
            <h2>{{ __('pantry.turning') }}</h2>
            <ul>
                @foreach ($turning as $row)
                    <li><a href="{{ $row['href'] }}"><b>{{ $row['name'] }}</b> {{ $row['date'] }}</a>
                        @if ($row['formulas'] === [])
                            <span class="quiet">{{ __('pantry.turning_none') }}</span>
                        @else
                            <span>{{ __('pantry.turning_in') }} @foreach ($row['formulas'] as $formula)
                                    <a href="{{ $formula['href'] }}">{{ $formula['name'] }}</a>{{
                                        $loop->last ? '' : ',' }}
                                @endforeach
                            </span>
                        @endif
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($oils === [] && $preparations === [] && $bought === [] && $gone === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('bottle', 250), [], 0, 240)"
                class="first-vessel" />
            <p>{{ __('pantry.empty') }}</p>
        </section>
    @endif
    @foreach (['preparations' => $preparations, 'oils' => $oils, 'bought' => $bought] as $heading => $things)
        @if ($things !== [])
            <section class="shelf-row">
                <h2>{{ __("pantry.$heading") }}</h2>@include('today.things')
            </section>
        @endif
    @endforeach
    {{ $page->links('today.pages') }}
    <details class="act put-bought" id="put" data-search="{{ route('catalogue.search') }}?of=any&amp;q="
        @if ($errors->any()) open @endif>
        <summary>{{ __('pantry.put_open') }}</summary>
        <form method="post" action="{{ route('pantry.put') }}" novalidate>@csrf
            <div class="act-fields">
                <div class="wide"><label class="label" for="put-name">{{ __('ui.bench.ingredient') }}</label>
                    <div class="picker" x-data="picker"><input type="hidden" name="ingredient"
                            value="{{ old('ingredient') }}"><input class="ingredient" id="put-name" name="name"
                            maxlength="200" value="{{ old('name') }}" role="combobox" aria-autocomplete="list"
                            aria-expanded="false" aria-controls="found-put" autocomplete="off"
                            placeholder="{{ __('ui.bench.search') }}"
                            @invalid('name')>
                        <ul class="found" id="found-put" role="listbox" hidden></ul>
                    </div>
                </div>
                @foreach (['grams' => 'decimal', 'price' => 'decimal', 'best_before' => 'text', 'opened_on' => 'text']
                    as $field => $mode)
                    <label><span class="label">{{ __("pantry.fields.$field") }}</span><input
                            name="{{ $field }}"
                            @if ($mode === 'text') type="date" @else inputmode="decimal" maxlength="12" @endif
                            value="{{ old($field) }}"
                            @invalid($field)></label>
                @endforeach
                <label class="wide"><span class="label">{{ __('pantry.supplier') }}</span><input name="supplier"
                        maxlength="200" value="{{ old('supplier') }}"
                        placeholder="{{ __('pantry.supplier_hint') }}"></label>
            </div>
            @foreach (['name', 'grams', 'price', 'best_before', 'opened_on'] as $field)
                <x-problem :for="$field" />
            @endforeach
            <p class="quiet">{{ __('pantry.put_means') }}</p>
            <button class="button">{{ __('pantry.do_put') }}</button>
        </form>
    </details>
    @if ($gone !== [])
        <section>
            <h2>{{ __('pantry.gone') }}</h2>
            <table class="plain done-list">
                <tbody>
                    @foreach ($gone as $lot)
                        <tr>
                            <th><a href="{{ route('lot', $lot) }}">{{ $lot->name }}</a></th>
                            <td>{{ $lot->code }}</td>
                            <td>{{ $lot->gone_at === null ? '' : $wording->ago($lot->gone_at) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-page>
