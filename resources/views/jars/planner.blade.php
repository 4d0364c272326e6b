<x-page :title="$page->draft->name()" body="on-bench on-planner">
    <form id="bench" method="post" action="{{ route('jar.change', $page->jar) }}" x-data="bench" autocomplete="off" novalidate>
        @csrf
        <button class="unseen" tabindex="-1" aria-hidden="true">{{ __('ui.bench.recalculate') }}</button>
        @include('jars.planner-body')
        <p class="net" role="status" aria-live="polite" data-saved="{{ __('ui.bench.saved') }}" data-saving="{{ __('ui.bench.saving') }}" data-offline="{{ __('ui.bench.offline') }}"></p>
    </form>
    <form id="fill" method="post" action="{{ route('jar.start', $page->jar) }}">@csrf</form>
    <form id="drop" method="post" action="{{ route('jar.drop', $page->jar) }}">@csrf</form>
</x-page>
