@inject('wording', 'App\Ground\Wording')
<x-page :title="__('ui.version.title', ['name' => $formula->name, 'number' => $version->number])" body="on-version">
    <div class="bench bench-read">
        <header class="bench-head">
            <h1 class="bench-name name">{{ $page->draft->text('name') }} <small>{{ $version->number }}</small></h1>
            <a class="button button-quiet"
                href="{{ route('compare', [$formula, 'a' => $version->number]) }}">{{ __('ui.bench.compare') }}</a>
            <form method="post" action="{{ route('trial', [$formula, $version->number]) }}">@csrf<button
                    class="button button-quiet">{{ __('suggestions.trial.do') }}</button></form>
            <form method="post" action="{{ route('version.reopen', [$formula, $version->number]) }}">@csrf<button
                    class="button button-quiet">{{ __('ui.version.reopen') }}</button></form>
        </header>
        <div class="judgement judgement-{{ $page->stops() ? 'stop' : $page->regime }}">
            <p class="regime regime-{{ $page->regime }}">
                {{ __('words.regime.' . $page->regime) }}<small>{{ $page->regimeMeans }}</small>
            </p>
            <p class="verdict">{{ $page->verdict }}</p>
        </div>
        <section class="cutaway"><x-vessel :section="$page->vessel" :leaders="true" />
            <p class="total">
                @if ($page->total !== '')
                    <b>{{ $page->total }}</b>
                @endif{{ $page->totalMeans }}
            </p>
        </section>
        <section class="lanes">
            <p class="kept-on">{{ __('ui.version.kept_on', ['date' => $wording->date($version->created_at)]) }}</p>
            @if ($version->note !== '')
                <p class="version-note"><em>{{ $version->note }}</em></p>
            @endif
            @include('bench.lines', ['lanes' => $page->lanes])
            <h2>{{ __('ui.version.batches') }}</h2>
            @forelse ($version->batches as $batch)
                <p><a href="{{ route('make', $batch) }}">{{ $batch->code }}</a>
                    {{ $wording->date($batch->started_at) }}</p>
            @empty
                <p>{{ __('ui.version.none') }}</p>
            @endforelse
        </section>
        <section class="notes">
            <h2>{{ __('ui.bench.notes_heading') }}</h2>
            <ul>
                @foreach ($page->notes as $note)
                    @include('bench.note', ['readonly' => true, 'bench' => __('ui.bench')])
                @endforeach
            </ul>
        </section>
    </div>
</x-page>
