<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\RecipeReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\NoteScore;
use Tests\Support\WholeNote;

/** The corpus of whole notes itself: every stretch has a role, every material is in the catalogue. */
final class WholeNotesTest extends CoreCase
{
    public function test_what_was_set_aside_is_as_it_was(): void
    {
        $folder = dirname(__DIR__, 2).'/Support/corpus/notes';
        foreach (['aside', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth',
            'ninth'] as $set) {
            self::assertStringStartsWith(
                (string) hash_file('sha256', "$folder/$set.txt"),
                (string) file_get_contents("$folder/$set.sha256"),
            );
        }
    }

    #[DataProvider('sets')]
    public function test_every_stretch_has_one_role_and_every_material_is_known(string $set): void
    {
        foreach (WholeNote::in($set) as $note) {
            $at = 0;
            $parts = array_map(static fn (array $part): string => $part['more'][0], $note->of('part'));
            foreach ($note->spans as $span) {
                self::assertSame('', trim($note->words($at, $span['start'])), $note->number);
                self::assertNotSame('', trim($note->words($span['start'], $span['end'])), $note->number);
                $at = $span['end'];
                if ($span['role'] !== 'ingredient') {
                    continue;
                }
                self::assertGreaterThanOrEqual(3, count($span['more']), $note->number);
                $material = $span['more'][0];
                if ($material[0] === '@') {
                    self::assertContains(substr($material, 1), $parts, $note->number);
                } elseif ($material !== '?') {
                    foreach (explode('/', ltrim($material, '~')) as $key) {
                        self::assertTrue(self::catalogue()->has($key), "$note->number: $key");
                    }
                }
                if (isset($span['more'][3])) {
                    self::assertContains($span['more'][3], $parts, $note->number);
                }
            }
            self::assertSame(strlen($note->text), $at, $note->number);
        }
    }

    public static function sets(): iterable
    {
        yield ['aside'];
        yield ['second'];
        yield ['third'];
        yield ['fourth'];
        yield ['fifth'];
        yield ['sixth'];
        yield ['seventh'];
        yield ['eighth'];
        yield ['ninth'];
        yield ['building'];
    }

    /**
     * @return iterable<string, array{list<string>, int, int, float, int, int, int}> sets; notes, clean, lines right,
     *   invented, lost, wrong though sure
     */
    public static function learned(): iterable
    {
        yield 'the first four' => [['building', 'aside', 'second', 'third'], 200, 195, 0.99, 0, 0, 1];
        yield 'the later ones' => [['fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth'], 125, 119, 0.98, 1, 0, 1];
    }

    /**
     * What was learned stays: nothing is invented or lost, and hardly anything is wrong though sure.
     *
     * @param  list<string>  $sets
     */
    #[DataProvider('learned')]
    public function test_the_reader_reads_them_as_well_as_it_did(
        array $sets,
        int $notes,
        int $clean,
        float $right,
        int $invented,
        int $lost,
        int $wrong,
    ): void {
        $reader = new RecipeReader(self::catalogue());
        $score = NoteScore::of($reader, array_merge(...array_map(WholeNote::in(...), $sets)));
        $told = $score->told('all')."\n".implode("\n", $score->misses);
        self::assertSame($notes, $score->notes, $told);
        self::assertGreaterThanOrEqual($clean, $score->clean, $told);
        self::assertGreaterThanOrEqual($right, $score->right / $score->lines, $told);
        self::assertLessThanOrEqual($invented, $score->invented, $told);
        self::assertLessThanOrEqual($lost, $score->lost, $told);
        self::assertLessThanOrEqual($wrong, $score->wrongThoughSure, $told);
        self::assertGreaterThanOrEqual(0.97, $score->said / $score->says, $told);
        self::assertGreaterThanOrEqual(0.9, $score->claimed / $score->claims, $told);
        self::assertGreaterThanOrEqual(0.92, $score->placed / $score->letters, $told);
    }
}
