<x-page :title="$page->draft->text('name')" body="on-bench">
    <x-live-form :action="route('bench.change', $page->formula)">
        @include('bench.body')
    </x-live-form>
    @if (($watched = $page->watched()) !== [])
        <section class="bench-watched" aria-labelledby="watched-heading">
            <h2 id="watched-heading">{{ __('observations.bench') }}</h2>
            <ul>
                @foreach ($watched as $seen)
                    <li>{{ $seen }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    <dialog class="sheet" id="keep-sheet" aria-labelledby="keep-heading">
        <form id="keep" method="post" action="{{ route('formula.keep', $page->formula) }}">@csrf
            <h2 id="keep-heading">{{ __('ui.bench.keep') }}</h2>
            <label><span class="label">{{ __('ui.bench.keep_note') }}</span><input name="note" maxlength="500"
                    placeholder="{{ __('ui.bench.keep_hint') }}"></label>
            <p><button class="button">{{ __('ui.bench.keep') }}</button></p>
        </form>
        <form method="dialog"><button class="link">{{ __('ui.keys.close') }}</button></form>
    </dialog>
    <dialog class="sheet" id="anyway-sheet" aria-labelledby="anyway-heading">
        <form method="post" action="{{ route('formula.make', $page->formula) }}">
            @csrf
            <h2 id="anyway-heading">{{ __('ui.make.anyway_do') }}</h2>
            <label><span class="label">{{ __('ui.make.anyway_why') }}</span><input name="reason" maxlength="300"
                    required></label>
            <p><button class="button">{{ __('ui.make.anyway_do') }}</button></p>
        </form>
        <form method="dialog"><button class="link">{{ __('ui.keys.close') }}</button></form>
    </dialog>
    @include('bench.keys')
    <form id="make" method="post" action="{{ route('formula.make', $page->formula) }}">@csrf</form>
</x-page>
