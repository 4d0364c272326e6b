<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <x-head :title="__('access.door')" />
</head>

<body class="at-door">
    <main id="work">
        <p class="wordmark">Ilvane</p>
        <h1>{{ __('access.door') }}</h1>
        <p>{{ __($invited ? 'access.invited_why' : 'access.door_why') }}</p>
        <form method="post" action="{{ $invited ? request()->getRequestUri() : route('sign-in.try') }}" class="door"
            novalidate>
            @csrf
            <input type="hidden" name="to" value="{{ old('to', $to) }}">
            @unless ($invited)
                <label><span class="label">{{ __('access.passphrase') }}</span><input type="password" name="passphrase"
                        autocomplete="current-password" autofocus
                        @invalid('passphrase')></label>
            @endunless
            <x-problem for="passphrase" />
            <label><span class="label">{{ __('access.device') }}</span><input name="device" maxlength="60"
                    value="{{ old('device', __('access.phone_name')) }}"></label>
            <button class="button hob-go">{{ __('access.sign_in') }}</button>
        </form>
    </main>
</body>

</html>
