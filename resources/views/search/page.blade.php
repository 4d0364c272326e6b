<x-page :title="__('search.title')" body="on-search">
    <h1>{{ __('search.title') }}</h1>
    <form method="get" action="{{ route('search') }}" class="search-form" role="search"><label class="unseen-word"
            for="search-for">{{ __('search.title') }}</label><input id="search-for" name="q" type="search"
            maxlength="80" value="{{ $wanted }}" placeholder="{{ __('search.hint') }}" autofocus><button
            class="button">{{ __('search.do') }}</button></form>
    @if ($wanted !== '' && $found === [])
        <p>{{ __('search.nothing', ['wanted' => $wanted]) }}</p>
    @endif
    @if ($wanted !== '' && empty($found['ingredients']))
        <p><a class="button button-quiet"
                href="{{ route('own-ingredients', ['named' => $wanted]) }}">
                {{ __('search.add', ['wanted' => $wanted]) }}</a></p>
    @endif
    @foreach ($found as $kind => $hits)
        <section class="search-kind">
            <h2>{{ __("search.kinds.$kind") }}</h2>
            <ul>
                @foreach ($hits as $hit)
                    <li><a href="{{ $hit['href'] }}">{{ $hit['name'] }}</a> <span
                            class="quiet">{{ $hit['detail'] }}</span></li>
                @endforeach
            </ul>
        </section>
    @endforeach
    @if ($wanted === '')
        <p class="quiet">{{ __('search.key') }}</p>
    @endif
</x-page>
