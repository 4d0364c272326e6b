<x-page :title="$page->draft->name()" body="on-bench on-planner">
    <x-live-form :action="route('jar.change', $page->jar)">
        @include('jars.planner-body')
    </x-live-form>
    <form id="fill" method="post" action="{{ route('jar.start', $page->jar) }}">@csrf</form>
    <form id="drop" method="post" action="{{ route('jar.drop', $page->jar) }}">@csrf</form>
</x-page>
