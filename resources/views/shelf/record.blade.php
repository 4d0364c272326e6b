<x-page :title="__('ui.record.title', ['code' => $record->batch->code])" body="on-record">
    <div class="record" data-arrived="{{ $record->batch->pendingKey() }}">
        <header class="record-head">
            <x-vessel :section="$record->vessel" class="record-vessel" />
            <div>
                <p class="code">{{ $record->batch->code }}</p>
                <h1 class="name">{{ $record->name }}</h1>
                <p class="verdict">
                    {{ $made->release->isFree()
                        ? $record->verdict
                        : __("shelf.release.state.{$made->release->state}") . '. ' .
                        __("shelf.release.do.{$made->release->state}") }}
                </p>
                <p class="record-do">
                    @if ($made->release->isFree())
                        <a class="button" href="{{ route('label', $record->batch) }}">{{ __('ui.record.label') }}</a>
                    @endif <a
                        href="{{ route('trace.batch', $record->batch) }}">{{ __('shelf.trace.link_back') }}</a> <a
                        href="{{ route('price', $record->batch) }}">{{ __('shelf.price.link') }}</a> <a
                        href="{{ route('batch.file', [$record->batch, 'pdf']) }}">{{ __('labels.batch_pdf') }}</a>
                    @if ($made->release->isFree())
                        <a href="{{ route('batch.seller', $record->batch) }}">{{ __('shelf.seller') }}</a>
                    @endif
                </p>
                <p class="from"><a
                        href="{{ route('version',
                        [$record->batch->version->formula, $record->batch->version->number])
                        }}">{{ __('ui.record.from',
                        ['name' => $record->batch->version->formula->name, 'number' => $record->batch->version->number])
                        }}</a>
                </p>
            </div>
            <dl class="dates">
                <div>
                    <dt>{{ __('ui.record.made') }}</dt>
                    <dd>{{ $record->madeOn }}</dd>
                </div>
                <div @class(['best-before', 'is-off' => !$made->release->isFree()])>
                    <dt>{{ __(match (true) {
                        $record->bestBefore === null => 'ui.record.no_date',
                        $made->isSplit => 'shelf.split.first',
                        default => 'ui.record.best_before',
                    }) }}</dt>
                    <dd>{{ $record->bestBefore ?? $record->noDate }}</dd>
                </div>
            </dl>
        </header>
        @include('shelf.state')
        <section>
            <h2>{{ __('ui.record.what_went_in') }}</h2>
            <table class="plain went-in">
                <thead>
                    <tr>
                        <th>{{ __('ui.bench.ingredient') }}</th>
                        <th>{{ __('ui.bench.phase') }}</th>
                        <th class="num">{{ __('ui.record.planned') }}</th>
                        <th class="num">{{ __('ui.record.taken') }}</th>
                        <th class="num">{{ __('ui.record.share') }}</th>
                        <th>{{ __('ui.record.lots') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($record->lines as $line)
                        <tr class="is-{{ str_replace('_', '-', $line['is']) }}">
                            <td>{{ $line['name'] }}</td>
                            <td class="quiet">{{ $line['phase'] }}</td>
                            <td class="num">{{ $line['planned'] }}</td>
                            <td class="num taken">{{ $line['taken'] }} <small
                                    class="state">{{ $line['state'] }}</small></td>
                            <td class="num">{{ $line['percent'] }}</td>
                            <td class="from-lots">
                                @foreach ($line['lots'] as $from)
                                    @if ($from['lot'] === '')
                                        <span
                                        class="no-lot">{{ __('make.no_lot_told',
                                        ['grams' => $from['grams']]) }}</span>@else<a
                                            href="{{ route('lot', $from['lot']) }}">{{ $from['lot'] }}</a>
                                        {{ $from['grams'] }}
                                        @endif @if (!$loop->last)
                                            <br>
                                        @endif
                                    @endforeach
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($record->notDone !== [])
                <p class="not-done"><b>{{ __('ui.record.not_done') }}:</b> {{ implode(', ', $record->notDone) }}</p>
            @endif
            @if ($record->batch->despite !== null)
                <h2>{{ __('ui.record.despite') }}</h2>
                <ul class="despite">
                    @foreach (\App\Make\Despite::said($record->batch) as $stop)
                        <li>{{ $stop }}</li>
                    @endforeach
                </ul>
                <p>{{ __('make.despite_why', ['reason' => $record->batch->despite['reason']]) }}</p>
            @endif
            <h2>{{ __('ui.record.yield') }} <b class="big">{{ $record->yield }}</b></h2>
            <svg class="flow" viewBox="0 0 {{ \App\Drawing\Flow::WIDTH }} {{ $record->flow->height }}"
                role="img" aria-label="{{ __('ui.record.yield') }}"><text class="flow-in" x="0"
                    y="{{ $record->flow->top + $record->flow->stream / 2 - 6 }}">{{ __('ui.record.went_in') }}</text>
                <text class="flow-figure" x="0"
                    y="{{ $record->flow->top + $record->flow->stream / 2 + 14 }}">{{ $record->in }}</text>
                @foreach ($record->flow->bands as $band)
                    <path class="flow-band balance-{{ $band['part'] }}" d="{{ $band['path'] }}" /><text
                        class="flow-name" x="340" y="{{ $band['y'] + 4 }}">
                        <tspan class="flow-figure">{{ $record->part($band['part'])['figure'] }}</tspan>
                        {{ $record->part($band['part'])['label'] }}
                    </text>
                @endforeach
            </svg>
            <dl class="figures figures-row">
                @foreach ($record->balance as $part)
                    @if ($part['grams'] < 0)
                        <div class="part-{{ $part['part'] }}">
                            <dt>{{ $part['label'] }}</dt>
                            <dd>{{ $part['figure'] }}</dd>
                        </div>
                    @endif
                @endforeach
                <div>
                    <dt>pH</dt>
                    <dd>{{ $record->ph ?? __('ui.record.ph_none') }}</dd>
                </div>
            </dl>
            @if ($record->byState !== [])
                <p class="by-state">{{ __('ui.record.of_it') }} {{ implode(' · ', $record->byState) }}.</p>
            @endif
            <p class="quiet">{{ __('ui.record.missing_why') }}</p>
            @if ($made->cost !== null)
                <h2>{{ __('shelf.cost') }}</h2>
                <p>{{ __('shelf.cost_of', $made->cost) }}. {{ $made->cost['missing'] }}</p>
                <p class="quiet">{{ __('shelf.cost_basis') }}</p>
            @endif
        </section>
        <section>
            @if ($record->keeping !== [])
                <h2>{{ __('ui.record.derivation') }}</h2>
                <ol class="derivation">
                    @foreach ($record->keeping as $i => $step)
                        <li @if ($i === 0) class="decides" @endif><span>{{ $step['what'] }}</span>
                            <b>{{ $step['days'] }}</b>
                            @if ($i === 0)
                                <em>{{ __('ui.record.decides') }}</em>
                            @endif
                        </li>
                    @endforeach
                </ol>
                <p class="quiet">{{ __('ui.record.estimate') }}</p>
            @endif
            <h2>{{ __('ui.record.findings') }}</h2>
            <ul class="pencils">
                @foreach ($record->findings as $found)
                    <li class="pencil sev-{{ $found['severity'] }}">
                        <p class="pencil-what">@include('components.severity', ['severity' => $found['severity']])
                            {{ $found['message'] }}</p>
                        <p class="pencil-source">{{ $found['because'] }}</p>
                    </li>
                @endforeach
            </ul>
        </section>
        @if ($record->looks !== [])
            <section>
                <h2>{{ __('make.looks.title') }}</h2>
                <table class="plain looks-table">
                    <thead>
                        <tr>
                            <th scope="col"><span class="unseen">{{ __('make.looks.title') }}</span></th>
                            <th scope="col">{{ __('make.looks.here') }}</th>
                            <th scope="col">{{ __('make.looks.before') }}</th>
                        </tr>
                    </thead>
                    @foreach ($record->looks as $look)
                        <tr>
                            <th scope="row">{{ __("make.verb.{$look['kind']}") }}:
                                {{ __("make.looks.{$look['what']}.name") }}</th>
                            @foreach (['here', 'before'] as $of)
                                <td>
                                    @if ($look[$of] === null)
                                        –
                                    @else
                                        <x-look :what="$look['what']" :grade="$look[$of]" />
                                        {{ __("make.looks.{$look['what']}.{$look[$of]}") }}
                                    @endif
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </table>
            </section>
        @endif
        @include('shelf.shelf')
        @include('shelf.observations')
        <section>
            <h2>{{ __('ui.record.log') }}</h2>
            <table class="plain log">
                <tbody>
                    @foreach ($record->log as $row)
                        <tr>
                            <td class="num quiet">{{ $row['time'] }}</td>
                            <td>{{ $row['what'] }}</td>
                            <td class="num">{{ $row['value'] }}</td>
                            <td>{{ $row['reason'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </div>
</x-page>
