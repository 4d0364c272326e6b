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
    @foreach ($lane['rows'] as $row)
        @php([$field, $line] = ["lines[{$row['key']}]", str_replace(':n', (string) $row['position'], $bench['lines'])])
        <div class="row @if ($row['gravest'] !== '') has-{{ $row['gravest'] }} @endif"
            id="row-{{ $row['key'] }}" data-line="{{ $row['key'] }}" data-band="line-{{ $row['position'] }}"
            data-weighs="{{ $row['weighs'] }}">
            <span class="position" aria-hidden="true">{{ $row['position'] }}</span>
            <span class="picker" x-data="picker">
                <input type="hidden" name="{{ $field }}[ingredient]" value="{{ $row['ingredient'] }}">
                <input class="ingredient" name="{{ $field }}[name]" value="{{ $row['name'] }}" maxlength="200"
                    title="{{ $row['name'] }}" role="combobox" aria-autocomplete="list" aria-expanded="false"
                    aria-controls="found-{{ $row['key'] }}"
                    aria-label="{{ $line }}, {{ $bench['ingredient'] }}" placeholder="{{ $bench['search'] }}"
                    @if ($row['error'] !== '') aria-describedby="problem-{{ $row['key'] }}" @endif>
                <ul class="found" id="found-{{ $row['key'] }}" role="listbox" hidden></ul>
            </span>
            <input class="amount" name="{{ $field }}[amount]" value="{{ $row['amount'] }}" maxlength="200"
                aria-label="{{ $line }}, {{ $bench['amount'] }}" placeholder="{{ $bench['amount_hint'] }}"
                @if ($row['error'] !== '' && !$row['unfinished']) aria-invalid="true"
                    aria-describedby="problem-{{ $row['key'] }}" @endif>
            <span class="num grams">{{ $row['grams'] }}@if ($row['band'] !== '')
                    <small>{{ $row['band'] }}</small>
                @endif
            </span>
            <span class="num share">{{ $row['percent'] }}</span>
            <details class="row-more" id="more-{{ $row['key'] }}">
                <summary aria-label="{{ str_replace(':n', $row['position'], $bench['more']) }}">⋯</summary>
                <div class="row-menu">
                    <label><span class="label">{{ $bench['phase'] }}</span>
                        <select name="{{ $field }}[phase]">
                            {{ $page->options('words.phase', $row['phase']) }}
                        </select></label>
                    <label><span class="label">{{ $bench['prepared'] }}</span>
                        <select name="{{ $field }}[prepared]">
                            {{ $page->options('words.prepared', $row['prepared']) }}
                            @if (str_contains($row['prepared'], '+'))
                                <option value="{{ $row['prepared'] }}" selected>{{ $row['prepared_said'] }}</option>
                            @endif
                        </select></label>
                    @if ($row['ingredient'] !== '')
                        <a class="to-instead"
                            href="{{ route('substitute', [$page->formula, $row['key']]) }}">{{ $bench['instead'] }}</a>
                    @endif
                    <span class="row-moves">
                        <button class="button button-quiet" name="do" value="up:{{ $row['key'] }}">↑
                            {{ $bench['up'] }}</button>
                        <button class="button button-quiet" name="do" value="down:{{ $row['key'] }}">↓
                            {{ $bench['down'] }}</button>
                        <button class="button button-quiet" name="do"
                            value="remove:{{ $row['key'] }}">{{ $bench['remove'] }}</button>
                    </span>
                </div>
            </details>
            @if ($row['lot'] !== '')
                <p class="row-lot">{{ $row['lot'] }}</p>
            @endif
            @if ($row['error'] !== '')
                <p class="problem @if ($row['unfinished']) is-unfinished @endif"
                    id="problem-{{ $row['key'] }}">{{ $row['error'] }}</p>
            @endif
        </div>
    @endforeach
</fieldset>
