<x-page :title="$page->draft->text('name')" body="on-bench">
    <x-live-form :action="route('bench.change', $page->formula)">
        @include('bench.body')
    </x-live-form>
    <form id="keep" method="post" action="{{ route('formula.keep', $page->formula) }}">@csrf</form>
    <form id="make" method="post" action="{{ route('formula.make', $page->formula) }}">@csrf</form>
</x-page>
