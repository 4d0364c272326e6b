<?php

return [
    'data' => base_path('data'),
    'catalogue' => env('ILVANE_CATALOGUE', storage_path('framework/cache/catalogue.php')),
    // Hosts this server answers to; anything else is refused, so that no foreign page can reach it by rebinding a name.
    'hosts' => array_filter(explode(',', (string) env('ILVANE_HOSTS', 'localhost,127.0.0.1,[::1]'))),
    // Opens the empty page bin/bench measures against.
    'bench' => (bool) env('ILVANE_BENCH', false),
    'units' => env('ILVANE_UNITS', 'us'),
];
