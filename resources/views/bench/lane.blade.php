<fieldset class="lane mat-{{ $lane['phase'] }} @if ($lane['rows'] === []) lane-empty @endif"
    id="lane-{{ $lane['phase'] }}">
    <legend class="unseen-word">{{ $lane['name'] }}</legend>
    <div class="lane-head">
        <svg class="swatch" viewBox="0 0 26 18" width="26" height="18" aria-hidden="true">
            <path class="swatch-fill" d="M1 1h24v16h-24z" />
            <path class="stratum-hatch"
                d="{{ \App\Drawing\Hatch::path($lane['phase'], static fn(float $y): float => 12.0, 13, 1, 17) }}" />
        </svg>
        <span class="lane-name">{{ $lane['name'] }} <small>{{ $lane['means'] }}</small></span>
        <button class="add" name="do" value="add:{{ $lane['phase'] }}"
            aria-label="{{ str_replace(':phase', $lane['name'], $bench['add']) }}"
            @disabled($page->draft->isFull())>+</button>
        <span class="num lane-grams">{{ $lane['grams'] }}</span>
        <span class="num lane-share">{{ $lane['percent'] }}</span>
    </div>
    @if ($lane['phase'] === 'infusion')
        <p class="part-do"><button class="link" name="do" value="part:strained">{{ __('parts.of_lane') }}</button></p>
    @endif
    @foreach ($lane['rows'] as $row)
        @include('bench.row')
    @endforeach
</fieldset>
