@inject('wording', 'App\Ground\Wording')
<x-page :title="__('pantry.prepare.title')" body="on-shelf">
    @include('infusions.tabs')
    <div class="shelf-head">
        <h1>{{ __('pantry.prepare.title') }}</h1>
    </div>
    <form method="post" action="{{ route('preparation.plan') }}" class="prepare" novalidate>
        @csrf
        <label><span class="label">{{ __('pantry.prepare.method') }}</span>
            <select name="method">
                @foreach ($page->methods as $kind => $methods)
                    <optgroup label="{{ $kind }}">
                        @foreach ($methods as $key => $name)
                            <option value="{{ $key }}"
                                @selected(old('method', $page->chosen) === $key)>{{ $name }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
            </select>
        </label>
        <label><span class="label">{{ __('pantry.prepare.wanted') }}</span><span class="with-unit"><input name="wanted"
                    inputmode="decimal" maxlength="12" value="{{ old('wanted', $page->wanted) }}"
                    @invalid('wanted')> g</span></label>
        <button class="button">{{ __('pantry.prepare.do_plan') }}</button>
        <x-problem for="wanted" />
        @error('method')
            <p class="problem" role="alert">{{ $message }}</p>
        @enderror
    </form>
    <details class="act">
        <summary>{{ __('pantry.prepare.own') }}</summary>
        <form method="post" action="{{ route('preparation.own') }}">@csrf
            <p>{{ __('pantry.prepare.own_how') }}</p>
            <p class="act-fields">
                @foreach (['tea', 'decoction', 'cold_soak', 'gel', 'juice', 'puree', 'milk'] as $makes)
                    <button class="button button-quiet" name="makes"
                        value="{{ $makes }}">{{ __("parts.makes.$makes") }}</button>
                @endforeach
            </p>
        </form>
    </details>
    @if ($page->asked !== [])
        <section class="asked">
            <h2>{{ __('pantry.prepare.asked') }}</h2>
            <table class="plain">
                <tbody>
                    @foreach ($page->asked as $asked)
                        <tr>
                            <th>{{ $asked['name'] }}</th>
                            <td>{{ __('pantry.prepare.asked_for',
                                ['grams' => $asked['grams'], 'formula' => $asked['formula']]) }}
                            </td>
                            <td>
                                <form method="post" action="{{ route('preparation.plan') }}">@csrf<input
                                        type="hidden" name="method" value="{{ $asked['method'] }}"><input
                                        type="hidden" name="wanted" value="{{ $asked['number'] }}"><button
                                        class="fix">{{ __('pantry.prepare.plan_this') }}</button></form>
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
    @if ($page->planned !== [])
        <section>
            <h2>{{ __('pantry.prepare.planned') }}</h2>
            <table class="plain">
                <tbody>
                    @foreach ($page->planned as $preparation)
                        <tr>
                            <th><a
                                    href="{{ route('preparation',
                                    $preparation) }}">{{ __("preparations.$preparation->method.name") }}</a>
                            </th>
                            <td>{{ $wording->grams($preparation->plan['wanted']) }}</td>
                            <td>{{ $wording->ago($preparation->created_at) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
    @if ($page->atHand !== [])
        <section class="shelf-row">
            <h2>{{ __('pantry.prepare.at_hand') }}</h2>@include('today.things', ['things' => $page->atHand])
        </section>
    @elseif ($page->planned === [])
        <p>{{ __('pantry.prepare.none') }}</p>
    @endif
</x-page>
