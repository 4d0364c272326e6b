@php([$field, $line] = ["lines[{$row['key']}]", str_replace(':n', (string) $row['position'], $bench['lines'])])
@php($line = $row['in'] === '' ? $line : $places[$row['in']] . ', ' . mb_strtolower($line))
<div class="row @if ($row['gravest'] !== '') has-{{ $row['gravest'] }} @endif"
    id="row-{{ $row['key'] }}" data-line="{{ $row['key'] }}"
    @if ($row['in'] === '') data-band="line-{{ $row['position'] }}" @endif
    data-weighs="{{ $row['weighs'] }}">
    @if ($row['part'] !== '' && isset($letters[$row['part']]))
        <a class="position of-part" href="#part-{{ $row['part'] }}" data-part="{{ $row['part'] }}"
            title="{{ __('parts.from', ['letter' => $letters[$row['part']]]) }}">{{ $letters[$row['part']] }}</a>
    @else
        <span class="position" aria-hidden="true">{{ $row['position'] }}</span>
    @endif
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
        aria-label="{{ $line }}, {{ $bench['amount'] }}"
        placeholder="{{ $row['part'] === '' ? $bench['amount_hint'] : __('parts.all') }}"
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
            @if ($row['in'] === '')
                <label><span class="label">{{ $bench['phase'] }}</span>
                    <select name="{{ $field }}[phase]">
                        {{ $page->phases($row['phase']) }}
                    </select></label>
            @endif
            @if ($places !== [])
                <label><span class="label">{{ __('parts.goes_into') }}</span>
                    <select name="{{ $field }}[in]">
                        @foreach ($places as $key => $place)
                            <option value="{{ $key }}" @selected($key === $row['in'])>{{ $place }}</option>
                        @endforeach
                    </select></label>
            @endif
            <label><span class="label">{{ $bench['prepared'] }}</span>
                <select name="{{ $field }}[prepared]">
                    {{ $page->options('words.prepared', $row['prepared']) }}
                    @if (str_contains($row['prepared'], '+'))
                        <option value="{{ $row['prepared'] }}" selected>{{ $row['prepared_said'] }}</option>
                    @endif
                </select></label>
            @if ($row['ingredient'] !== '' && $row['in'] === '')
                <a class="to-instead"
                    href="{{ route('substitute', [$page->formula, $row['key']]) }}">{{ $bench['instead'] }}</a>
            @endif
            @if ($row['part'] === '' && ($makings = $page->makings($row['ingredient'])) !== [])
                <details class="makings">
                    <summary>{{ __('parts.make_it') }}</summary>
                    @foreach ($makings as $makes)
                        <button class="link" name="do"
                            value="part:of:{{ $row['key'] }}={{ $makes }}">{{ __("parts.do.$makes") }}</button>
                    @endforeach
                </details>
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
