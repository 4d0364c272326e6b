@php($batch = $page->state->batch)
<div class="hob-page" data-now="{{ now()->getTimestamp() }}" data-title="{{ $page->title() }} · Ilvane"
    data-at="{{ route('make.step', [$batch, $page->step->key], false) }}" data-step="{{ $page->step->key }}"
    data-revision="{{ $page->state->revision() }}" data-answered="{{ old('client_key', session('answered', '')) }}"
    @if (session('taken')) data-taken @endif @if ($page->waiting === null) data-waits @endif
    data-ahead="{{ route('make.ahead', [$batch, $page->step->key], false) }}">
    <header class="hob-head">
        <p class="hob-name">{{ $page->state->formula->name }} <span>{{ $batch->code }}</span></p>
        <details class="hob-steps">
            <summary>{{ __('make.step',
                ['n' => $page->state->plan->indexOf($page->step->key) + 1, 'of' => count($page->path)]) }}</summary>
            <ol>
                @foreach ($page->path as $mark)
                    <li class="mark-{{ $mark['state'] }}"
                        @if ($mark['state'] === 'now') aria-current="step" @endif><a
                            href="{{ route('make.step', [$batch, $mark['key']], false) }}">{{ $mark['label'] }}
                            @if ($mark['isDone'])
                                <span>{{ __('make.step_done') }}</span>
                            @endif
                        </a></li>
                @endforeach
            </ol>
        </details>
        <p class="hob-out"><a class="hob-leave hob-phone"
                href="{{ route('phone',
                ['to' => route('make.step', [$batch, $page->step->key], false)]) }}">{{ __('access.on_phone') }}</a>
            <a class="hob-leave" href="{{ route('today') }}">{{ __('make.leave') }}</a></p>
        <div class="hob-path" aria-hidden="true">
            @foreach ($page->path as $mark)
                <i class="mark-{{ $mark['state'] }}"></i>
            @endforeach
        </div>
        @foreach ($page->timers as $key => $timer)
            @if ($key !== $page->step->key)
                <a class="hob-clock" href="{{ route('make.step', [$batch, $key], false) }}"
                    data-ends="{{ $timer['ends'] }}" data-name="{{ $page->verbOf($key) }}" data-brief="1"
                    data-over="{{ __('make.timer_over') }}"></a>
            @endif
        @endforeach
        @foreach ($page->otherClocks as $clock)
            <a class="hob-clock" href="{{ route('make.step', [$clock['code'], $clock['step']], false) }}"
                data-ends="{{ $clock['ends'] }}" data-name="{{ $clock['name'] }}" data-brief="1"
                data-over="{{ __('make.timer_over') }}"></a>
        @endforeach
    </header>
    @if ($page->waiting !== null)
        <div class="hob-waits" role="status">
            <p>{{ $page->waits() }}</p><a class="button"
                href="{{ route('make.step', [$batch, $page->waiting->key], false) }}">{{ __('make.go_there') }}</a>
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
        @if ($page->live !== []) data-reading="{{ route('make.reading', [$batch, $page->step->key], false) }}" @endif>
        <form @class(['hob-form', 'is-wide' => $page->isWide()]) method="post"
            action="{{ route('make.record', [$batch, $page->step->key], false) }}"
            data-say="{{ $page->verb }} {{ $page->what }}"
            @if ($page->most !== null) data-most="{{ $page->most }}" @endif novalidate>
            @csrf
            <input type="hidden" name="client_key" value="{{ $page->clientKey }}">
            <div class="hob-picture">
                @foreach ($page->readings as $reading)
                    <x-level :level="$reading->level" :field="$reading->field"
                        :narrow="count($page->readings) > 1" />
                @endforeach
                @if ($page->readings === [])
                    @include('make.drawing')
                @endif
                @unless ($isAhead ?? false)
                    <div @class(['hob-vessel', 'is-alone' => $page->readings === []])><x-vessel
                            :section="$page->vessel" /></div>
                @endunless
            </div>
            <div class="hob-say">
                <p class="hob-verb">{{ $page->verb }}</p>
                <h1 class="hob-what" tabindex="-1">{{ $page->what }}</h1>
            </div>
            @if ($page->number !== '')
                <p class="hob-number"><b>{{ $page->number }}</b> <span>{{ $page->unit }}</span></p>
            @endif
            <div class="hob-detail">@include(
                'make.' .
                    match ($page->step->kind->value) {
                        'weigh' => ($page->detail['isLittle'] && $over === null) ? 'little' : 'weigh',
                        'heat', 'gate' => 'temperature',
                        'test_ph' => 'ph',
                        'fill' => 'fill',
                        'whip' => 'whip',
                        'chill' => 'set',
                        'strain' => 'strain',
                        'cook_out' => 'pot',
                        'combine' => 'combine',
                        default => $page->step->seconds === null ? 'tick' : 'timer',
                    })
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
                @include('make.first')
                @include('make.looks')
                @foreach ($page->remarks as $remark)
                    <p class="hob-remark sev-{{ $remark['severity'] }}">
                        {{ \App\Ground\PencilNotes::mark($remark['severity']) }} {{ $remark['message'] }}</p>
                @endforeach
                @if ($page->step->note !== '')
                    <p class="hob-said"><span class="label">{{ __('make.note_says') }}</span>
                        {{ $page->step->note }}</p>
                @endif
                <p class="hob-why">{{ $page->why }} <button type="button" class="link aloud" x-data="aloud"
                        data-words="{{ $page->aloud() }}">{{ __('make.aloud') }}</button></p>
            </div>
            <div class="hob-do">
                @if ($page->back !== null)
                    <a class="button button-quiet hob-back"
                        href="{{ route('make.step', [$batch, $page->back], false) }}">{{ __('make.back') }}</a>
                @endif
                @yield('go')
                @stack('go')
            </div>
        </form>
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
</div>
