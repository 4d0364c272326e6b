<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\ShelfLife\Places;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** One product in several places: what is used up of its life in one is gone in the next. */
final class PlacesTest extends CoreCase
{
    /** @param  list<array{float, string}>  $stays  hours since the making, and where to */
    private static function lasts(array $stays, bool $isFresh = true): ?float
    {
        return (new Places(['room' => 1.0, 'fridge' => 4.0, 'freezer' => 30.0], $isFresh))->lasts(array_map(
            static fn (array $stay): array => ['hour' => $stay[0], 'storage' => Storage::from($stay[1])],
            $stays,
        ));
    }

    /** @return iterable<string, array{list<array{float, string}>, float}> worked out by hand, in days */
    public static function stays(): iterable
    {
        yield 'always in the fridge' => [[[0.0, 'fridge']], 4.0];
        yield 'always frozen' => [[[0.0, 'freezer']], 30.0];
        // 2 of 4 days are used up: half of 30 days is left, from day 2 on
        yield 'frozen after two days' => [[[0.0, 'fridge'], [48.0, 'freezer']], 17.0];
        // frozen for 3 of 30 days, nine tenths of 4 days would be left, but what has thawed is good for one day
        yield 'thawed' => [[[0.0, 'freezer'], [72.0, 'fridge']], 4.0];
        // half a day on the counter is half its life: half of 4 days in the fridge
        yield 'put away late' => [[[0.0, 'room'], [12.0, 'fridge']], 2.5];
        // gone on the counter after a day; the fridge brings nothing back
        yield 'put away too late' => [[[0.0, 'room'], [30.0, 'fridge']], 1.0];
    }

    /** @param  list<array{float, string}>  $stays */
    #[DataProvider('stays')]
    public function test_a_fresh_one(array $stays, float $days): void
    {
        self::assertEqualsWithDelta($days, self::lasts($stays), 1e-9);
    }

    public function test_what_a_preservative_or_dryness_keeps_does_not_turn_in_a_day_for_having_been_frozen(): void
    {
        // a tenth of 30 days used up, nine tenths of 4 days left
        self::assertEqualsWithDelta(6.6, self::lasts([[0.0, 'freezer'], [72.0, 'fridge']], false), 1e-9);
    }

    public function test_without_a_date_in_one_of_the_places_there_is_none(): void
    {
        $places = new Places(['room' => null, 'fridge' => 4.0, 'freezer' => 30.0], true);
        self::assertNull($places->lasts([['hour' => 0.0, 'storage' => Storage::Room]]));
        self::assertNotNull($places->lasts([['hour' => 0.0, 'storage' => Storage::Fridge]]));
    }

    public function test_of_a_mask_of_fruit_the_places_are_those_of_its_own_derivation(): void
    {
        $evaluator = new Evaluator(self::catalogue());
        $mask = FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'Mask', 'family' => 'fresh_mask',
            'lines' => [['ingredient' => 'banana-flesh', 'amount' => '100 g']],
        ]);
        $places = $evaluator->places($mask, new DateTimeImmutable('2026-11-10'));
        self::assertTrue($places->isFresh);
        // the lives a fresh mask is given, common practice: one day, two days, thirty days at the most
        self::assertSame([1.0, 30.0], [$places->days['room'], $places->days['freezer']]);
        self::assertGreaterThan(0.0, $places->days['fridge']);
        self::assertLessThanOrEqual(2.0, $places->days['fridge']);
    }
}
