<?php

/** Writes the pinned figures anew: php tests/Core/Pins/pin.php [group] */

declare(strict_types=1);

use Tests\Core\Pins\PinsTest;

require dirname(__DIR__, 3).'/vendor/autoload.php';

foreach (array_keys(PinsTest::all()) as $group) {
    if (in_array($argv[1] ?? $group, [$group], true)) {
        $start = microtime(true);
        $lines = [];
        foreach (PinsTest::now($group) as $name => $value) {
            $lines[] = json_encode((string) $name, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).': '
                .json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        }
        file_put_contents(PinsTest::file($group), "{\n".implode(",\n", $lines)."\n}\n");
        printf("%s: %d in %.1f s\n", $group, count($lines), microtime(true) - $start);
    }
}
