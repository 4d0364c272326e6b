<x-page :title="__('ui.record.title', ['code' => $record->batch->code])" body="on-record">
    <div class="record" data-arrived="{{ $record->batch->pendingKey() }}">
        <header class="record-head">
            <x-vessel :section="$record->vessel" class="record-vessel"/>
            <div>
                <p class="code">{{ $record->batch->code }}</p>
                <h1 class="name">{{ $record->name }}</h1>
                <p class="verdict">{{ $record->verdict }}</p>
                <p><a class="button" href="{{ route('label', $record->batch) }}">{{ __('ui.record.label') }}</a></p>
                <p class="from"><a href="{{ route('version', [$record->batch->version->formula, $record->batch->version->number]) }}">{{ __('ui.record.from', ['name' => $record->batch->version->formula->name, 'number' => $record->batch->version->number]) }}</a></p>
            </div>
            <dl class="dates">
                <div><dt>{{ __('ui.record.made') }}</dt><dd>{{ $record->madeOn }}</dd></div>
                <div class="best-before"><dt>{{ $record->bestBefore === null ? __('ui.record.no_date') : __('ui.record.best_before') }}</dt><dd>{{ $record->bestBefore ?? $record->noDate }}</dd></div>
            </dl>
        </header>
        <section>
            <h2>{{ __('ui.record.what_went_in') }}</h2>
            <table class="plain">
                <thead><tr><th></th><th></th><th class="num">{{ __('ui.record.planned') }}</th><th class="num">{{ __('ui.record.weighed') }}</th><th class="num">{{ __('ui.record.share') }}</th></tr></thead>
                <tbody>@foreach ($record->lines as $line)<tr><td>{{ $line['name'] }}</td><td class="quiet">{{ $line['phase'] }}</td><td class="num">{{ $line['planned'] }}</td><td class="num"><b>{{ $line['weighed'] }}</b></td><td class="num">{{ $line['percent'] }}</td></tr>@endforeach</tbody>
            </table>
            <h2>{{ __('ui.record.yield') }} <b class="big">{{ $record->yield }}</b></h2>
            <svg class="balance" viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true"><path class="balance-in" d="M0 0h100v14h-100z"/>@foreach ($record->balance as $part)<rect class="balance-{{ $part['part'] }}" x="{{ $part['from'] }}" width="{{ $part['wide'] }}" height="14"/>@endforeach</svg>
            <dl class="figures figures-row"><div><dt>{{ __('ui.record.went_in') }}</dt><dd>{{ $record->in }}</dd></div>@foreach ($record->balance as $part)<div class="part-{{ $part['part'] }}"><dt>{{ $part['label'] }}</dt><dd>{{ $part['figure'] }}</dd></div>@endforeach<div><dt>pH</dt><dd>{{ $record->ph ?? __('ui.record.ph_none') }}</dd></div></dl>
            <p class="quiet">{{ __('ui.record.missing_why') }}</p>
        </section>
        <section>
            @if ($record->keeping !== [])
                <h2>{{ __('ui.record.derivation') }}</h2>
                <ol class="derivation">@foreach ($record->keeping as $i => $step)<li @if ($i === 0) class="decides" @endif><span>{{ $step['what'] }}</span> <b>{{ $step['days'] }}</b>@if ($i === 0) <em>{{ __('ui.record.decides') }}</em>@endif</li>@endforeach</ol>
                <p class="quiet">{{ __('ui.record.estimate') }}</p>
            @endif
            <h2>{{ __('ui.record.findings') }}</h2>
            <ul class="pencils">@foreach ($record->findings as $found)<li class="pencil sev-{{ $found['severity'] }}"><p class="pencil-what">@include('components.severity', ['severity' => $found['severity']]) {{ $found['message'] }}</p><p class="pencil-source">{{ $found['because'] }}</p></li>@endforeach</ul>
        </section>
        @include('batch.watch')
        <section>
            <h2>{{ __('ui.record.log') }}</h2>
            <table class="plain log"><tbody>@foreach ($record->log as $row)<tr><td class="num quiet">{{ $row['time'] }}</td><td>{{ $row['what'] }}</td><td class="num">{{ $row['value'] }}</td><td>{{ $row['reason'] }}</td></tr>@endforeach</tbody></table>
        </section>
    </div>
</x-page>
