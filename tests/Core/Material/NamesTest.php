<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\RecipeReader;
use Tests\Support\CoreCase;

/** Names as makers write them, set aside before anything was tried on them (their hash was committed first). */
final class NamesTest extends CoreCase
{
    private const ASIDE = __DIR__.'/aside';

    public function test_nobody_changed_the_list(): void
    {
        self::assertSame(
            explode(' ', (string) file_get_contents(self::ASIDE.'/sha256.txt'))[0],
            hash_file('sha256', self::ASIDE.'/names.csv'),
        );
    }

    public function test_names_are_recognised_or_rightly_left_open(): void
    {
        $reader = new RecipeReader(self::catalogue());
        $wrong = [];
        $all = 0;
        $file = fopen(self::ASIDE.'/names.csv', 'r') ?: throw new \RuntimeException('names.csv');
        fgetcsv($file, escape: '');
        while (($cells = fgetcsv($file, escape: '')) !== false) {
            [$name, $key] = $cells;
            $line = $reader->read("10 g $name")->lines[0] ?? null;
            $is = $line?->ingredient;
            $all++;
            $isRight = $key === '' ? $is === null || $line->confidence < ReadLine::SURE : $is === $key;
            if (! $isRight) {
                $wrong[] = "$name: ".($is ?? 'nothing').' for '.($key === '' ? 'nothing' : $key);
            }
        }
        self::assertGreaterThanOrEqual(200, $all);
        self::assertLessThanOrEqual(0.03 * $all, count($wrong), implode("\n", $wrong));
    }
}
