<?php

// The default local disk would answer under /storage/{path}; nothing is served from a disk here.
return [
    'default' => 'local',
    'disks' => ['local' => [
        'driver' => 'local',
        'root' => storage_path('workroom'),
        'serve' => false,
        'throw' => true,
    ]],
];
