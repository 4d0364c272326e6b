<x-page :title="__('backups.import')" body="on-settings">
    <p><a href="{{ route('backups') }}">{{ __('backups.title') }}</a></p>
    <h1>{{ __('backups.import') }}</h1>
    <p>{{ __('backups.compared', ['new' => $compared['new'], 'same' => $compared['same']]) }}</p>
    <form class="settings" method="post" action="{{ route('backups.import', $name) }}">@csrf
        @if ($compared['differ'] !== [])
            <h2>{{ __('backups.differ') }}</h2>
            <table class="plain done-list">
                <tbody>
                    @foreach ($compared['differ'] as $one)
                        <tr>
                            <th scope="row">{{ $one['name'] }}</th>
                            <td>{{ __("backups.why_differs.{$one['why']}") }}</td>
                            <td>
                                @if ($one['why'] === 'changed')
                                    <select name="choose[{{ $one['folder'] }}/{{ $one['key'] }}]"
                                        aria-label="{{ $one['name'] }}">
                                        <option value="keep">{{ __('backups.keep') }}</option>
                                        <option value="take">{{ __('backups.theirs') }}</option>
                                    </select>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        @if ($compared['new'] === 0 && $compared['differ'] === [])
            <p>{{ __('backups.nothing') }}</p>
        @endif
        <p><button class="button">{{ __('backups.do_take') }}</button> <a
                href="{{ route('backups') }}">{{ __('backups.leave') }}</a></p>
    </form>
</x-page>
