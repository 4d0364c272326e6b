<?php

// A word of the page, in both languages.
$add = static fn (string $word): Closure => static fn (string $code): string => preg_replace(
    '/^return \[\n/m',
    "return [\n    'tried' => '$word',\n",
    $code,
    1,
);

return [
    'section' => 'A word',
    'edits' => ['lang/en/shelf.php' => $add('Tried once'), 'lang/fr/shelf.php' => $add('Essayé une fois')],
    'tests' => ['tests/Feature/LanguageTest.php'],
];
