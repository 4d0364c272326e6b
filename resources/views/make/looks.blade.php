@if ($page->looks !== [])
    <details class="hob-looks" @if (array_filter(array_column($page->looks, 'chosen'), 'is_int') !== []) open @endif>
        <summary>{{ __('make.looks.ask') }}</summary>
        @foreach ($page->looks as $look)
            <fieldset class="look-row">
                <legend>{{ __("make.looks.{$look['what']}.name") }}</legend>
                @for ($grade = 0; $grade < \App\Make\Looks::GRADES[$look['what']]; $grade++)
                    <label class="look-choice"><input type="radio" name="look[{{ $look['what'] }}]"
                            value="{{ $grade }}" @checked($look['chosen'] === $grade)>
                        <x-look :what="$look['what']" :grade="$grade" />
                        <span>{{ __("make.looks.{$look['what']}.$grade") }}</span>
                        @if ($look['before'] === $grade)
                            <small>{{ __('make.looks.before') }}</small>
                        @endif
                    </label>
                @endfor
            </fieldset>
        @endforeach
    </details>
@endif
