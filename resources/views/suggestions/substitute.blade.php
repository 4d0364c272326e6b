<x-page :title="__('suggestions.instead_title', ['name' => $page->name])" body="on-design">
    <header class="design-head"><a class="back" href="{{ route('bench', $page->formula) }}">←
            {{ __('ui.acidity.back') }}</a>
        <h1>{{ __('suggestions.instead', ['name' => $page->name]) }} <small class="name">{{ $page->formula->name }},
                {{ $page->share }}</small></h1>
    </header>
    @if ($page->candidates === [])
        <p>{{ __('suggestions.instead_none') }}</p>
    @endif
    <ol class="candidates">
        @foreach ($page->candidates as $candidate)
            <li class="candidate">
                <div class="candidate-what">
                    <h2>{{ $candidate['name'] }}</h2>
                    <p>{{ $candidate['likeness'] }}@if ($candidate['atHand'] !== '')
                            <b class="at-hand">{{ __('suggestions.at_hand', ['grams' => $candidate['atHand']]) }}</b>
                        @endif
                    </p>
                </div>
                @if ($candidate['curve'] !== '')
                    <svg class="firm-small" viewBox="0 0 {{ $page->plot->width }} {{ $page->plot->height }}"
                        role="img" aria-label="{{ __('ui.bench.firm_title') }}">
                        <path class="plot-axis" d="M2 44h128" />
                        <path class="firm-was" d="{{ $page->curve }}" />
                        <path class="firm-is" d="{{ $candidate['curve'] }}" />
                    </svg>
                @endif
                <dl class="shifts">
                    <div>
                        <dt>{{ __('ui.bench.amount') }}</dt>
                        <dd>{{ $candidate['amount'] }}</dd>
                    </div>
                    @foreach ($candidate['shifts'] as $shift)
                        <div>
                            <dt>{{ $shift['what'] }}</dt>
                            <dd>
                                @if ($shift['from'] !== '')
                                    {{ $shift['from'] }} →
                                @endif
                                <b>{{ $shift['to'] }}</b>
                            </dd>
                        </div>
                    @endforeach
                </dl>
                <form method="post" action="{{ route('substitute.swap', [$page->formula, $page->key]) }}">@csrf<input
                        type="hidden" name="revision" value="{{ $page->formula->revision }}"><button
                        class="button button-quiet" name="with" value="{{ $candidate['key'] }}"
                        aria-label="{{ __('suggestions.put_in_name',
                        ['name' => $candidate['name']]) }}">{{ __('suggestions.put_in') }}</button>
                </form>
                @if ($candidate['findings'] !== [])
                    <ul class="candidate-notes">
                        @foreach ($candidate['findings'] as $finding)
                            <li class="sev-{{ $finding['severity'] }}">
                                {{ \App\Ground\PencilNotes::mark($finding['severity']) }} {{ $finding['message'] }}
                            </li>
                        @endforeach
                    </ul>
                @elseif ($candidate['mended'] > 0)
                    <p class="candidate-notes">{{ trans_choice('suggestions.mends', $candidate['mended']) }}</p>
                @endif
            </li>
        @endforeach
    </ol>
    @if ($page->curve !== '')
        <p class="quiet"><svg class="firm-key" viewBox="0 0 30 10" width="30" height="10" aria-hidden="true">
                <path class="firm-was" d="M1 5h28" />
            </svg> {{ __('suggestions.curve_key') }}</p>
    @endif
    <p class="quiet">{{ __('suggestions.instead_basis') }}</p>
</x-page>
