<table class="plain">
    <thead>
        <tr>
            <th>{{ __('ui.bench.ingredient') }}</th>
            <th>{{ __('ui.bench.amount') }}</th>
            <th class="num">{{ __('ui.bench.grams') }}</th>
            <th class="num">{{ __('ui.bench.share') }}</th>
        </tr>
    </thead>
    @foreach ($lanes as $lane)
        @if ($lane['rows'] !== [])
            <tbody class="mat-{{ $lane['phase'] }}">
                <tr class="lane-line">
                    <th colspan="2">{{ $lane['name'] }}</th>
                    <td class="num">{{ $lane['grams'] }}</td>
                    <td class="num">{{ $lane['percent'] }}</td>
                </tr>
                @foreach ($lane['rows'] as $row)
                    <tr>
                        <td>{{ $row['name'] }}@if ($row['prepared'] !== '')
                                <small class="quiet">{{ $row['prepared_said'] }}</small>
                            @endif
                        </td>
                        <td>{{ $row['amount'] }}</td>
                        <td class="num">{{ $row['grams'] }}</td>
                        <td class="num">{{ $row['percent'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        @endif
    @endforeach
</table>
