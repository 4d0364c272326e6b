<?php

// The cooling model: tap water of a cold bath at 12 °C instead of 15.
return [
    'section' => 'The cooling model',
    'edits' => [
        'core/Simulation/Kitchen.php' => static fn (string $code): string => str_replace(
            'COLD_BATH_C = 15.0',
            'COLD_BATH_C = 12.0',
            $code,
        ),
        'tests/Core/Simulation/KitchenTest.php' => static fn (string $code): string => str_replace(
            "'cold_bath' => 15.0",
            "'cold_bath' => 12.0",
            $code,
        ),
    ],
    'tests' => ['tests/Core/Simulation/KitchenTest.php'],
];
