<x-page :title="__('ui.nav.formulas')" body="on-shelf">
    <div class="shelf-head">
        <h1>{{ __('ui.nav.formulas') }}</h1>
        @include('today.begin')
    </div>
    @if ($formulas === [])
        <p>{{ __('ui.shelf.empty') }}</p>
    @else
        <section class="shelf-row">
            @include('today.things', ['things' => $formulas])
        </section>
        {{ $page->links('today.pages') }}
    @endif
</x-page>
