<x-page :title="__('practice.sorts.judge.0')" body="on-practice">
    <header class="design-head"><a class="back" href="{{ route('practice') }}">← {{ __('practice.back') }}</a>
        <h1>{{ __('practice.sorts.judge.0') }}</h1>
    </header>
    <form method="post" action="{{ route('practice.answer', $page->case->code) }}"
        class="judged @if ($page->choices[0]['vessel'] !== null) judged-jars @endif">@csrf
        <input type="hidden" name="client_key" value="{{ $page->clientKey }}">
        <p class="judged-question">{{ $page->question }}</p>
        @include('practice.choices', [
            'choices' => $page->choices,
            'field' => 'choice',
            'answered' => $page->chosen,
        ])
    </form>
    @if ($page->chosen !== null)
        <div class="judged-said" aria-live="polite">
            <p class="case-said @if ($page->isRight) is-right @endif">
                <b>{{ __($page->isRight ? 'practice.right' : 'practice.not_right') }}</b> {{ $page->because }}</p>
            <p class="quiet">{{ __('practice.basis') }} {{ $page->basis }}</p>
            <p><a class="button"
                    href="{{ route('practice.next',
                    ['judge', 'after' => $page->case->code]) }}">{{ __('practice.another') }}</a>
            </p>
        </div>
    @endif
</x-page>
