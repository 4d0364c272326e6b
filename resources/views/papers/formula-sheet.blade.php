<p>
    <b>
        <font size="16">{{ $name }}</font>
    </b>
</p>
<p><b>{{ $verdict }}</b></p>
<table border="0.5" cellpadding="3">
    <tr>
        <th width="12%"></th>
        <th width="40%"><b>{{ __('ui.bench.ingredient') }}</b></th>
        <th width="20%"><b>{{ __('papers.columns.entered') }}</b></th>
        <th width="14%" align="right"><b>{{ __('papers.columns.grams') }}</b></th>
        <th width="14%" align="right"><b>{{ __('ui.record.share') }}</b></th>
    </tr>
    @foreach ($rows as $row)
        <tr>
            <td width="12%">{{ $row['phase'] }}</td>
            <td width="40%">{{ $row['name'] }}</td>
            <td width="20%">{{ $row['entered'] }}</td>
            <td width="14%" align="right">{{ $row['grams'] }}</td>
            <td width="14%" align="right">{{ $row['percent'] }}</td>
        </tr>
    @endforeach
</table>
@foreach ($notes as $note)
    <p>{{ \App\Ground\PencilNotes::mark($note['severity']) }} {{ $note['message'] }}</p>
@endforeach
@if ($directions !== '')
    <h3>{{ __('ui.label.directions') }}</h3>
    <p>{{ $directions }}</p>
@endif
