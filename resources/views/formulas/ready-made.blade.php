<x-page :title="__('ready_made.title')" body="on-shelf on-frames">
    <div class="shelf-head">
        <h1>{{ __('ready_made.title') }}</h1> @include('today.begin')
    </div>
    <p class="frames-lead">{{ __('ready_made.lead') }}</p>
    @foreach ($families as $family => $frames)
        <section class="frame-family">
            <h2>{{ __("words.family.$family") }}</h2>
            <ul class="frames">
                @foreach ($frames as $frame)
                    <li>
                        <form method="post" action="{{ route('ready-made.take', $frame['key']) }}">@csrf<button
                                class="frame"><x-vessel :section="$frame['vessel']" /><span><b>{{ $frame['name'] }}</b>
                                    {{ $frame['why'] }}</span></button></form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endforeach
</x-page>
