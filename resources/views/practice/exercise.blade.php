<x-page :title="__('practice.sorts.' . $page->sort->value . '.0')" body="on-practice">
    <header class="design-head"><a class="back" href="{{ route('practice') }}">← {{ __('practice.back') }}</a>
        <h1>{{ __('practice.sorts.' . $page->sort->value . '.0') }} <small
                class="name">{{ $page->bench->formula->name }}</small></h1>
    </header>
    <div class="practice-case">
        <section class="case-given">
            @if ($page->timeline !== null)
                <x-heat-chart :timeline="$page->timeline" :so-far="$page->soFar" :label="__('simulation.heading')" />
                <ol class="case-steps">
                    @foreach ($page->steps as $step)
                        <li class="is-{{ $step['state'] }}">{{ $step['what'] }}
                            <small>{{ __('practice.' . $step['state']) }}</small></li>
                    @endforeach
                </ol>
            @endif
            <div class="case-formula @if ($page->timeline !== null) case-small @endif">
                <x-vessel :section="$page->vessel" />
                <div>
                    @include('bench.lines', ['lanes' => $page->bench->lanes])
                    <dl class="case-facts">
                        @foreach ($page->facts as $fact)
                            <div>
                                <dt>{{ $fact['label'] }}</dt>
                                <dd>{{ $fact['figure'] }}</dd>
                            </div>
                        @endforeach
                    </dl>
                </div>
            </div>
        </section>
        <section class="case-asked" aria-live="polite">
            <form method="post" action="{{ route('practice.answer', $page->case->code) }}">@csrf
                <h2>{{ __($page->timeline === null ? 'practice.what' : 'practice.what_making') }}</h2>
                @include('practice.choices', [
                    'choices' => $page->wrongs,
                    'field' => 'what',
                    'answered' => $page->spotted,
                ])
            </form>
            @if ($page->spotted !== null)
                <p class="case-said @if ($page->isSpotted) is-right @endif" id="said">
                    <b>{{ __($page->isSpotted ? 'practice.spotted' : 'practice.not_spotted') }}</b>
                    {{ $page->message }}</p>
                <p class="quiet">{{ $page->because }} {{ $page->source }} @if ($page->handbook !== '')
                        <a href="{{ $page->handbook }}">{{ __('practice.try_on_bench') }}</a>
                    @endif
                </p>
                <form method="post" action="{{ route('practice.answer', $page->case->code) }}">@csrf
                    <input type="hidden" name="what" value="{{ $page->spotted }}"><input type="hidden"
                        name="client_key" value="{{ $page->clientKey }}">
                    <h2>{{ __('practice.then') }}</h2>
                    @include('practice.choices', [
                        'choices' => $page->ways,
                        'field' => 'way',
                        'answered' => $page->chosen,
                    ])
                </form>
            @endif
            @if ($page->chosen !== null)
                <p class="case-said @if ($page->isMended) is-right @endif">
                    <b>{{ __($page->isMended ? 'practice.mended' : 'practice.not_mended') }}</b> {{ $page->verdict }}
                </p>
                @if ($page->left !== [])
                    <p>{{ __('practice.left') }}</p>
                    <ul class="case-left">
                        @foreach ($page->left as $left)
                            <li>{{ $left }}</li>
                        @endforeach
                    </ul>
                @endif
                <p><a class="button"
                        href="{{ route('practice.next',
                        [$page->sort->value, 'after' => $page->case->code]) }}">{{ __('practice.another') }}</a>
                </p>
            @endif
        </section>
    </div>
</x-page>
