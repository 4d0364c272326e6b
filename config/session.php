<?php

// A make can lie half-done for days: the session outlives it, so that no form goes stale at the hob.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 60,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 1000],
    // the two workrooms of one machine differ by port only, which cookies don't see
    'cookie' => rtrim('ilvane_session_'.env('ILVANE_ROOM', ''), '_'),
    'path' => '/',
    'domain' => null,
    'secure' => false,
    'http_only' => true,
    'same_site' => 'lax',
];
