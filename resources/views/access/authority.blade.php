<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <x-head :title="__('access.authority.title')" />
</head>

<body class="on-authority">
    <main id="work">
        <p class="wordmark">Ilvane</p>
        <h1>{{ __('access.authority.title') }}</h1>
        <p>{{ __('access.authority.why') }}</p>
        <p>{{ __('access.authority.compare') }}</p>
        @include('access.fingerprint')
        <p><a class="button" href="{{ route('authority.certificate') }}">{{ __('access.authority.get') }}</a></p>
        <h2>{{ __('access.authority.can_title') }}</h2>
        <p>{{ __('access.authority.can') }}</p>
        @foreach (['install', 'remove'] as $part)
            <h2>{{ __("access.authority.{$part}_title") }}</h2>
            <ul>
                @foreach (__("access.authority.$part") as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        @endforeach
        <p>{{ __('access.authority.names_vary') }}</p>
        <p>{{ __('access.authority.remove_here') }}</p>
        @if ($address !== null)
            <p><a class="button" href="https://{{ $address }}/">{{ __('access.authority.open') }}</a></p>
        @endif
        <details class="worked">
            <summary>{{ __('access.authority.without') }}</summary>
            <p>{{ __('access.authority.without_how') }}</p>
        </details>
    </main>
</body>

</html>
