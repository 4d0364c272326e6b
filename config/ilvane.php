<?php

return [
    'data' => base_path('data'),
    'catalogue' => env('ILVANE_CATALOGUE', storage_path('framework/cache/catalogue.php')),
    // Hosts this server answers to; anything else is refused, so that no foreign page can reach it by rebinding a name.
    'hosts' => [
        ...array_filter(explode(',', (string) env('ILVANE_HOSTS', 'localhost,127.0.0.1,[::1]'))),
        ...array_map(
            static fn (string $at): string => (string) preg_replace('/:\d+$/', '', $at),
            array_filter(explode(',', env('ILVANE_LAN', '').','.env('ILVANE_HTTPS', ''))),
        ),
    ],
    // Where the home network finds it, host:port; none unless it was started for the home network.
    'lan' => array_values(array_filter(explode(',', (string) env('ILVANE_LAN', '')))),
    // The same by https, host:port; none where no certificate was made. What stands before the workroom then says who
    // asked, and is believed only from this machine itself.
    'https' => array_values(array_filter(explode(',', (string) env('ILVANE_HTTPS', '')))),
    // Where the workroom's own authority keeps its key.
    'authority' => env('ILVANE_AUTHORITY', storage_path('authority')),
    // Which workroom this is (demo or mine), and where on this machine the other one is open, host:port; empty where
    // nobody said.
    'room' => (string) env('ILVANE_ROOM', ''),
    'other' => (string) env('ILVANE_OTHER', ''),
    // Port of instruments started together with it; what is set under Measures goes first.
    'instruments' => env('ILVANE_INSTRUMENTS') === null ? null : (int) env('ILVANE_INSTRUMENTS'),
    // A copy of the workroom is laid aside once a day.
    'daily_copy' => (bool) env('ILVANE_DAILY_COPY', true),
    // Opens the empty page bin/bench measures against.
    'bench' => (bool) env('ILVANE_BENCH', false),
    'units' => env('ILVANE_UNITS', 'us'),
];
