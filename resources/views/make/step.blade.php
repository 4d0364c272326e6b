@php($batch = $page->state->batch)
<!doctype html>
<html lang="{{ App::getLocale() }}">

<head>
    <x-head :title="$page->title()" />
</head>

<body class="hob" x-data="hob" data-batch="{{ $batch->pendingKey() }}" data-make="{{ route('make', $batch, false) }}"
    data-follow="{{ route('make.follow', $batch, false) }}" data-token="{{ route('token', absolute: false) }}">
    <section class="hob-offline" role="alert" data-words="{{ __('make.offline') }}" hidden>
        <p></p>
        <ol class="hob-waiting"></ol>
    </section>
    <p class="hob-elsewhere" role="status" hidden>{{ __('make.elsewhere') }} <button type="button"
            class="link">{{ __('make.elsewhere_show') }}</button></p>
    <div id="hob">@include('make.hob')</div>
    <p class="hob-end" role="status" hidden>{{ __('make.ahead_end') }}</p>
    <p class="hob-screen" data-kept="{{ __('make.screen.kept') }}" data-refused="{{ __('make.screen.refused') }}"
        data-none="{{ __('make.screen.none') }}" hidden></p>
</body>

</html>
