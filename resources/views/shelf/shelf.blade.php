<section class="on-the-shelf" id="shelf">
    <h2>{{ __('shelf.title') }}</h2>
    <div class="shelf-now">
        <p class="jar-strength"><b>{{ $made->left }}</b> <span>{{ __('pantry.left') }}
                @if ($made->jars !== '' && !$made->isSplit)
                    <br>{{ $made->jars }}
                @endif
            </span>
        </p>
        @unless ($made->isSplit)
            <p>{{ $made->stands === '' ? __('shelf.stands_unsaid') : __('shelf.stands', ['where' => $made->stands]) }}
                <x-life :left="$made->lifeLeft" class="life-large" />
            </p>
        @endunless
    </div>
    @include('shelf.containers')
    @unless ($made->isGone || $made->rest === '')
        @include('shelf.leaves', ['container' => '', 'back' => 'shelf', 'grams' => $made->perJar])
        <details class="act" @error('to') open @enderror>
            <summary>{{ __('shelf.move') }}</summary>
            <form method="post" action="{{ route('shelf.move', $batch) }}#shelf" novalidate>@csrf<input type="hidden"
                    name="client_key" value="{{ $made->clientKey }}m">
                <p class="act-fields"><label class="wide"><span class="label">{{ __('shelf.where') }}</span><input
                            name="to" maxlength="80" value="{{ old('to') }}"
                            placeholder="{{ __('shelf.where_hint') }}"
                            @invalid('to')></label></p>
                <x-problem for="to" />
                <button class="button">{{ __('shelf.do_move') }}</button>
            </form>
        </details>
    @endunless
    <details class="act" @error('how') open @enderror>
        <summary>{{ __('shelf.took') }}</summary>
        <form method="post" action="{{ route('shelf.hair', $batch) }}#shelf">@csrf<input type="hidden"
                name="client_key" value="{{ $made->clientKey }}h">
            <label><span class="label">{{ __('observations.note') }}</span><input class="wide" name="note"
                    maxlength="500" value="{{ old('note') }}"></label>
            <p class="act-fields">
                @foreach (\App\Shelf\ShelfBook::HAIR as $how)
                    <button class="button button-quiet" name="how"
                        value="{{ $how }}">{{ __("shelf.hair.$how") }}</button>
                @endforeach
            </p>
            <p class="quiet">{{ __('shelf.rash') }}</p>
        </form>
    </details>
    @if ($made->release->since === null)
        @include('shelf.decide', ['open' => false])
    @endif
    @if ($made->log !== [])
        <table class="plain log">
            <tbody>
                @foreach ($made->log as $row)
                    <tr @if ($row['undone']) class="is-undone" @endif>
                        <td class="log-when">{{ $row['when'] }}</td>
                        <th>{{ $row['what'] }}</th>
                        <td>{{ $row['value'] }}</td>
                        <td>
                            @if ($row['undoable'])
                                <form method="post" action="{{ route('shelf.undo', [$batch, $row['id']]) }}">
                                    @csrf<input type="hidden" name="client_key"
                                        value="{{ $made->clientKey }}u{{ $row['id'] }}"><button
                                        class="link">{{ __('infusions.undo') }}</button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($made->drift !== null)
        @php($plot = $made->drift->plot)
        <h2>{{ __('shelf.drift.title') }}</h2>
        <svg class="plot drift" viewBox="0 0 {{ $plot->width }} {{ $plot->height }}" role="img"
            aria-label="{{ __('shelf.drift.title') }}: {{ $made->drift->said }}">
            @foreach ([0, 50, 100] as $percent)
                <path class="plot-grid" d="M{{ $plot->left }} {{ $plot->y($percent) }}H{{ $plot->end() }}" /><text
                    class="plot-level" x="{{ $plot->left - 5 }}"
                    y="{{ $plot->y($percent) + 4 }}">{{ $percent }}</text>
            @endforeach
            @if ($made->drift->limits !== null)
                @foreach ($made->drift->limits as $y)
                    <path class="gate-line" d="M{{ $plot->left }} {{ $y }}H{{ $plot->end() }}" />
                @endforeach
            @endif
            <path class="plot-axis" d="M{{ $plot->left }} {{ $made->drift->centre }}H{{ $plot->end() }}" />
            <path class="drift-line" d="{{ $made->drift->smoothed }}" />
            @foreach ($made->drift->points as $point)
                <circle class="drift-dot @if ($point['code'] === $batch->code) is-this @endif" cx="{{ $point['x'] }}"
                    cy="{{ $point['y'] }}" r="3.5">
                    <title>{{ $point['code'] }}: {{ $point['figure'] }}</title>
                </circle>
            @endforeach
        </svg>
        <p>{{ $made->drift->said }}</p>
    @endif
</section>
