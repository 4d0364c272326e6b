<x-page :title="__('shelf.price.title', ['name' => $page->name])" body="on-price">
    <p><a href="{{ route('batch', $page->batch) }}">{{ $page->name }} ({{ $page->batch->code }})</a></p>
    <h1>{{ __('shelf.price.title', ['name' => $page->name]) }}</h1>
    <div class="price">
        <form method="get" action="{{ route('price', $page->batch) }}" class="price-form" novalidate>
            @foreach ($page->typed as $field => $value)
                <label><span class="label">{{ __("shelf.price.fields.$field") }}</span><input name="{{ $field }}"
                        inputmode="decimal" maxlength="12" value="{{ $value }}"
                        @invalid($field, $page->problems)>
                    @isset($page->problems[$field])
                        <span class="problem" id="problem-{{ $field }}"
                            role="alert">{{ $page->problems[$field] }}</span>
                    @endisset
                </label>
            @endforeach
            <button class="button">{{ __('shelf.price.calculate') }}</button>
        </form>
        <section aria-live="polite">
            <p class="acidity-number"><b>{{ $page->sell === '' ? '–' : $page->sell }}</b>
                <span>{{ __('shelf.price.sell') }}</span></p>
            <p><b>{{ $page->cost }}</b> {{ __('shelf.price.cost') }}</p>
            <svg class="price-bar" viewBox="0 0 100 10" preserveAspectRatio="none"
                aria-hidden="true">@php($x = 0.0)@foreach ($page->parts as $i => $part)
                    <rect class="price-{{ $i }}" x="{{ $x }}" width="{{ $part['share'] }}"
                        height="10" />@php($x += $part['share'])
                @endforeach
            </svg>
            <dl class="figures figures-row">
                @foreach ($page->parts as $i => $part)
                    <div class="price-key-{{ $i }}">
                        <dt>{{ $part['part'] }}</dt>
                        <dd>{{ $part['figure'] }}</dd>
                    </div>
                @endforeach
            </dl>
            @if ($page->missing !== '')
                <p class="problem">{{ $page->missing }}</p>
            @endif
            <p>{{ __('shelf.price.leaves_out') }}</p>
            <p class="quiet">{{ __('shelf.price.basis') }}</p>
        </section>
    </div>
</x-page>
