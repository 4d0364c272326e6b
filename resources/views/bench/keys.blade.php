<button type="button" class="button button-quiet keys-open" id="keys-open" data-opens="keys" aria-haspopup="dialog">
    {{ __('ui.keys.open') }} <kbd>?</kbd></button>
<dialog class="sheet" id="keys" aria-labelledby="keys-heading">
    <h2 id="keys-heading">{{ __('ui.keys.title') }}</h2>
    <dl class="keys">
        @foreach (__('ui.keys.list') as $keys => $does)
            <div>
                <dt>
                    @foreach (explode(' ', $keys) as $key)
                        <kbd>{{ $key }}</kbd>
                    @endforeach
                </dt>
                <dd>{{ $does }}</dd>
            </div>
        @endforeach
    </dl>
    <form method="dialog"><button class="button">{{ __('ui.keys.close') }}</button></form>
</dialog>
