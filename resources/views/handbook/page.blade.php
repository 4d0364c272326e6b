<x-page :title="$slug === null ? __('handbook.title') : $topics[0]['title']" body="on-handbook">
    <div class="handbook">
        <nav class="handbook-list" aria-label="{{ __('handbook.all') }}">
            <p><a href="{{ route('handbook') }}"
                    @if ($slug === null && $wanted === '') aria-current="page" @endif>{{ __('handbook.all') }}</a></p>
            <ol>
                @foreach (\App\Learn\Handbook::slugs() as $one)
                    <li><a href="{{ route('handbook.topic', ['slug' => $one, 'region' => $region]) }}"
                            @if ($slug === $one) aria-current="page" @endif>{{ __("handbook.topics.$one.title") }}</a>
                    </li>
                @endforeach
            </ol>
        </nav>
        <div class="handbook-body">
            <header class="handbook-head">
                <h1>{{ __('handbook.title') }}</h1>
                <form method="get" action="{{ route('handbook') }}" role="search" class="handbook-search">
                    @if ($slug !== null)
                        <input type="hidden" name="topic" value="{{ $slug }}">
                    @endif
                    <label><span class="label">{{ __('handbook.search') }}</span><input type="search" name="q"
                            value="{{ $wanted }}" maxlength="80"
                            placeholder="{{ __('handbook.search_hint') }}"></label>
                    <label><span class="label">{{ __('handbook.region') }}</span><select name="region">
                            @foreach (__('handbook.regions') as $value => $word)
                                <option value="{{ $value }}" @selected($region === $value)>{{ $word }}
                                </option>
                            @endforeach
                        </select></label>
                    <button class="button button-quiet">{{ __('handbook.find') }}</button>
                </form>
                @if ($wanted !== '')
                    <p role="status">{{ trans_choice('handbook.found', $found) }}</p>
                @elseif ($slug === null)
                    <p class="handbook-lead">{{ __('handbook.lead') }}</p>
                @endif
            </header>
            @if ($slug === null && $wanted === '')
                <ol class="handbook-index">
                    @foreach ($topics as $topic)
                        <li>
                            <h2><a
                                    href="{{ route('handbook.topic',
                                    ['slug' => $topic['slug'], 'region' => $region]) }}">{{ $topic['title'] }}</a>
                            </h2>
                            <p>{{ $topic['lead'] }}</p>
                        </li>
                    @endforeach
                </ol>
            @else
                @foreach ($topics as $topic)
                    @include('handbook.topic')
                @endforeach
            @endif
        </div>
    </div>
</x-page>
