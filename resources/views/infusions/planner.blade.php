<x-page :title="$page->draft->name()" body="on-bench on-planner">
    <x-live-form :action="route('infusion.change', $page->jar)">
        @include('infusions.planner-body')
    </x-live-form>
    <form id="fill" method="post" action="{{ route('infusion.start', $page->jar) }}">@csrf</form>
    <form id="drop" method="post" action="{{ route('infusion.drop', $page->jar) }}">@csrf</form>
</x-page>
