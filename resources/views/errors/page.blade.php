<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __("errors.$code.title") }} · Ilvane</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>

<body class="on-error">
    <header class="rim"><a class="wordmark" href="/">Ilvane</a></header>
    <main class="first">
        <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('bottle', 200), [], 0, 240)"
            class="first-vessel" />
        <div>
            <h1>{{ __("errors.$code.title") }}</h1>
            <p>{{ $words ?? __("errors.$code.text") }}</p>
            <p><a class="button" href="/">{{ __('errors.home') }}</a></p>
        </div>
    </main>
</body>

</html>
