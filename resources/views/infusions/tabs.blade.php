    <nav class="tabs" aria-label="{{ __('infusions.tabs') }}">
        <a href="{{ route('infusions') }}"
            @if (request()->routeIs('infusions')) aria-current="page" @endif>{{ __('infusions.tab_oils') }}</a>
        <a href="{{ route('preparations') }}"
            @if (request()->routeIs('preparations')) aria-current="page"
                @endif>{{ __('infusions.tab_preparations') }}</a>
    </nav>
