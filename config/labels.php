<?php

// Label designs by millimetres, and the shipped containers and, where none was named, the kinds of product each goes
// on. A round one is as wide as it is high.
return [
    'front-62x100' => [
        'width' => 62.0,
        'height' => 100.0,
        'round' => false,
        'containers' => [
            'pet-pump-250',
            'pet-spray-200',
            'pet-disc-250',
            'hdpe-disc-500',
            'hdpe-pump-500',
            'clear-mason-500',
        ],
        'families' => ['leave_in_emulsion', 'water_spray'],
    ],
    'front-50x80' => [
        'width' => 50.0,
        'height' => 80.0,
        'round' => false,
        'containers' => ['amber-screw-100', 'alu-spray-100'],
        'families' => ['infused_oil'],
    ],
    'wrap-90x40' => [
        'width' => 90.0,
        'height' => 40.0,
        'round' => false,
        'containers' => ['amber-dropper-30', 'amber-dropper-50'],
        'families' => ['hair_oil'],
    ],
    'wrap-150x45' => [
        'width' => 150.0,
        'height' => 45.0,
        'round' => false,
        'containers' => ['clear-jar-120', 'pet-jar-200', 'pp-jar-100', 'amber-jar-60'],
        'families' => ['whipped_butter', 'fresh_mask', 'gel', 'frozen_bar'],
    ],
    'lid-70' => [
        'width' => 70.0,
        'height' => 70.0,
        'round' => true,
        'containers' => ['alu-tin-100'],
        'families' => ['pomade'],
    ],
];
