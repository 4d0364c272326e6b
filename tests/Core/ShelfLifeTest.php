<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\ShelfLife\ShelfLife;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Lives of the regimes: common practice, the short end of what makers say. */
final class ShelfLifeTest extends CoreCase
{
    private static function keeping(array $document, ?string $madeOn = null): ShelfLife
    {
        return (new Evaluator(self::catalogue()))->evaluate(
            FormulaDocument::read($document),
            madeOn: $madeOn === null ? null : new DateTimeImmutable($madeOn),
        )->assessment->keeping;
    }

    public function test_a_preserved_milk_keeps_180_days_and_says_what_decides(): void
    {
        $keeping = self::keeping(self::sound());
        self::assertSame(180.0, $keeping->days);
        self::assertSame('preserved', $keeping->decidedBy()?->what);
        $days = array_map(static fn ($step): float => $step->days, $keeping->steps);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days, 'every reason is listed, the deciding one first');
    }

    public function test_more_than_a_fifth_of_plant_waters_halves_it(): void
    {
        $document = self::sound();
        $document['lines'][] = ['ingredient' => 'rosemary-tea', 'amount' => '20 %', 'phase' => 'water'];
        self::assertSame(180.0, self::keeping($document)->days);
        $document['lines'][9]['amount'] = '21 %';
        self::assertSame(90.0, self::keeping($document)->days);
    }

    public function test_a_delicate_oil_comes_first(): void
    {
        $document = self::sound();
        $document['lines'][4] = ['ingredient' => 'hemp-seed-oil', 'amount' => '6 %', 'phase' => 'cooldown'];
        $keeping = self::keeping($document);
        self::assertSame(
            ['ingredient', 'hemp-seed-oil', 91.0],
            [$keeping->decidedBy()?->what, $keeping->decidedBy()?->ingredient, $keeping->days],
        );
        $document['lines'][4]['opened_on'] = '2026-09-01';
        self::assertSame(
            91.0 - 83.0,
            self::keeping($document, '2026-11-23')->days,
            'an opened bottle has used up part of its life',
        );
        $document['lines'][4]['opened_on'] = '2025-01-01';
        self::assertSame(0.0, self::keeping($document, '2026-11-23')->days);
    }

    #[DataProvider('fresh')]
    public function test_fresh_things_keep_days(array $lines, string $family, string $storage, float $days): void
    {
        self::assertSame(
            $days,
            self::keeping(self::document($lines, ['family' => $family, 'keeping' => ['storage' => $storage]]))->days,
        );
    }

    public static function fresh(): iterable
    {
        yield 'an unpreserved emulsion' => [
            [['distilled-water', 'to 100'], ['olive-oil', '10 %'], ['btms-50', '4 %']],
            'leave_in_emulsion',
            'fridge',
            5.0,
        ];
        yield 'with tea' => [[['rosemary-tea', 'to 100'], ['glycerin', '3 %']], 'water_spray', 'fridge', 3.0];
        yield 'with rice water' => [
            [['rice-water-plain', 'to 100'], ['glycerin', '3 %']],
            'water_spray',
            'fridge',
            1.0, // soaked, not boiled
        ];
        yield 'with aloe' => [[['aloe-gel-fresh', 'to 100'], ['glycerin', '3 %']], 'gel', 'fridge', 1.0];
        yield 'a mixed mask' => [[['yoghurt', 'to 100'], ['honey', '5 %']], 'fresh_mask', 'fridge', 2.0];
        yield 'on the counter' => [[['distilled-water', 'to 100'], ['glycerin', '3 %']], 'water_spray', 'room', 1.0];
        yield 'frozen' => [[['aloe-gel-fresh', 'to 100']], 'gel', 'freezer', 30.0];
    }

    /** Rates add up: 1/L = sum of w/L. Factors: common practice. */
    public function test_fats_turn_and_the_fastest_counts_most(): void
    {
        $oil = static fn (
            array $lines,
            array $more = [],
        ): ShelfLife => self::keeping(self::document($lines, ['family' => 'hair_oil', 'batch' => null, ...$more]));
        $month = 30.4375;
        self::assertSame(floor(4 * $month), $oil([['grapeseed-oil', '50 g']])->days, 'one oil: its own life, opened');
        $blend = $oil([['jojoba-oil', '50 g'], ['grapeseed-oil', '50 g']]);
        // by hand: paces 0.57 and 7.44 mix to 4.0: 1/(0.02 + 0.026 · 4.0 + 0.0007 · 16) is 7.4 months
        self::assertEqualsWithDelta(7.4 * $month, $blend->days, 0.08 * 7.4 * $month);
        self::assertSame(
            ['oxidation', 'grapeseed-oil'],
            [$blend->decidedBy()?->what, $blend->decidedBy()?->ingredient],
        );
        self::assertSame(
            floor(1.4 * 4 * $month),
            $oil([['grapeseed-oil', '50 g'], ['vitamin-e-tocopherols', '0.05 g']])->days,
            'vitamin E within its dose',
        );
        self::assertSame(
            floor(4 * $month),
            $oil([['grapeseed-oil', '50 g'], ['vitamin-e-tocopherols', '2 g']])->days,
            'too much of it helps no more',
        );
        self::assertSame(
            floor(0.6 * 4 * $month),
            $oil([['grapeseed-oil', '50 g']], ['packaging' => ['container' => 'clear-jar-120', 'count' => 1]])->days,
            'clear glass',
        );
        self::assertSame(
            365.0,
            $oil([['grapeseed-oil', '50 g']], ['keeping' => ['storage' => 'fridge']])->days,
            'the fridge makes nearly five of it, but never more than a year',
        );
        self::assertSame(365.0, $oil([['jojoba-oil', '50 g']])->days);
        $opened = self::document(
            [['grapeseed-oil', '50 g', 'oil', ['opened_on' => '2026-06-01']]],
            ['family' => 'hair_oil', 'batch' => null],
        );
        self::assertSame(
            0.0,
            self::keeping($opened, '2026-11-23')->days,
            'what is open already has used up its life',
        );
    }

    public function test_nothing_gets_no_date(): void
    {
        self::assertSame('nothing_in_it', self::keeping(self::document([]))->refused);
    }
}
