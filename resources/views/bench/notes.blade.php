<section class="notes" id="notes" aria-labelledby="notes-heading">
    <h2 id="notes-heading">{{ __('ui.bench.notes_heading') }}</h2>
    @if ($page->notes === [] && $page->regime !== '')
        <p>{{ __('ui.bench.no_notes') }}</p>
    @endif
    <ul>
        @foreach ($page->notes as $note)
            @include('bench.note')
        @endforeach
    </ul>
    @if ($page->personal !== [])
        <div class="personal" id="personal">
            <h2>{{ __('hair.heading') }}</h2>
            <ul>
                @foreach ($page->personal as $note)
                    <li>{{ $note }}</li>
                @endforeach
            </ul>
            <p class="quiet">{{ __('hair.basis') }}</p>
        </div>
    @endif
</section>
