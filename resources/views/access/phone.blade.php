<x-page :title="__('access.phone_title')" body="on-phone-code">
    <h1>{{ __('access.phone_title') }}</h1>
    @if ($code !== null)
        <p class="phone-how">{{ __('access.phone_how') }}</p>
        <svg class="qr" viewBox="0 0 {{ $code->size }} {{ $code->size }}" role="img"
            aria-label="{{ __('access.phone_title') }}" shape-rendering="crispEdges">
            <rect class="qr-ground" width="{{ $code->size }}" height="{{ $code->size }}" />
            <path class="qr-ink" d="{{ $code->path }}" />
        </svg>
        <p>{{ __('access.phone_minutes') }} {{ __('access.plain') }}</p>
        <p class="phone-address">{{ $address }}</p>
    @else
        <p>{{ __('access.phone_needs') }}</p>
        <ol class="phone-needs">
            <li @class(['is-done' => $hasPassphrase])>
                @if ($hasPassphrase)
                    {{ __('access.phone_passphrase_done') }}
                @else
                    <a href="{{ route('settings') }}#access">{{ __('access.phone_passphrase') }}</a>
                @endif
            </li>
            <li @class(['is-done' => $address !== null])>
                {{ $address === null ? __('access.phone_lan') : __('access.phone_lan_done', ['address' => $address]) }}
            </li>
        </ol>
        <p>{{ __('access.plain') }}</p>
    @endif
    <p><a class="button button-quiet" href="{{ $to }}">{{ __('access.phone_back') }}</a></p>
</x-page>
