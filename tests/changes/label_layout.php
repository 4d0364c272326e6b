<?php

// The label's layout: a margin of 4 mm instead of 3.
return [
    'section' => 'The label',
    'edits' => [
        'app/Papers/LabelLayout.php' => static fn (string $code): string => str_replace(
            'private const MARGIN = 3.0;',
            'private const MARGIN = 4.0;',
            $code,
        ),
        'tests/Feature/LabelTest.php' => static fn (string $code): string => str_replace(
            '$margin = 3.0;',
            '$margin = 4.0;',
            $code,
        ),
    ],
    'tests' => ['tests/Feature/LabelTest.php'],
];
