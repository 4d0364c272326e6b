{{-- What a finished batch was filled into: each kind with its own place, date and label. --}}
<section class="containers" id="containers" aria-labelledby="containers-name">
    @if ($made->containers !== [])
        <h2 id="containers-name">{{ __('shelf.split.title') }}</h2>
        <ul class="container-row">
            @foreach ($made->containers as $one)
                <li class="container-one is-{{ $one['storage'] }}" id="container-{{ $one['letter'] }}">
                    <p class="container-drawn" aria-hidden="true">
                        @foreach ($one['vessels'] as $vessel)
                            <x-vessel :section="$vessel" class="container-vessel" />
                        @endforeach
                    </p>
                    <div>
                        <h3><b class="container-letter">{{ $one['letter'] }}</b> {{ $one['what'] }}
                            <small>{{ __('shelf.split.each', ['grams' => $one['each']]) }}</small></h3>
                        <p>{{ implode(' · ', array_filter([$one['place'], $one['thawed'], $one['count']])) }}</p>
                        <p @class(['container-until', 'is-urgent' => $one['isOver']])>{{ $one['until'] }}</p>
                        <x-life :left="$one['life']" />
                        @if ($made->release->isFree())
                            <p><a href="{{ route('label', [$batch, 'in' => $one['letter']]) }}">
                                {{ __('ui.record.label') }}</a></p>
                        @endif
                        @if ($one['thaws'])
                            <form method="post" action="{{ route('container.thaw', [$batch, $one['letter']]) }}"
                                class="container-thaw">@csrf<input type="hidden" name="client_key"
                                    value="{{ $made->clientKey }}t{{ $one['letter'] }}"><input type="hidden"
                                    name="count" value="1"><button
                                    class="button">{{ __('shelf.split.thaw') }}</button></form>
                        @endif
                        @include('shelf.container', ['one' => $one])
                    </div>
                </li>
            @endforeach
        </ul>
        @if ($made->rest !== '')
            <p>{{ __('shelf.split.rest', ['grams' => $made->rest]) }}</p>
        @endif
        <x-problem for="count" />
        <x-problem for="container" />
    @endif
    @if ($made->rest !== '')
        <details class="act" @if ($made->isRefused($errors->keys())) open @endif>
            <summary @if ($made->containers === []) id="containers-name" @endif>{{ __('shelf.split.do') }}</summary>
            <form method="post" action="{{ route('shelf.split', $batch) }}#containers" novalidate>@csrf<input
                    type="hidden" name="client_key" value="{{ $made->clientKey }}s">
                <p class="quiet">{{ __('shelf.split.how', ['grams' => $made->rest]) }}</p>
                @for ($i = 0; $i < \App\Shelf\ContainerBook::MOST_AT_ONCE; $i++)
                    @php($is = fn(string $field): string => (string) old("split.$i.$field", $made->rowOf($i)[$field]))
                    <fieldset class="split-row">
                        <legend class="unseen">{{ __('shelf.split.kind_of', ['n' => $i + 1]) }}</legend>
                        <label><span class="label">{{ __('shelf.split.count') }}</span><input
                                name="split[{{ $i }}][count]" inputmode="numeric" maxlength="4"
                                value="{{ $is('count') }}" @invalid("split.$i.count")></label>
                        <label><span class="label">{{ __('shelf.split.what') }}</span><select
                                name="split[{{ $i }}][what]">
                                @foreach (\App\Make\Container::KINDS as $kind)
                                    <option value="{{ $kind }}" @selected($kind === $is('what'))>
                                        {{ __("shelf.split.kinds.$kind") }}</option>
                                @endforeach
                            </select></label>
                        <label><span class="label">{{ __('shelf.split.grams') }}</span><span class="with-unit"><input
                                    name="split[{{ $i }}][grams]" inputmode="decimal" maxlength="9"
                                    value="{{ $is('grams') }}" @invalid("split.$i.grams")> g</span></label>
                        <label><span class="label">{{ __('shelf.split.storage') }}</span><select
                                name="split[{{ $i }}][storage]">
                                @foreach (\App\Make\Container::PLACES as $place)
                                    <option value="{{ $place }}" @selected($place === $is('storage'))>
                                        {{ __("shelf.split.places.$place") }}</option>
                                @endforeach
                            </select></label>
                        <label><span class="label">{{ __('shelf.where') }}</span><input
                                name="split[{{ $i }}][stands]" maxlength="80" value="{{ $is('stands') }}"
                                placeholder="{{ $i === 0 ? __('shelf.where_hint') : '' }}"></label>
                        @foreach (['count', 'grams', 'storage'] as $field)
                            <x-problem :for="'split.' . $i . '.' . $field" />
                        @endforeach
                    </fieldset>
                @endfor
                @if ($made->isParted)
                    <p class="quiet">{{ __('shelf.split.freezing') }}</p>
                @endif
                <button class="button">{{ __('shelf.split.go') }}</button>
            </form>
        </details>
    @endif
</section>
