<details class="act" @if ($open || $errors->has('why')) open @endif>
    <summary>{{ __($made->release->isFree() ? 'shelf.release.decide' : 'shelf.release.decide_again') }}</summary>
    <form method="post" action="{{ route('shelf.decide', $batch) }}#state" novalidate>@csrf<input type="hidden"
            name="client_key" value="{{ $made->clientKey }}r">
        <p class="act-fields"><label class="wide"><span class="label">{{ __('shelf.release.why') }}</span><input
                    name="why" maxlength="200" value="{{ old('why') }}"
                    @invalid('why')></label>
            <label><span class="label">{{ __('shelf.release.who') }}</span><input name="who" maxlength="80"
                    autocomplete="name" value="{{ old('who', $made->who) }}"></label>
        </p>
        <x-problem for="why" />
        <p class="act-fields">
            @if ($made->release->state !== 'held' || $made->release->why === '')
                <button class="button @if ($made->release->asks !== 'held') button-quiet @endif" name="kind"
                    value="held">{{ __('shelf.release.hold') }}</button>
            @endif
            @if ($made->release->state !== 'withdrawn')
                <button class="button @if ($made->release->asks !== 'withdrawn') button-quiet @endif" name="kind"
                    value="withdrawn">{{ __('shelf.release.withdraw') }}</button>
            @endif
            @if (!$made->release->isFree())
                <button class="button button-quiet" name="kind"
                    value="freed">{{ __('shelf.release.free') }}</button>
            @endif
        </p>
    </form>
</details>
