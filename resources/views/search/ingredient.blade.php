@inject('wording', 'App\Ground\Wording')
@php($it = $page->ingredient)
<x-page :title="$page->name" body="on-search">
    <p><a href="{{ route('search') }}">{{ __('search.title') }}</a></p>
    <h1>{{ $page->name }}</h1>
    <p>{{ __('words.kind.' . $it->kind->value) }} · <i>{{ $it->inci }}</i></p>
    <section class="material-does">
        @foreach ($facts->does($it) as $said)
            <p>{{ $said }}</p>
        @endforeach
    </section>
    @if ($it->cautionNote !== '')
        <p class="jar-advice sev-mind">{{ \App\Ground\PencilNotes::mark('mind') }}
            {{ $wording->note($it->cautionNote) }}
        </p>
    @endif
    @if ($it->legalNote !== '')
        <p>{{ $wording->note($it->legalNote) }}</p>
    @endif
    @foreach (['amounts', 'life', 'acidity', 'heat'] as $what)
        @if ($ranges = $facts->$what($it))
            <x-ranges :ranges="$ranges" :title="__('materials.drawn.' . $what)" />
        @endif
    @endforeach
    <div class="material-with">
        @foreach (['goes' => $facts->goesWith($it), 'not' => $facts->notWith($it)] as $how => $says)
            @if ($says !== [])
                <section>
                    <h2>{{ __("materials.$how") }}</h2>
                    <ul>
                        @foreach ($says as $said)
                            <li>{{ $said }}</li>
                        @endforeach
                    </ul>
                </section>
            @endif
        @endforeach
        <section>
            <h2>{{ __('materials.alike') }}</h2>
            <ul>
                @foreach ($facts->neighbours($it) as $other)
                    <li><a
                            href="{{ route('ingredient', $other->key) }}">{{ $wording->ingredient($other->key) }}</a>
                    </li>
                @endforeach
            </ul>
        </section>
    </div>
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
