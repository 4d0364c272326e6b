<input type="hidden" name="revision" value="{{ $page->revision }}">
<div class="elsewhere" id="elsewhere" role="alert" @unless ($isChanged) hidden @endunless>
    <div>
        <p>{{ __($contested === [] ? 'ui.bench.elsewhere' : 'ui.bench.contested') }}</p>
        @if ($contested !== [])
            <ul>
                @foreach ($contested as $field)
                    <li>{{ $field }}</li>
                @endforeach
            </ul>
        @endif
    </div>
    <button class="button button-quiet" name="do" value="yield">{{ __('ui.bench.yield') }}</button>
    <button class="button" name="do"
        value="overwrite">{{ __($contested === [] ? 'ui.bench.take_mine' : 'ui.bench.take_mine_here') }}</button>
</div>
