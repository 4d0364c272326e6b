<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\ShelfLife\Longer;
use Tests\Support\CoreCase;

/** What would make it keep longer is the same sum, with one thing changed. */
final class LongerTest extends CoreCase
{
    private static function assess(array $document): Assessment
    {
        return (new Evaluator(self::catalogue()))->evaluate(
            FormulaDocument::read($document),
            madeOn: new DateTimeImmutable('2026-03-01'),
        )->assessment;
    }

    /** @return array<string, float> days by what would be done */
    private static function ways(array $document): array
    {
        $it = self::assess($document);

        return array_column(
            array_map(
                static fn (Longer $way): array => [$way->how, $way->days],
                Longer::of(
                    $it->keeping,
                    $it->formula,
                    $it->composition,
                    $it->preservation,
                    $it->madeOn,
                    $it->container,
                ),
            ),
            1,
            0,
        );
    }

    public function test_each_way_is_what_the_changed_formula_would_keep(): void
    {
        $lines = [['grapeseed-oil', '40 %'], ['jojoba-oil', '60 %']];
        $bare = self::document(
            $lines,
            ['family' => 'hair_oil', 'packaging' => ['container' => 'clear-jar-120', 'count' => 2]],
        );
        $ways = self::ways($bare);
        $days = static fn (array $document): ?float => self::assess($document)->keeping->days;

        self::assertSame(
            $days([...$bare, 'packaging' => ['container' => 'amber-jar-60', 'count' => 4]]),
            $ways['dark'],
        );
        self::assertSame($days([...$bare, 'keeping' => ['storage' => 'fridge']]), $ways['fridge']);
        $protected = self::document(
            [['grapeseed-oil', '40 %'], ['jojoba-oil', 'to 100'], ['vitamin-e-tocopherols', '0.001 %']],
            ['family' => 'hair_oil', 'packaging' => ['container' => 'clear-jar-120', 'count' => 2]],
        );
        self::assertEqualsWithDelta($days($protected), $days($bare), 3.0, 'a trace of it does next to nothing');
        self::assertEqualsWithDelta(1.4 * ($days($bare) ?? 0.0), $ways['antioxidant'], 2.0);
        self::assertSame(array_values($ways), array_reverse(self::sorted($ways)), 'the longest first');
    }

    private static function sorted(array $ways): array
    {
        sort($ways);

        return $ways;
    }

    public function test_fresh_things_may_be_frozen_or_preserved(): void
    {
        $mist = self::document(
            [['rose-hydrosol', '100 g']],
            ['family' => 'water_spray', 'batch' => null, 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge']],
        );
        self::assertSame(['preserve', 'freeze'], array_keys(self::ways($mist)));
        self::assertSame(30.0, self::ways($mist)['freeze']);
    }

    public function test_an_old_lot_is_replaced_by_a_fresh_one(): void
    {
        $document = self::sound();
        $document['lines'][4] += ['lot' => 'AP-3', 'best_before' => '2026-03-20'];
        self::assertSame(['fresher'], array_keys(self::ways($document)));
        self::assertSame(self::assess(self::sound())->keeping->days, self::ways($document)['fresher']);
    }

    public function test_fewer_plant_waters_keep_twice_as_long(): void
    {
        $document = self::sound();
        $document['lines'][] = ['ingredient' => 'aloe-juice', 'amount' => '30 %'];
        self::assertSame(['fewer_plants' => 180.0], self::ways($document));
    }

    public function test_nothing_is_offered_where_nothing_helps(): void
    {
        self::assertSame([], self::ways(self::sound()));
        self::assertSame(
            [],
            self::ways(self::document([['glycerin', '100 g']], ['family' => 'hair_oil', 'batch' => null])),
            'no date, no ways',
        );
    }

    public function test_water_that_is_bound_feeds_nothing(): void
    {
        $glycerite = static fn (string $glycerin): Assessment => self::assess(self::document(
            [['distilled-water', 'to 100'], ['glycerin', $glycerin]],
            ['family' => 'gel'],
        ));
        self::assertSame('dry', $glycerite('75 %')->preservation->regime->value, 'kept from 65 % on');
        self::assertSame('dry', $glycerite('60 %')->preservation->regime->value, 'to check: JudgementTest');
        self::assertSame('fresh', $glycerite('49 %')->preservation->regime->value);
    }
}
