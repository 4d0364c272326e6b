<fieldset class="lane part mat-{{ $part->material }} @if ($part->gravest !== '') has-{{ $part->gravest }} @endif"
    id="lane-in.{{ $part->held['key'] }}" data-part="{{ $part->held['key'] }}">
    @php($field = 'parts[' . $part->held['key'] . ']')
    <legend class="unseen-word">{{ __('parts.made_first') }}: {{ $part->held['name'] }}</legend>
    <div class="part-body" id="part-{{ $part->held['key'] }}">
        <div class="part-vessel"><x-vessel :section="$part->vessel" /><b class="part-letter"
                aria-hidden="true">{{ $part->letter }}</b></div>
        <div class="part-head">
            <input class="part-name" name="{{ $field }}[name]" value="{{ $part->held['name'] }}" maxlength="80"
                aria-label="{{ __('parts.name') }}">
            <select name="{{ $field }}[makes]" aria-label="{{ __('parts.makes_label') }}">
                {{ $page->options('parts.makes', $part->held['makes']) }}
            </select>
            <button class="add" name="do" value="add:in.{{ $part->held['key'] }}"
                aria-label="{{ __('parts.add_line', ['name' => $part->held['name']]) }}"
                @disabled($page->draft->isFull())>+</button>
        </div>
        <p class="part-out">
            @if ($part->gives !== '')
                <span class="part-gives">{{ __($part->isStrained ? 'parts.gives_strained' : 'parts.gives') }}
                    <b>{{ $part->gives }}</b>@if ($part->band !== '')
                        <small>{{ $part->band }}</small>
                    @endif
                </span>
            @endif
            <label class="part-own"><span class="label">{{ __('parts.by_me') }}</span><input
                    name="{{ $field }}[gives]" value="{{ $part->held['gives'] }}" maxlength="80"
                    placeholder="{{ __('parts.by_me_hint') }}"
                    @invalid("parts/{$part->held['key']}/gives", $page->problems)></label>
        </p>
        <p class="part-out">
            @if ($part->taken !== '')
                <span @class(['part-short' => $part->isShort])>{{ __('parts.taken', ['grams' => $part->taken]) }}</span>
            @endif
            @if ($part->left !== '')
                <span>{{ __('parts.left', ['grams' => $part->left]) }}</span>
            @endif
            @if ($part->mayMiss !== '')
                <span class="part-may-miss">{{ __('parts.may_miss', ['grams' => $part->mayMiss]) }}</span>
            @endif
            <span class="quiet">{{ $part->keeps }}</span>
        </p>
        @isset($page->problems["parts/{$part->held['key']}/gives"])
            <p class="problem" id="problem-parts/{{ $part->held['key'] }}/gives">
                {{ $page->problems["parts/{$part->held['key']}/gives"] }}</p>
        @endisset
    </div>
    @foreach ($part->rows as $row)
        @include('bench.row')
    @endforeach
    <p class="part-do">
        @if ($part->taken === '')
            <button class="link" name="do"
                value="part:use:{{ $part->held['key'] }}">{{ __('parts.use') }}</button>
        @endif
        <button class="link" name="do" value="part:line:{{ $part->held['key'] }}">{{ __('parts.buy') }}</button>
        <button class="link" name="do"
            value="part:remove:{{ $part->held['key'] }}">{{ __('parts.remove') }}</button>
    </p>
</fieldset>
