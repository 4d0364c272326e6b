<x-page :title="__('ui.shelf.title')" body="on-shelf">
    @if ($making === [] && $made === [] && $formulas === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('beaker', 400), [], 0, 260)" class="first-vessel"/>
            <div>
                <h1>{{ __('ui.shelf.what') }}</h1>
                <p>{{ __('ui.shelf.empty') }}</p>
                @include('shelf.begin')
            </div>
        </section>
    @else
        <div class="shelf-head">
            <h1>{{ __('ui.shelf.title') }}</h1>
            @include('shelf.begin')
        </div>
        @foreach ([['ui.shelf.standing', [...$making, ...$made]], ['ui.shelf.bench', $formulas]] as [$heading, $things])
            @if ($things !== [])
                <section class="shelf-row">
                    <h2>{{ __($heading) }}</h2>
                    @include('shelf.things')
                </section>
            @endif
        @endforeach
        <p class="more"><a href="{{ route('formulas') }}">{{ __('ui.shelf.all') }}</a></p>
    @endif
</x-page>
