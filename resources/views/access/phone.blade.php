<x-page :title="__('access.phone_title')" body="on-phone-code">
    <h1>{{ __('access.phone_title') }}</h1>
    @if ($code !== null)
        <div class="phone-codes">
            <section class="phone-code">
                <h2>{{ $isSecure ? __('access.authority.then') : __('access.on_phone') }}</h2>
                <p class="phone-how">{{ __('access.phone_how') }}</p>
                @include('access.code', ['code' => $code, 'label' => __('access.phone_title')])
                <p>{{ __('access.phone_minutes') }} {{ $isSecure ? __('access.encrypted') : __('access.plain') }}</p>
                <p class="phone-address">{{ $isSecure ? config('ilvane.https')[0] : $address }}</p>
            </section>
            @if ($authorityCode !== null)
                <section class="phone-code">
                    <h2>{{ __('access.authority.first') }}</h2>
                    <p class="phone-how">{{ __('access.authority.first_how') }}</p>
                    @include('access.code', ['code' => $authorityCode, 'label' => __('access.authority.first')])
                    <p>{{ __('access.authority.here') }}</p>
                    @include('access.fingerprint')
                    <p><a href="{{ route('authority') }}">{{ __('access.authority.can_title') }}</a></p>
                </section>
            @endif
        </div>
        @if ($plainCode !== null)
            <details class="worked">
                <summary>{{ __('access.authority.without') }}</summary>
                <p>{{ __('access.authority.without_how') }} {{ __('access.plain') }}</p>
                @include('access.code', ['code' => $plainCode, 'label' => __('access.authority.without')])
                <p class="phone-address">{{ $address }}</p>
            </details>
        @endif
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
    @endif
    <p><a class="button button-quiet" href="{{ $to }}">{{ __('access.phone_back') }}</a></p>
</x-page>
