<svg class="sev-mark" viewBox="0 0 14 14" width="14" height="14" aria-hidden="true">
    @switch($severity)
        @case('stop')
            <path d="M1 1h12v12h-12z" />
            <path class="sev-mark-in" d="M3.5 7h7" />
        @break

        @case('ask')
            <path d="M1 1h12v12h-12z" />
            <path class="sev-mark-in" d="M5 5.2a2 2 0 1 1 2.6 1.9c-.5.2-.6.5-.6 1.1M7 10v.2" />
        @break

        @case('mind')
            <path d="M7 1 13.5 13h-13z" />
            <path class="sev-mark-in" d="M7 5.5v3.5M7 11v.2" />
        @break

        @default
            <circle cx="7" cy="7" r="5.6" />
    @endswitch
</svg><b class="sev-word">{{ __('words.severity.' . $severity) }}</b>
