<x-page :title="__('make.all.title')" body="on-shelf">
    <h1>{{ __('make.all.title') }}</h1>
    @if ($making !== [])
        <section class="shelf-row">
            <h2>{{ __('make.all.in_progress') }}</h2>
            @include('today.things', ['things' => $making])
        </section>
    @else
        <p>{{ __('make.all.none') }}</p>
    @endif
    <section class="shelf-row">
        <h2>{{ __('make.all.choose') }}</h2>
        @if ($formulas === [])
            <p>{{ __('make.all.no_formula') }}</p>
            @include('today.begin')
        @else
            <p>{{ __('make.all.how') }}</p>
            @include('today.things', ['things' => $formulas])
            <p><a href="{{ route('formulas') }}">{{ __('ui.shelf.all') }}</a></p>
        @endif
    </section>
</x-page>
