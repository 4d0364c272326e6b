@props(['action'])
<form id="bench" method="post" action="{{ $action }}" x-data="bench" autocomplete="off" novalidate>
    @csrf
    <button class="unseen" tabindex="-1" aria-hidden="true">{{ __('ui.bench.recalculate') }}</button>
    {{ $slot }}
    <p class="net" role="status" aria-live="polite" data-saved="{{ __('ui.bench.saved') }}" data-saving="{{ __('ui.bench.saving') }}" data-offline="{{ __('ui.bench.offline') }}"></p>
</form>
