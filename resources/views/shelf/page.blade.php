<x-page :title="__('today.title')" body="on-shelf">
    @if ($standing === [] && $formulas === [] && $due['now'] === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('beaker', 400), [], 0, 260)" class="first-vessel"/>
            <div>
                <h1>{{ __('ui.shelf.what') }}</h1>
                <p>{{ __('ui.shelf.empty') }}</p>
                @include('shelf.begin')
                <form method="post" action="{{ route('jar.begin') }}" class="first-other">@csrf<button class="button button-quiet">{{ __('jars.plan_new') }}</button></form>
            </div>
        </section>
    @else
        <div class="shelf-head">
            <h1>{{ __('today.title') }} <small>{{ app(\App\Workroom\Wording::class)->date(now()) }}</small></h1>
            @include('shelf.begin')
        </div>
        @if ($due['now'] === [])<p class="nothing-due">{{ __('today.nothing') }}</p>@endif
        @if ($remind !== null)<p class="remind">{{ __('safe.remind', ['days' => $remind]) }} <a href="{{ route('safe') }}">{{ __('safe.copy') }}</a></p>@endif
        <div class="agenda">
            @foreach ($due as $group => $entries)
                @continue($entries === [])
                <section class="agenda-{{ $group }}">
                    <h2>{{ __("today.$group") }}</h2>
                    <ul>
                        @foreach ($entries as $entry)
                            <li class="due urgency-{{ $entry->urgency }}">
                                <a class="due-words" href="{{ $entry->href }}"><b>{{ $entry->title }}</b> <span>{{ $entry->what }}</span>@if ($group !== 'now' || $entry->urgency === 5) <small>{{ $entry->when }}</small>@endif</a>
                                @if ($group === 'now')
                                    @if ($entry->act !== null)
                                        <form method="post" action="{{ $entry->act['href'] }}" x-data="step">@csrf @foreach ($entry->act['fields'] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach<button class="button due-do">{{ $entry->act['label'] }}</button></form>
                                    @else
                                        <a class="button button-quiet due-do" href="{{ $entry->href }}">{{ __('today.open') }}</a>
                                    @endif
                                @endif
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
        @foreach ([['today.standing', $standing], ['today.bench', $formulas]] as [$heading, $things])
            @if ($things !== [])
                <section class="shelf-row">
                    <h2>{{ __($heading) }}</h2>
                    @include('shelf.things')
                </section>
            @endif
        @endforeach
        <p class="more">@if ($moreJars > 0)<a href="{{ route('jars') }}">{{ __('today.more', ['count' => $moreJars]) }}</a> · @endif<a href="{{ route('formulas') }}">{{ __('ui.shelf.all') }}</a></p>
        <details class="feed" id="calendar">
            <summary>{{ __('today.calendar') }}</summary>
            <p>{{ __('today.calendar_why') }}</p>
            @if ($feed !== null)<p><input class="feed-address" readonly value="{{ $feed }}" aria-label="{{ __('today.calendar') }}"></p>@endif
            <form method="post" action="{{ route('calendar.make') }}">@csrf<button class="button button-quiet">{{ __($feed === null ? 'today.calendar_make' : 'today.calendar_new') }}</button> <a href="{{ route('calendar.file') }}">{{ __('today.calendar_file') }}</a></form>
        </details>
    @endif
</x-page>
