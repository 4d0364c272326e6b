<x-page :title="$page->draft->text('name')" body="on-bench">
    <x-live-form :action="route('bench.change', $page->formula)">
        @include('bench.body')
    </x-live-form>
    @if (($watched = $page->watched()) !== [])
        <section class="bench-watched" aria-labelledby="watched-heading">
            <h2 id="watched-heading">{{ __('watch.bench') }}</h2>
            <ul>@foreach ($watched as $seen)<li>{{ $seen }}</li>@endforeach</ul>
        </section>
    @endif
    <form id="keep" method="post" action="{{ route('formula.keep', $page->formula) }}">@csrf</form>
    <form id="make" method="post" action="{{ route('formula.make', $page->formula) }}">@csrf</form>
</x-page>
