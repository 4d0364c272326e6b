@inject('wording', 'App\Ground\Wording')
<x-page :title="__('backups.title')" body="on-settings">
    <p><a href="{{ route('settings') }}">{{ __('settings.title') }}</a></p>
    <h1>{{ __('backups.title') }}</h1>
    <p>{{ __('backups.why') }}</p>
    <section class="settings">
        <form method="post" action="{{ route('backups.copy') }}">@csrf<button
                class="button">{{ __('backups.copy') }}</button></form>
        @if ($undo !== null && $isHere)
            <form method="post" action="{{ route('backups.put-back', $undo) }}">@csrf<button
                    class="button button-quiet">{{ __('backups.undo') }}</button></form>
        @endif
    </section>
    <section class="settings">
        <h2>{{ __('backups.copies') }}</h2>
        @if ($copies === [])
            <p>{{ __('backups.none') }}</p>
        @else
            <table class="plain done-list">
                <tbody>
                    @foreach ($copies as $copy)
                        <tr>
                            <th scope="row">{{ $wording->moment($copy['at']) }}</th>
                            <td>{{ __('backups.kinds.' . explode('-', $copy['name'])[0]) }}</td>
                            <td class="num">{{ $wording->number($copy['bytes'] / 1_000_000, 1) }} MB</td>
                            <td><a href="{{ route('backups.take', $copy['name']) }}">{{ __('backups.take') }}</a></td>
                            <td>
                                @if ($isHere)
                                    <form method="post" action="{{ route('backups.put-back', $copy['name']) }}">
                                        @csrf<button class="link">{{ __('backups.put_back') }}</button></form>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            <p class="quiet">{{ __('backups.put_back_means') }}</p>
        @endif
    </section>
    @if ($isHere)
        <form class="settings" method="post" action="{{ route('backups.restore') }}" enctype="multipart/form-data">
            @csrf
            <h2>{{ __('backups.restore') }}</h2>
            <label><span class="label">{{ __('backups.file') }}</span><input class="wide" type="file"
                    name="file" accept=".sqlite"
                    @invalid('copy')></label>
            <x-problem for="copy" />
            <button class="button">{{ __('backups.do_restore') }}</button>
            <p class="quiet">{{ __('backups.put_back_means') }}</p>
        </form>
    @endif
    <section class="settings">
        <h2>{{ __('backups.export') }}</h2>
        <p>{{ __('backups.export_means') }}</p>
        <p><a class="button button-quiet" href="{{ route('backups.export') }}">{{ __('backups.export') }}</a></p>
    </section>
    @if ($isHere)
        <form class="settings" method="post" action="{{ route('backups.look') }}" enctype="multipart/form-data">@csrf
            <h2>{{ __('backups.import') }}</h2>
            <p>{{ __('backups.import_means') }}</p>
            <label><span class="label">{{ __('backups.file') }}</span><input class="wide" type="file"
                    name="file" accept=".zip"
                    @invalid('packet')></label>
            <x-problem for="packet" />
            <button class="button">{{ __('backups.do_import') }}</button>
        </form>
    @endif
</x-page>
