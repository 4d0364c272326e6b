<x-page :title="__($page->isForward ? 'shelf.trace.forward' : 'shelf.trace.back', ['code' => $page->code])"
    body="on-trace">
    <p><a href="{{ $page->back }}">{{ $page->name }} ({{ $page->code }})</a></p>
    <h1>{{ __($page->isForward ? 'shelf.trace.forward' : 'shelf.trace.back', ['code' => $page->code]) }}</h1>
    @if (count($page->boxes) < 2)
        <p>{{ __($page->isForward ? 'shelf.trace.nothing_out' : 'shelf.trace.nothing_in') }}</p>
    @else
        <div class="scrolled" tabindex="0" role="group" aria-label="{{ __('shelf.trace.drawing') }}">
            <svg class="threads-drawn" width="{{ $page->drawing->width }}" height="{{ $page->drawing->height }}"
                viewBox="0 0 {{ $page->drawing->width }} {{ $page->drawing->height }}">
                @foreach ($page->drawing->lines as $line)
                    <path class="thread-line" d="{{ $line['path'] }}" stroke-width="{{ $line['wide'] }}" />
                @endforeach
                @foreach ($page->boxes as $box)
                    <a @if ($box['href'] !== '') href="{{ $box['href'] }}" @endif
                        @class(['is-hole' => $box['kind'] === 'none'])>
                        <rect class="thread-box" x="{{ $box['x'] }}" y="{{ $box['y'] }}"
                            width="{{ \App\Drawing\Threads::BOX_WIDE }}"
                            height="{{ \App\Drawing\Threads::BOX_HIGH }}" />
                        <path class="thread-plank @if ($box['isStart']) is-start @endif"
                            d="M{{ $box['x'] }}
                            {{ $box['y'] + \App\Drawing\Threads::BOX_HIGH }}h{{ \App\Drawing\Threads::BOX_WIDE }}" />
                        @if ($box['vessel'] !== null)
                            <svg x="{{ $box['x'] }}" y="{{ $box['y'] - 6 }}"
                                width="{{ \App\Drawing\Threads::VESSEL_WIDE }}"
                                height="{{ \App\Drawing\Threads::BOX_HIGH + 6 }}"
                                viewBox="0 8 {{ $box['vessel']->width }} {{ $box['vessel']->height - 16 }}"
                                preserveAspectRatio="xMidYMax meet"><x-vessel :section="$box['vessel']" /></svg>
                        @endif
                        <text class="thread-name" x="{{ $box['x'] + \App\Drawing\Threads::VESSEL_WIDE + 6 }}"
                            y="{{ $box['y'] + 19 }}">{{ \Illuminate\Support\Str::limit($box['name'], 22, '…') }}</text>
                        <text class="thread-code" x="{{ $box['x'] + \App\Drawing\Threads::VESSEL_WIDE + 6 }}"
                            y="{{ $box['y'] + 36 }}">{{ implode(' · ',
                            array_filter([$box['code'], $box['detail']])) }}</text>
                    </a>
                @endforeach
            </svg>
        </div>
        <details class="told">
            <summary>{{ __('shelf.trace.words') }}</summary>
            <ul>
                @foreach ($page->told as $thread)
                    <li>{{ $thread['from'] }} → {{ $thread['to'] }}{{
                        $thread['grams'] === '' ? '' : ": {$thread['grams']}" }}
                    </li>
                @endforeach
            </ul>
        </details>
    @endif
    @if ($page->isForward && $page->recall !== [])
        <section class="recall" id="recall">
            <h2>{{ __('shelf.trace.recall', ['code' => $page->code]) }}</h2>
            <p>{{ __('shelf.trace.recall_why') }}</p>
            <table class="plain">
                <thead>
                    <tr>
                        <th>{{ __('ui.label.batch') }}</th>
                        <th></th>
                        <th>{{ __('ui.record.made') }}</th>
                        <th class="num">{{ __('shelf.trace.filled') }}</th>
                        <th class="num">{{ __('pantry.left') }}</th>
                        <th>{{ __('shelf.where') }}</th>
                        <th>{{ __('shelf.trace.went') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->recall as $row)
                        <tr>
                            <th scope="row"><a href="{{ $row['href'] }}">{{ $row['code'] }}</a></th>
                            <td>{{ $row['name'] }}</td>
                            <td>{{ $row['made'] }}</td>
                            <td class="num">{{ $row['filled'] }}</td>
                            <td class="num"><b>{{ $row['left'] }}</b></td>
                            <td>
                                @foreach ($row['stands'] as $stands)
                                    <span class="recall-out">{{ $stands }}</span>
                                @endforeach
                            </td>
                            <td>
                                @foreach ($row['out'] as $out)
                                    <span class="recall-out">{{ $out }}</span>
                                @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p><button class="button" type="button" x-data="printer">{{ __('shelf.trace.print') }}</button></p>
        </section>
    @endif
    @if ($page->mayBe !== [])
        <section class="recall" id="may-be">
            <h2>{{ __('shelf.trace.may_be', ['code' => $page->code]) }}</h2>
            <p>{{ __('shelf.trace.may_be_why') }}</p>
            <ul>
                @foreach ($page->mayBe as $row)
                    <li><a href="{{ $row['href'] }}">{{ $row['code'] }}</a> {{ $row['name'] }},
                        {{ $row['made'] }}: {{ __('make.no_lot_told', ['grams' => $row['grams']]) }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    <p class="quiet">{{ __('shelf.trace.basis') }}</p>
</x-page>
