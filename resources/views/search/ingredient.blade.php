@inject('wording', 'App\Ground\Wording')
@php($it = $page->ingredient)
<x-page :title="$page->name" body="on-search">
    <p><a href="{{ route('search') }}">{{ __('search.title') }}</a></p>
    <h1>{{ $page->name }}</h1>
    <p>{{ __('words.kind.' . $it->kind->value) }} · <i>{{ $it->inci }}</i></p>
    @if ($it->cautionNote !== '')
        <p class="jar-advice sev-mind">{{ \App\Ground\PencilNotes::mark('mind') }}
            {{ $wording->note($it->cautionNote) }}
        </p>
    @endif
    @if ($it->legalNote !== '')
        <p>{{ $wording->note($it->legalNote) }}</p>
    @endif
    <dl class="figures figures-row">
        @foreach ($page->figures as $figure)
            <div>
                <dt>{{ $figure['label'] }}</dt>
                <dd>{{ $figure['figure'] }}</dd>
            </div>
        @endforeach
    </dl>
    <p class="quiet">{{ __('search.source', ['source' => $wording->note($it->source)]) }}</p>
    <p><a href="{{ route('own-ingredients', ['key' => $it->key]) }}">{{ __('search.correct') }}</a></p>
    @if ($page->lots !== [])
        <section class="search-kind">
            <h2>{{ __('search.kinds.lots') }}</h2>
            <ul>
                @foreach ($page->lots as $lot)
                    <li><a href="{{ $lot['href'] }}">{{ $lot['name'] }}</a> <span
                            class="quiet">{{ $lot['detail'] }}</span></li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($page->formulas !== [])
        <section class="search-kind">
            <h2>{{ __('search.in') }}</h2>
            <ul>
                @foreach ($page->formulas as $formula)
                    <li><a href="{{ $formula['href'] }}">{{ $formula['name'] }}</a></li>
                @endforeach
            </ul>
        </section>
    @endif
</x-page>
