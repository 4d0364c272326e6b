@props(['action'])
<form id="bench" method="post" action="{{ $action }}" x-data="bench" data-token="{{ route('token') }}"
    autocomplete="off" novalidate>
    @csrf
    <button class="unseen" tabindex="-1" aria-hidden="true">{{ __('ui.bench.recalculate') }}</button>
    <div class="not-saved" role="alert" hidden
        @foreach (__('ui.bench.not_saved') as $why => $words) data-{{ $why }}="{{ $words }}" @endforeach>
        <p></p>
        <button type="button" class="button button-quiet">{{ __('ui.bench.try_now') }}</button>
    </div>
    {{ $slot }}
    <p class="net" role="status" aria-live="polite" data-saved="{{ __('ui.bench.saved') }}"
        data-saving="{{ __('ui.bench.saving') }}"></p>
</form>
