<?php

// The phototoxic limit of lemon: 1.8 % instead of 2 %.
return [
    'section' => 'A limit',
    'edits' => [
        'data/limits.csv' => static fn (string $csv): string => str_replace(
            'lemon-essential-oil-expressed,phototoxic,,2.0,',
            'lemon-essential-oil-expressed,phototoxic,,1.8,',
            $csv,
        ),
        'tests/Core/Safety/JudgementTest.php' => static fn (string $code): string => str_replace(
            ["['lemon-essential-oil-expressed', 2.0]", '$lemon] = [0.4, 2.0]'],
            ["['lemon-essential-oil-expressed', 1.8]", '$lemon] = [0.4, 1.8]'],
            $code,
        ),
    ],
    'tests' => ['tests/Core/Safety/JudgementTest.php'],
];
