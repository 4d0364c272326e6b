<div class="sides">
    @foreach (['before' => $sides->before, 'after' => $sides->after] as $which => $side)
        <section class="side side-{{ $which }}" aria-labelledby="side-{{ $which }}">
            <x-vessel :section="$side['vessel']" class="side-vessel" />
            <div>
                <h2 id="side-{{ $which }}">{{ $side['name'] }} <small>{{ $side['total'] }}</small></h2>
                <p>{{ $side['verdict'] }}</p>
            </div>
        </section>
    @endforeach
</div>
<div class="sides-body">
    <section>
        <h2>{{ __('suggestions.shares') }}
            <small>{{ __('suggestions.distance', ['percent' => $sides->distance]) }}</small></h2>
        <table class="plain shares">
            <thead>
                <tr>
                    <th>{{ __('ui.bench.ingredient') }}</th>
                    <th class="num">{{ $sides->before['name'] }}</th>
                    <th class="num">{{ $sides->after['name'] }}</th>
                    <th class="num">{{ __('suggestions.by') }}</th>
                    <th class="shift shift-head"><svg viewBox="0 0 104 14" aria-hidden="true"><text x="2"
                                y="11">0.1</text><text x="35.3" y="11">1</text><text x="68.7" y="11">10</text><text
                                x="102" y="11">100 %</text></svg></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sides->shares as $row)
                    <tr @if ($row['isMoved']) class="is-moved" @endif>
                        <th>{{ $row['name'] }}</th>
                        <td class="num">{{ $row['before'] }}</td>
                        <td class="num">{{ $row['after'] }}</td>
                        <td class="num by">{{ $row['moved'] }}</td>
                        <td class="shift"><svg viewBox="0 0 104 14" aria-hidden="true">
                                <path class="shift-rule" d="M2 7h100M2 4v6M35.3 4v6M68.7 4v6M102 4v6" />
                                @if ($row['isMoved'] && $row['from'] !== null && $row['to'] !== null)
                                    <path class="shift-way" d="M{{ $row['from'] + 2 }} 7H{{ $row['to'] + 2 }}" />
                                    @endif @if ($row['from'] !== null)
                                        <circle class="shift-was" cx="{{ $row['from'] + 2 }}" cy="7" r="4" />
                                        @endif @if ($row['isMoved'] && $row['to'] !== null)
                                            <circle class="shift-is" cx="{{ $row['to'] + 2 }}" cy="7" r="4" />
                                        @endif
                            </svg>
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <section>
        <h2>{{ __('suggestions.comes_of_it') }}</h2>
        <table class="plain figures-moved">
            <tbody>
                @foreach ($sides->figures as $row)
                    <tr @if ($row['isMoved']) class="is-moved" @endif>
                        <th>{{ $row['label'] }}</th>
                        <td class="num">{{ $row['before'] }}</td>
                        <td class="num">{{ $row['after'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="quiet">{{ __('suggestions.basis') }}</p>
        @foreach (['new' => $sides->new, 'gone' => $sides->gone] as $which => $findings)
            @if ($findings !== [])
                <h2>{{ __("suggestions.findings_$which") }}</h2>
                <ul class="pencils findings-{{ $which }}">
                    @foreach ($findings as $finding)
                        <li class="pencil sev-{{ $finding['severity'] }}">
                            <p class="pencil-what">{{ \App\Ground\PencilNotes::mark($finding['severity']) }}
                                {{ $finding['message'] }}</p>
                        </li>
                    @endforeach
                </ul>
            @endif
        @endforeach
        @if ($sides->new === [] && $sides->gone === [])
            <p>{{ __('suggestions.findings_same') }}</p>
        @endif
    </section>
</div>
