<x-page :title="__('practice.title')" body="on-practice">
    <h1>{{ __('practice.title') }}</h1>
    <p class="practice-lead">{{ __('practice.lead') }}</p>
    <div class="practice-benches">
        @foreach ($page->benches as $bench)
            @php($sort = $bench['sort']->value)
            <section class="practice-bench">
                <div class="practice-stands">
                    @foreach ($bench['stands'] as $vessel)
                        <x-vessel :section="$vessel" />
                        @endforeach @if ($sort === 'rescue')
                            <x-tube :reading="52" :mark="40" />
                        @endif
                </div>
                <h2>{{ __("practice.sorts.$sort.0") }}</h2>
                <p>{{ __("practice.sorts.$sort.1") }}</p>
                <svg class="practice-tally" viewBox="0 0 {{ 10 * $bench['all'] }} 20"
                    preserveAspectRatio="xMinYMid meet"
                    aria-hidden="true">
                    @for ($i = 0; $i < $bench['all']; $i++)
                        <path
                            class="{{ $i < $bench['resting']
                            ? 'is-resting'
                            : ($i < $bench['resting'] + $bench['again'] ? 'is-again' : '') }}"
                            d="M{{ 10 * $i + 1 }} 4h7v13a3.5 3 0 0 1-7 0z" />
                    @endfor
                </svg>
                <p class="quiet">
                    {{ __('practice.counted', ['resting' => $bench['resting'], 'all' => $bench['all']]) }}{{
                    $bench['again'] > 0 ? __('practice.counted_again', ['again' => $bench['again']]) : '' }}
                </p>
                <a class="button" href="{{ route('practice.next', $sort) }}">{{ __("practice.sorts.$sort.2") }}</a>
            </section>
        @endforeach
    </div>
    <section class="practice-met">
        <h2>{{ __('practice.met') }}</h2>
        @if ($page->met === [])
            <p>{{ __('practice.met_none') }}</p>
        @else
            <ul>
                @foreach ($page->met as $met)
                    <li><b>{{ $met['name'] }}</b> <span class="met-row" role="img"
                            aria-label="{{ trans_choice('practice.in_a_row', $met['row']) }}">
                            @for ($i = 0; $i < \App\Learn\PracticePage::MARKS; $i++)
                                <i class="{{ $i < $met['row'] ? 'is-full' : '' }}"></i>
                            @endfor
                        </span>
                        <span class="quiet">{{ $met['state'] }}</span>
                    </li>
                @endforeach
            </ul>
        @endif
    </section>
</x-page>
