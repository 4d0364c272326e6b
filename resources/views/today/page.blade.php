@inject('wording', 'App\Ground\Wording')
<x-page :title="__('today.title')" body="on-shelf">
    @if ($clock !== null)
        <p class="clock-doubt" role="alert">{{ $clock }}</p>
    @endif
    @if ($shelf->things === [] && $formulas === [] && $due['now'] === [])
        <section class="first">
            <x-vessel :section="\App\Drawing\Section::draw(\App\Drawing\Profile::of('beaker', 400), [], 0, 260)"
                class="first-vessel" />
            <div>
                <h1>{{ __('ui.shelf.what') }}</h1>
                <p>{{ __('ui.shelf.empty') }}</p>
                @php($ways = __('ui.shelf.ways'))
                <ul class="first-ways">
                    <li><a class="button" href="{{ route('ready-made') }}">{{ $ways['frame'][0] }}</a>
                        <span>{{ $ways['frame'][1] }}</span></li>
                    <li><a class="button" href="{{ route('recipe') }}">{{ $ways['recipe'][0] }}</a>
                        <span>{{ $ways['recipe'][1] }}</span></li>
                    <li>
                        <form method="post" action="{{ route('infusion.begin') }}">@csrf<button
                                class="button">{{ $ways['jar'][0] }}</button></form>
                        <span>{{ $ways['jar'][1] }}</span>
                    </li>
                    <li class="first-empty"><span><b>{{ $ways['empty'][0] }}.</b> {{ $ways['empty'][1] }}</span>
                        @include('today.begin', ['withoutFrames' => true])</li>
                </ul>
                @if (config('ilvane.room') === 'mine')
                    <p class="first-sample"><x-other-room>{{ __('ui.rooms.to_sample') }}</x-other-room>
                        <small>{{ __('ui.rooms.to_sample_means') }}</small></p>
                @endif
            </div>
        </section>
    @else
        <div class="shelf-head">
            <h1>{{ __('today.title') }} <small>{{ $wording->date(now()) }}</small></h1>
            @include('today.begin')
        </div>
        @if ($remind !== null)
            <p class="remind">{{ __('backups.remind', ['days' => $remind]) }} <a
                    href="{{ route('backups') }}">{{ __('backups.copy') }}</a></p>
        @endif
        <div class="today">
            <div class="today-due">
                @if ($due['now'] === [])
                    <p class="nothing-due">{{ __('today.nothing') }}</p>
                @endif
                <div class="agenda">
                    @foreach ($due as $group => $entries)
                        @continue($entries === [])
                        <section class="agenda-{{ $group }}">
                            <h2>{{ __("today.$group") }}</h2>
                            <ul>
                                @foreach (array_slice($entries, 0, \App\Today\Agenda::AT_ONCE) as $entry)
                                    @include('today.due')
                                @endforeach
                            </ul>
                            @if (count($entries) > \App\Today\Agenda::AT_ONCE)
                                <details class="due-rest">
                                    <summary>
                                        {{ __('today.more',
                                            ['count' => count($entries) - \App\Today\Agenda::AT_ONCE]) }}
                                    </summary>
                                    <ul>
                                        @foreach (array_slice($entries, \App\Today\Agenda::AT_ONCE) as $entry)
                                            @include('today.due')
                                        @endforeach
                                    </ul>
                                </details>
                            @endif
                        </section>
                    @endforeach
                </div>
                @if ($turning !== [])
                    <section class="use-up">
                        <h2>{{ __('today.use_up') }}</h2>
                        <ul>
                            @foreach ($turning as $row)
                                <li><a href="{{ $row['href'] }}"><b>{{ $row['name'] }}</b>
                                        <small>{{ $row['date'] }}</small></a> <span>
                                        @forelse ($row['formulas'] as $formula)
                                            <a href="{{ $formula['href'] }}">{{ $formula['name'] }}</a>{{
                                                $loop->last ? '' : ',' }}
                                        @empty
                                            <span class="quiet">{{ __('today.use_up_none') }}</span>
                                        @endforelse
                                    </span>
                                </li>
                            @endforeach
                        </ul>
                    </section>
                @endif
            </div>
            <div class="today-shelf">
                @if ($shelf->things !== [])
                    <section>
                        <h2>{{ __('today.standing') }}</h2>@include('today.plank', ['things' => $shelf->things])
                        @if ($shelf->more > 0)
                            <p class="more"><a
                                    href="{{ route('shelf') }}">{{ __('today.and_more',
                                    ['count' => $shelf->more]) }}</a>
                                · <a href="{{ route('infusions') }}">{{ __('ui.nav.infusions') }}</a> · <a
                                    href="{{ route('pantry') }}">{{ __('ui.nav.pantry') }}</a></p>
                        @endif
                    </section>
                @endif
                @if ($formulas !== [])
                    <section>
                        <h2>{{ __('today.bench') }} <a class="more"
                                href="{{ route('formulas') }}">{{ __('ui.shelf.all') }}</a></h2>
                        @include('today.plank', ['things' => $formulas])
                    </section>
                @endif
            </div>
        </div>
        <details class="feed" id="calendar">
            <summary>{{ __('today.calendar') }}</summary>
            <p>{{ __('today.calendar_why') }}</p>
            @if ($feed !== null)
                <p><input class="feed-address" readonly value="{{ $feed }}"
                        aria-label="{{ __('today.calendar') }}"></p>
            @endif
            <form method="post" action="{{ route('calendar.make') }}">@csrf<button
                    class="button
                    button-quiet">{{ __($feed === null ? 'today.calendar_make' : 'today.calendar_new') }}</button>
                <a href="{{ route('calendar.file') }}">{{ __('today.calendar_file') }}</a></form>
        </details>
    @endif
</x-page>
