@php($wording = app(\App\Ground\Wording::class))
<x-page :title="__('safe.title')" body="on-settings">
    <p><a href="{{ route('settings') }}">{{ __('ui.settings.title') }}</a></p>
    <h1>{{ __('safe.title') }}</h1>
    <p>{{ __('safe.why') }}</p>
    <section class="settings">
        <form method="post" action="{{ route('safe.copy') }}">@csrf<button class="button">{{ __('safe.copy') }}</button></form>
        @if ($undo !== null && $isHere)<form method="post" action="{{ route('safe.put-back', $undo) }}">@csrf<button class="button button-quiet">{{ __('safe.undo') }}</button></form>@endif
    </section>
    <section class="settings">
        <h2>{{ __('safe.copies') }}</h2>
        @if ($copies === [])<p>{{ __('safe.none') }}</p>@else
            <table class="plain done-list"><tbody>@foreach ($copies as $copy)<tr><th scope="row">{{ $wording->moment($copy['at']) }}</th><td>{{ __('safe.kinds.'.(explode('-', $copy['name'])[0])) }}</td><td class="num">{{ $wording->number($copy['bytes'] / 1_000_000, 1) }} MB</td><td><a href="{{ route('safe.take', $copy['name']) }}">{{ __('safe.take') }}</a></td><td>@if ($isHere)<form method="post" action="{{ route('safe.put-back', $copy['name']) }}">@csrf<button class="link">{{ __('safe.put_back') }}</button></form>@endif</td></tr>@endforeach</tbody></table>
            <p class="quiet">{{ __('safe.put_back_means') }}</p>
        @endif
    </section>
    @if ($isHere)
        <form class="settings" method="post" action="{{ route('safe.restore') }}" enctype="multipart/form-data">@csrf
            <h2>{{ __('safe.restore') }}</h2>
            <label><span class="label">{{ __('safe.file') }}</span><input class="wide" type="file" name="file" accept=".sqlite" @error('copy') aria-invalid="true" aria-describedby="problem-copy" @enderror></label>
            @error('copy')<p class="problem" id="problem-copy" role="alert">{{ $message }}</p>@enderror
            <button class="button">{{ __('safe.do_restore') }}</button>
            <p class="quiet">{{ __('safe.put_back_means') }}</p>
        </form>
    @endif
    <section class="settings">
        <h2>{{ __('safe.export') }}</h2>
        <p>{{ __('safe.export_means') }}</p>
        <p><a class="button button-quiet" href="{{ route('safe.export') }}">{{ __('safe.export') }}</a></p>
    </section>
    @if ($isHere)
        <form class="settings" method="post" action="{{ route('safe.look') }}" enctype="multipart/form-data">@csrf
            <h2>{{ __('safe.import') }}</h2>
            <p>{{ __('safe.import_means') }}</p>
            <label><span class="label">{{ __('safe.file') }}</span><input class="wide" type="file" name="file" accept=".zip" @error('packet') aria-invalid="true" aria-describedby="problem-packet" @enderror></label>
            @error('packet')<p class="problem" id="problem-packet" role="alert">{{ $message }}</p>@enderror
            <button class="button">{{ __('safe.do_import') }}</button>
        </form>
    @endif
</x-page>
