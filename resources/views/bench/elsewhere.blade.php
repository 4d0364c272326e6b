<input type="hidden" name="revision" value="{{ $page->revision }}">
<div class="elsewhere" id="elsewhere" role="alert" @unless ($page->changedElsewhere) hidden @endunless>
    <p>{{ __('ui.bench.elsewhere') }}</p>
    <a class="button button-quiet" href="{{ $theirs }}">{{ __('ui.bench.take_theirs') }}</a>
    <button class="button" name="do" value="overwrite">{{ __('ui.bench.take_mine') }}</button>
</div>
