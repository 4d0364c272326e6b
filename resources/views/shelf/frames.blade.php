<x-page :title="__('frames.title')" body="on-shelf on-frames">
    <div class="shelf-head"><h1>{{ __('frames.title') }}</h1> @include('shelf.begin')</div>
    <p class="frames-lead">{{ __('frames.lead') }}</p>
    @foreach ($families as $family => $frames)
        <section class="frame-family">
            <h2>{{ __("words.family.$family") }}</h2>
            <ul class="frames">
                @foreach ($frames as $frame)
                    <li><form method="post" action="{{ route('frame.take', $frame['key']) }}">@csrf<button class="frame"><x-vessel :section="$frame['vessel']"/><span><b>{{ $frame['name'] }}</b> {{ $frame['why'] }}</span></button></form></li>
                @endforeach
            </ul>
        </section>
    @endforeach
</x-page>
