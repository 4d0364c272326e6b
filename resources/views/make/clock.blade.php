@php($running = $page->timers[$page->step->key] ?? null)
<div class="timer">
    @if ($running === null)
        <button class="button button-quiet timer-start" name="do"
            value="timer">{{ __('make.timer_start', ['time' => $page->detail['clock']]) }}</button>
    @else
        <p class="timer-now" data-ends="{{ $running['ends'] }}" data-name="{{ $page->verb }}"
            @if ($page->step->blending !== null) data-burst="{{ $page->step->blending->burst }}"
                data-rest="{{ $page->step->blending->rest }}" data-begun="{{ $running['begun'] }}"
                data-blend="{{ __('make.burst') }}" data-pause="{{ __('make.pause') }}" @endif
            data-over="{{ __('make.timer_over') }}" role="timer"></p>
        <p class="timer-until">{{ __('make.timer_until', ['time' => $page->timeOf($running['ends'])]) }}</p>
    @endif
    @if ($page->step->blending !== null && $page->step->blending->times > 1)
        <p class="hob-note">
            {{ __('make.blending',
                ['times' => $page->step->blending->times, 'burst' => round($page->step->blending->burst), 'rest' =>
                round($page->step->blending->rest)]) }}
        </p>
    @endif
</div>
