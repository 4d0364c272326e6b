<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\RecipeReader;
use Tests\Support\CoreCase;

/** The recognition of bin/bench, held: no change may make the reader worse. All lines are invented. */
final class CorpusTest extends CoreCase
{
    public function test_the_corpora_are_read_as_well_as_they_were(): void
    {
        $reader = new RecipeReader(self::catalogue());
        foreach (['building' => 0.98, 'held-out' => 0.97] as $set => $least) {
            $rows = array_map(
                static fn (string $row): array => explode("\t", $row),
                file(
                    dirname(__DIR__, 2)."/Support/corpus/$set.tsv",
                    FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES,
                ) ?: [],
            );
            $right = 0;
            foreach ($rows as [$text, $key, $amount]) {
                $lines = $reader->read($text)->lines;
                $right += count($lines) === 1
                    && $lines[0]->ingredient === $key
                    && $lines[0]->amount?->entered === $amount
                    ? 1
                    : 0;
            }
            self::assertGreaterThanOrEqual($least, $right / count($rows), $set);
        }
    }

    /** What the interface shows as a name is read back as that ingredient. */
    public function test_every_name_the_interface_shows_is_understood(): void
    {
        foreach (self::catalogue()->all() as $ingredient) {
            foreach ([$ingredient->nameEn, $ingredient->nameFr] as $name) {
                $shown = trim(preg_replace(['/\((and|et)\)/', '/\s*\([^)]*\)/'], ['+', ''], $name) ?? '');
                self::assertNotNull(self::catalogue()->named($shown), $shown);
            }
        }
    }
}
