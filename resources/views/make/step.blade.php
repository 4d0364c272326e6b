@php($batch = $page->state->batch)
<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <x-head :title="__('make.title', ['verb' => $page->verb, 'name' => $page->state->formula->name])" />
</head>

<body class="hob" data-now="{{ now()->getTimestamp() }}"
    data-answered="{{ old('client_key', session('answered', '')) }}">
    <p class="hob-offline" role="alert" hidden>{{ __('make.offline') }}</p>
    <header class="hob-head">
        <p class="hob-out"><a class="hob-leave hob-phone"
                href="{{ route('phone',
                ['to' => route('make.step', [$batch, $page->step->key], false)]) }}">{{ __('access.on_phone') }}</a>
            <a class="hob-leave" href="{{ route('today') }}">{{ __('make.leave') }}</a></p>
        <p class="hob-name">{{ $page->state->formula->name }} <span>{{ $batch->code }}</span></p>
        @foreach ($page->timers as $key => $timer)
            @if ($key !== $page->step->key)
                <a class="hob-clock" href="{{ route('make.step', [$batch, $key]) }}" data-ends="{{ $timer['ends'] }}"
                    data-name="{{ $page->verbOf($key) }}" data-brief="1" data-over="{{ __('make.timer_over') }}"></a>
            @endif
        @endforeach
        @foreach ($page->otherClocks as $clock)
            <a class="hob-clock" href="{{ route('make.step', [$clock['code'], $clock['step']]) }}"
                data-ends="{{ $clock['ends'] }}" data-name="{{ $clock['name'] }}" data-brief="1"
                data-over="{{ __('make.timer_over') }}"></a>
        @endforeach
        <ol class="hob-path"
            aria-label="{{ __('make.step',
            ['n' => $page->state->plan->indexOf($page->step->key) + 1, 'of' => count($page->path)]) }}">
            @foreach ($page->path as $mark)
                <li class="mark-{{ $mark['state'] }}" @if ($mark['state'] === 'now') aria-current="step" @endif><a
                        href="{{ route('make.step', [$batch, $mark['key']]) }}" aria-label="{{ $mark['label'] }}"
                        title="{{ $mark['label'] }}"></a></li>
            @endforeach
        </ol>
    </header>
    @if ($page->waiting !== null)
        <div class="hob-waits" role="status">
            <p>{{ $page->waits() }}</p><a class="button"
                href="{{ route('make.step', [$batch, $page->waiting->key]) }}">{{ __('make.go_there') }}</a>
        </div>
    @endif
    @if ($page->despite !== [])
        <details class="hob-despite">
            <summary>{{ trans_choice('make.despite', count($page->despite)) }}</summary>
            <ul>
                @foreach ($page->despite as $stop)
                    <li>{{ $stop }}</li>
                @endforeach
            </ul>
            <p>{{ __('make.despite_why', ['reason' => $batch->despite['reason']]) }}</p>
        </details>
    @endif
    @if (session('refused'))
        <p class="said said-refused" role="alert">{{ session('refused') }}</p>
    @endif
    <main id="work"
        class="hob-step hob-{{ $page->step->kind->value }} @if ($page->isPlain()) hob-plain @endif"
        x-data="live"
        @if ($page->live !== []) data-reading="{{ route('make.reading', [$batch, $page->step->key]) }}" @endif>
        <form method="post" action="{{ route('make.record', [$batch, $page->step->key]) }}" x-data="step"
            data-batch="{{ $batch->pendingKey() }}" data-now="{{ route('make', $batch) }}"
            data-ahead="{{ json_encode($page->ahead) }}"
            @if ($page->most !== null) data-most="{{ $page->most }}" @endif novalidate>
            @csrf
            <input type="hidden" name="client_key" value="{{ $page->clientKey }}">
            <div class="hob-vessel"><x-vessel :section="$page->vessel" /></div>
            <p class="hob-verb">{{ $page->verb }}</p>
            <h1 class="hob-what">{{ $page->what }}</h1>
            @if ($page->number !== '')
                <p class="hob-number"><b>{{ $page->number }}</b> <span>{{ $page->unit }}</span></p>
            @endif
            <div class="hob-detail">@include(
                'make.' .
                    match ($page->step->kind->value) {
                        'weigh' => 'weigh',
                        'heat', 'gate' => 'temperature',
                        'test_ph' => 'ph',
                        'fill' => 'fill',
                        'whip' => 'whip',
                        'chill' => 'set',
                        'strain' => 'strain',
                        'cook_out' => 'pot',
                        'combine' => 'combine',
                        default => $page->step->seconds === null ? 'tick' : 'timer',
                    })</div>
            @if ($page->live !== [])
                <div class="live-readings">
                    @foreach ($page->live as $field => $instrument)
                        <p class="live" data-live="{{ $field }}"><span
                                class="label">{{ __('make.instrument.'
                                . explode(' ', $instrument)[0]) }}@if (count($page->live) > 1)
                                    {{ __('words.phase.' . $field) }}
                                @endif
                            </span>
                            <b>–</b> <small role="status"></small>
                        </p>
                    @endforeach
                    <p class="live-left" data-left-words></p>
                </div>
            @endif
            @include('make.trace')
            <p class="hob-why">{{ $page->why }} <button type="button" class="link aloud" x-data="aloud"
                    data-words="{{ $page->aloud() }}">{{ __('make.aloud') }}</button></p>
            <div class="hob-do">
                @if ($page->back !== null)
                    <a class="button button-quiet hob-back"
                        href="{{ route('make.step', [$batch, $page->back]) }}">{{ __('make.back') }}</a>
                @endif
                @yield('go')
                @stack('go')
            </div>
        </form>
        <section class="hob-ahead" aria-live="polite" hidden>
            <div class="ahead-step">
                <p class="hob-verb" data-part="verb"></p>
                <p class="hob-what" data-part="what"></p>
                <p class="hob-number"><b data-part="number"></b> <span data-part="unit"></span></p>
                <label class="big-field"><span class="label">{{ __('make.weighed') }}</span><input
                        inputmode="decimal"></label>
                <button type="button" class="button hob-go">{{ __('make.done') }}</button>
            </div>
            <p class="ahead-end">{{ __('make.ahead_end') }}</p>
            <p class="hob-note" data-waits="{{ __('make.waits') }}"></p>
        </section>
        <details class="hob-drop">
            <summary>{{ __('make.dropped.open') }}</summary>
            <form method="post" action="{{ route('make.drop', $batch) }}">
                @csrf
                <input type="hidden" name="client_key" value="{{ $page->clientKey }}">
                <label class="from-lot"><span class="label">{{ __('make.dropped.why') }}</span><input name="reason"
                        maxlength="300"></label>
                @if ($page->state->weights() !== [])
                    <label class="sure"><input type="checkbox" name="used" value="1" checked>
                        {{ __('make.dropped.used') }}</label>
                @endif
                <p><button class="button button-quiet">{{ __('make.dropped.do') }}</button></p>
            </form>
        </details>
        @if ($page->hasInstruments)
            <form class="practise" method="post" action="{{ route('make.practise', $batch) }}">@csrf<button
                    class="link">{{ __('make.practise') }}</button> <select name="pace"
                    aria-label="{{ __('make.practise') }}">
                    @foreach ([1, 5, 20] as $times)
                        <option value="{{ $times }}" @selected($times === 5)>
                            {{ __('make.pace', ['times' => $times]) }}</option>
                    @endforeach
                </select></form>
        @endif
    </main>
</body>

</html>
