<x-page :title="$page->draft->text('name')" body="on-bench">
    <form id="bench" method="post" action="{{ route('bench.change', $page->formula) }}" x-data="bench" autocomplete="off" novalidate>
        @csrf
        <button class="unseen" tabindex="-1" aria-hidden="true">{{ __('ui.bench.recalculate') }}</button>
        @include('bench.body')
        <p class="net" role="status" aria-live="polite" data-saved="{{ __('ui.bench.saved') }}" data-saving="{{ __('ui.bench.saving') }}" data-offline="{{ __('ui.bench.offline') }}"></p>
    </form>
    <form id="keep" method="post" action="{{ route('formula.keep', $page->formula) }}">@csrf</form>
    <form id="make" method="post" action="{{ route('formula.make', $page->formula) }}">@csrf</form>
</x-page>
