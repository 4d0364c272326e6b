@php($release = $made->release)
@if (!$release->isFree() || $release->since !== null)
    <section @class(['batch-state', "is-$release->state"]) id="state" aria-labelledby="state-name">
        <h2 id="state-name">{{ __("shelf.release.state.$release->state") }}</h2>
        <p @if (!$release->isFree()) role="alert" @endif>{{ $release->said() }}</p>
        @if ($release->asks !== '' && $release->why !== '')
            <p>{{ implode(' ', $release->seen) }}</p>
        @endif
        @if ($release->asks !== '')
            <p>{{ __("shelf.release.asks.$release->asks") }}</p>
        @endif
        @if ($release->state === \App\Shelf\Release::WITHDRAWN)
            <h3>{{ __('shelf.release.who_has_it') }}</h3>
            @if ($made->out === [])
            <p>{{ __('shelf.release.nobody') }}</p>@else<ul class="who-has-it">
                    @foreach ($made->out as $out)
                        <li>{{ $out }}</li>
                    @endforeach
                </ul>
            @endif
            <p>{{ __('shelf.release.left',
                ['left' => $made->left, 'where' => $made->stands === '' ? '' : ", $made->stands"]) }}
                {{ __('shelf.release.left_do') }}</p>
            <p><a href="{{ route('trace.batch', $batch) }}">{{ __('shelf.release.look_back') }}</a> <button
                    class="button button-quiet" type="button"
                    x-data="printer">{{ __('shelf.trace.print') }}</button></p>
        @endif
        @include('shelf.decide', ['open' => $release->asks !== ''])
    </section>
@endif
