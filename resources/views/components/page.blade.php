@props(['title', 'body' => ''])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <x-head :title="$title"/>
</head>
<body class="{{ $body }}">
    <a class="skip" href="#work">{{ __('ui.skip') }}</a>
    <header class="rim">
        <p class="wordmark"><a href="{{ route('shelf') }}">Ilvane</a>@if (config('ilvane.room') === 'demo') <span class="sample-tag">{{ __('ui.rooms.sample') }}</span> <x-other-room>{{ __('ui.rooms.to_mine') }}</x-other-room>@endif</p>
        <nav aria-label="{{ __('ui.nav.label') }}">
            @foreach (['shelf' => ['today.nav', 'shelf'], 'formulas' => ['ui.nav.formulas', 'formulas|bench|version'], 'jars' => ['jars.nav', 'jars|jar*'], 'preparations' => ['pantry.prepare.nav', 'preparation*'], 'made' => ['made.nav', 'made|batch|label*|price|trace.batch'], 'pantry' => ['pantry.nav', 'pantry|lot*|trace.lot'], 'intake' => ['ui.intake.nav', 'intake*'], 'handbook' => ['handbook.nav', 'handbook*'], 'practice' => ['practice.nav', 'practice*'], 'settings' => ['ui.settings.nav', 'settings|safe*']] as $route => [$word, $on])
                <a href="{{ route($route) }}" @if (request()->routeIs(explode('|', $on))) aria-current="page" @endif>{{ __($word) }}</a>
            @endforeach
        </nav>
        <a class="rim-search" id="to-search" href="{{ route('search') }}" title="{{ __('search.key') }}" @if (request()->routeIs('search|ingredient')) aria-current="page" @endif>{{ __('search.title') }}</a>
        {{ $head ?? '' }}
    </header>
    @if (session('said'))
        <div class="said" role="status"><p>{{ session('said') }}</p>@if (session('undo'))<form method="post" action="{{ session('undo') }}">@csrf<input type="hidden" name="client_key" value="{{ \Illuminate\Support\Str::uuid() }}"><input type="hidden" name="back" value="today"><button class="link">{{ __('today.undo') }}</button></form>@endif<button type="button" class="said-close" aria-label="{{ __('ui.close') }}">×</button></div>
    @endif
    @if (session('refused'))
        <div class="said said-refused" role="alert"><p>{{ session('refused') }}</p><button type="button" class="said-close" aria-label="{{ __('ui.close') }}">×</button></div>
    @endif
    <main id="work" tabindex="-1">
        {{ $slot }}
    </main>
    @unless (request()->routeIs('shelf'))<aside id="shelf-line" class="shelf-line" data-href="{{ route('shelf.line') }}" aria-label="{{ __('today.line') }}"></aside>@endunless
</body>
</html>
