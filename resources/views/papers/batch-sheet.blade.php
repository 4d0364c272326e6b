<p>
    <b>
        <font size="16">{{ $record->name }}</font>
    </b>
</p>
<p><b>{{ __('ui.label.batch') }} {{ $batch->code }}</b> &nbsp; {{ __('ui.record.made') }} {{ $record->madeOn }} &nbsp;
    {{ $record->bestBefore === null
        ? __('ui.record.no_date')
        : __('ui.record.best_before') . ' ' . $record->bestBefore }}
</p>
<p>{{ $record->verdict }}</p>
@inject('releases', 'App\Shelf\ReleaseFactory')
@php($release = $releases->of($batch))
<p><b>{{ __("shelf.release.state.$release->state") }}</b> {{ $release->said() }}</p>
<h3>{{ __('ui.record.what_went_in') }}</h3>
<table border="0.5" cellpadding="3">
    <tr>
        <th width="32%"><b>{{ __('ui.bench.ingredient') }}</b></th>
        <th width="14%"></th>
        <th width="13%" align="right"><b>{{ __('ui.record.planned') }}</b></th>
        <th width="13%" align="right"><b>{{ __('ui.record.taken') }}</b></th>
        <th width="16%"><b>{{ __('ui.record.how') }}</b></th>
        <th width="12%" align="right"><b>{{ __('ui.record.share') }}</b></th>
    </tr>
    @foreach ($record->lines as $line)
        <tr>
            <td width="32%">{{ $line['name'] }}@foreach ($line['lots'] as $from)
                    <br />
                    <font size="7">
                        {{ $from['lot'] === ''
                            ? __('make.no_lot_told', ['grams' => $from['grams']])
                            : $from['lot'] . ' ' . $from['grams'] }}
                    </font>
                @endforeach
            </td>
            <td width="14%">{{ $line['phase'] }}</td>
            <td width="13%" align="right">{{ $line['planned'] }}</td>
            <td width="13%" align="right">{{ $line['taken'] }}</td>
            <td width="16%">{{ $line['state'] }}</td>
            <td width="12%" align="right">{{ $line['percent'] }}</td>
        </tr>
    @endforeach
</table>
<h3>{{ __('ui.record.yield') }} {{ $record->yield }}</h3>
<p>{{ __('ui.record.went_in') }} {{ implode('; ', [
    $record->in,
    ...array_map(static fn (array $part): string => "{$part['label']} {$part['figure']}", $record->balance),
]) }}; pH {{ $record->ph ?? __('ui.record.ph_none') }}</p>
@if ($record->keeping !== [])
    <h3>{{ __('ui.record.derivation') }}</h3>
    <p>
        @foreach ($record->keeping as $step)
            {{ $step['what'] }}: {{ $step['days'] }}.
        @endforeach
    </p>
@endif
@if ($record->findings !== [])
    <h3>{{ __('ui.record.findings') }}</h3>
    @foreach ($record->findings as $found)
        <p>{{ \App\Ground\PencilNotes::mark($found['severity']) }} {{ $found['message'] }}</p>
    @endforeach
@endif
<h3>{{ __('ui.record.log') }}</h3>
<table border="0.5" cellpadding="2">
    @foreach ($record->log as $row)
        <tr>
            <td width="12%">{{ $row['time'] }}</td>
            <td width="44%">{{ $row['what'] }}</td>
            <td width="16%" align="right">{{ $row['value'] }}</td>
            <td width="28%">{{ $row['reason'] }}</td>
        </tr>
    @endforeach
</table>
<p>{{ __('ui.record.estimate') }}</p>
