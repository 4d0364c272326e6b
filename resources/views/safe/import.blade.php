<x-page :title="__('safe.import')" body="on-settings">
    <p><a href="{{ route('safe') }}">{{ __('safe.title') }}</a></p>
    <h1>{{ __('safe.import') }}</h1>
    <p>{{ __('safe.compared', ['new' => $compared['new'], 'same' => $compared['same']]) }}</p>
    <form class="settings" method="post" action="{{ route('safe.import', $name) }}">@csrf
        @if ($compared['differ'] !== [])
            <h2>{{ __('safe.differ') }}</h2>
            <table class="plain done-list"><tbody>@foreach ($compared['differ'] as $one)<tr><th scope="row">{{ $one['name'] }}</th><td>{{ __("safe.why_differs.{$one['why']}") }}</td><td>@if ($one['why'] === 'changed')<select name="choose[{{ $one['folder'] }}/{{ $one['key'] }}]" aria-label="{{ $one['name'] }}"><option value="keep">{{ __('safe.keep') }}</option><option value="take">{{ __('safe.theirs') }}</option></select>@endif</td></tr>@endforeach</tbody></table>
        @endif
        @if ($compared['new'] === 0 && $compared['differ'] === [])<p>{{ __('safe.nothing') }}</p>@endif
        <p><button class="button">{{ __('safe.do_take') }}</button> <a href="{{ route('safe') }}">{{ __('safe.leave') }}</a></p>
    </form>
</x-page>
