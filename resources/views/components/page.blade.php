@props(['title', 'body' => ''])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="color-scheme" content="light dark">
    <title>{{ $title }} · Ilvane</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="{{ $body }}">
    <a class="skip" href="#work">{{ __('ui.skip') }}</a>
    <header class="rim">
        <a class="wordmark" href="{{ route('shelf') }}">Ilvane</a>
        <nav aria-label="{{ __('ui.nav.label') }}">
            <a href="{{ route('shelf') }}" @if (request()->routeIs('shelf')) aria-current="page" @endif>{{ __('ui.nav.shelf') }}</a>
            <a href="{{ route('formulas') }}" @if (request()->routeIs('formulas', 'bench', 'version')) aria-current="page" @endif>{{ __('ui.nav.formulas') }}</a>
            <a href="{{ route('intake') }}" @if (request()->routeIs('intake*')) aria-current="page" @endif>{{ __('ui.intake.nav') }}</a>
            <a href="{{ route('settings') }}" class="nav-last" @if (request()->routeIs('settings')) aria-current="page" @endif>{{ __('ui.settings.nav') }}</a>
        </nav>
        {{ $head ?? '' }}
    </header>
    @if (session('said'))
        <p class="said" role="status">{{ session('said') }}</p>
    @endif
    @if (session('refused'))
        <p class="said said-refused" role="alert">{{ session('refused') }}</p>
    @endif
    <main id="work" tabindex="-1">
        {{ $slot }}
    </main>
</body>
</html>
