<div class="sides">
    @foreach (['before' => $sides->before, 'after' => $sides->after] as $which => $side)
        <section class="side side-{{ $which }}" aria-labelledby="side-{{ $which }}">
            <x-vessel :section="$side['vessel']" class="side-vessel"/>
            <div>
                <h2 id="side-{{ $which }}">{{ $side['name'] }} <small>{{ $side['total'] }}</small></h2>
                @if ($side['regime'] !== '')<p class="regime-word">{{ __('words.regime.'.$side['regime']) }}</p>@endif
                <p>{{ $side['verdict'] }}</p>
            </div>
        </section>
    @endforeach
</div>
<div class="sides-body">
    <section>
        <h2>{{ __('design.shares') }} <small>{{ __('design.distance', ['percent' => $sides->distance]) }}</small></h2>
        <table class="plain shares">
            <thead><tr><th>{{ __('ui.bench.ingredient') }}</th><th class="num">{{ $sides->before['name'] }}</th><th class="num">{{ $sides->after['name'] }}</th><th class="num">{{ __('design.by') }}</th><th></th></tr></thead>
            <tbody>
                @foreach ($sides->shares as $row)
                    <tr @if ($row['isMoved']) class="is-moved" @endif><th>{{ $row['name'] }}</th><td class="num">{{ $row['before'] }}</td><td class="num">{{ $row['after'] }}</td><td class="num by">{{ $row['moved'] }}</td>
                        <td class="shift"><svg viewBox="0 0 104 14" aria-hidden="true"><path class="shift-rule" d="M2 7h100"/><circle class="shift-was" cx="{{ $row['from'] + 2 }}" cy="7" r="4"/>@if ($row['isMoved'])<path class="shift-way" d="M{{ $row['from'] + 2 }} 7H{{ $row['to'] + 2 }}"/><circle class="shift-is" cx="{{ $row['to'] + 2 }}" cy="7" r="4"/>@endif</svg></td></tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <section>
        <h2>{{ __('design.comes_of_it') }}</h2>
        <table class="plain figures-moved"><tbody>
            @foreach ($sides->figures as $row)<tr @if ($row['isMoved']) class="is-moved" @endif><th>{{ $row['label'] }}</th><td class="num">{{ $row['before'] }}</td><td class="num">{{ $row['after'] }}</td></tr>@endforeach
        </tbody></table>
        <p class="quiet">{{ __('design.basis') }}</p>
        @foreach (['new' => $sides->new, 'gone' => $sides->gone] as $which => $findings)
            @if ($findings !== [])
                <h2>{{ __("design.findings_$which") }}</h2>
                <ul class="pencils findings-{{ $which }}">@foreach ($findings as $finding)<li class="pencil sev-{{ $finding['severity'] }}"><p class="pencil-what">{{ \App\Workroom\PencilNotes::mark($finding['severity']) }} {{ $finding['message'] }}</p></li>@endforeach</ul>
            @endif
        @endforeach
        @if ($sides->new === [] && $sides->gone === [])<p>{{ __('design.findings_same') }}</p>@endif
    </section>
</div>
