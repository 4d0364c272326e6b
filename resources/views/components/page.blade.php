@props(['title', 'body' => ''])
<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <x-head :title="$title" />
</head>

<body class="{{ $body }}">
    <a class="skip" href="#work">{{ __('ui.skip') }}</a>
    <header class="rim">
        <p class="wordmark"><a href="{{ route('today') }}">Ilvane</a>
            @if (config('ilvane.room') === 'demo')
                <span class="sample-tag">{{ __('ui.rooms.sample') }}</span>
                <x-other-room>{{ __('ui.rooms.to_mine') }}</x-other-room>
            @endif
        </p>
        <nav aria-label="{{ __('ui.nav.label') }}">
            @foreach ($firstLinks as $link)
                <a href="{{ $link['href'] }}"
                    @if ($link['isCurrent']) aria-current="page" @endif>{{ $link['word'] }}</a>
            @endforeach
            @foreach ($moreLinks as $link)
                <a class="nav-wide" href="{{ $link['href'] }}"
                    @if ($link['isCurrent']) aria-current="page" @endif>{{ $link['word'] }}</a>
            @endforeach
            <details class="nav-more">
                <summary @if (in_array(true, array_column($moreLinks, 'isCurrent'), true)) aria-current="true"
                    @endif>{{ __('ui.nav.more') }}</summary>
                <div>
                    @foreach ($moreLinks as $link)
                        <a href="{{ $link['href'] }}"
                            @if ($link['isCurrent']) aria-current="page" @endif>{{ $link['word'] }}</a>
                    @endforeach
                </div>
            </details>
        </nav>
        <a class="rim-search" id="to-search" href="{{ route('search') }}" title="{{ __('search.key') }}"
            @if (request()->routeIs('search|ingredient')) aria-current="page" @endif>{{ __('search.title') }}</a>
        {{ $head ?? '' }}
    </header>
    @if (session('said'))
        <div class="said" role="status">
            <p>{{ session('said') }}</p>
            @if (session('undo'))
                <form method="post" action="{{ session('undo') }}">@csrf<input type="hidden" name="client_key"
                        value="{{ \Illuminate\Support\Str::uuid() }}"><input type="hidden" name="back"
                        value="today"><button class="link">{{ __('today.undo') }}</button></form>
            @endif
            <button type="button" class="said-close" aria-label="{{ __('ui.close') }}">×</button>
        </div>
    @endif
    @if (session('refused'))
        <div class="said said-refused" role="alert">
            <p>{{ session('refused') }}</p><button type="button" class="said-close"
                aria-label="{{ __('ui.close') }}">×</button>
        </div>
    @endif
    <main id="work" tabindex="-1">
        {{ $slot }}
    </main>
    @unless (request()->routeIs('today'))
        <aside id="shelf-line" class="shelf-line" data-href="{{ route('shelf-line') }}"
            aria-label="{{ __('today.line') }}"></aside>
    @endunless
</body>

</html>
