<x-page :title="__('ui.nav.formulas')" body="on-shelf">
    <div class="shelf-head">
        <h1>{{ __('ui.nav.formulas') }}</h1>
        @include('shelf.begin')
    </div>
    @if ($formulas === [])
        <p>{{ __('ui.shelf.empty') }}</p>
    @else
        <section class="shelf-row">
            @include('shelf.things', ['things' => $formulas])
        </section>
        {{ $page->links('shelf.pages') }}
    @endif
</x-page>
