<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Physics\Oxidation;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * How long fats stay sweet, against what the trade says of oils once they are open (recalled), cool and dark. What
 * keeps longer than a year is dated a year.
 */
final class OxidationTest extends CoreCase
{
    /** @return iterable<string, array{list<array{string, string}>, float, float}> months from and to */
    public static function trade(): iterable
    {
        $one = static fn (string $oil): array => [[$oil, '100 g']];
        foreach ([
            'flaxseed-oil' => [1.5, 3], 'rosehip-oil' => [2, 3], 'hemp-seed-oil' => [2, 4], 'walnut-oil' => [2, 4],
            'grapeseed-oil' => [3, 5], 'safflower-oil' => [3, 5], 'soybean-oil' => [3, 6], 'sunflower-oil' => [4, 6],
            'pumpkin-seed-oil' => [4, 7], 'black-cumin-seed-oil' => [4, 9], 'rice-bran-oil' => [6, 12],
            'sesame-oil' => [6, 12], 'apricot-kernel-oil' => [6, 12], 'sweet-almond-oil' => [8, 12],
            'argan-oil' => [8, 13], 'broccoli-seed-oil' => [6, 12], 'baobab-oil' => [9, 18],
            'olive-oil' => [9, 13], 'olive-oil-extra-virgin' => [8, 13], 'avocado-oil' => [9, 14],
            'macadamia-oil' => [10, 18], 'camellia-seed-oil' => [10, 16], 'hazelnut-oil' => [8, 14],
            'castor-oil' => [11, 18], 'moringa-oil' => [11.9, 12], 'meadowfoam-seed-oil' => [11.9, 12],
            'jojoba-oil' => [11.9, 12], 'fractionated-coconut-oil' => [11.9, 12], 'coconut-oil' => [11.9, 12],
            'squalane' => [11.9, 12],
        ] as $oil => [$from, $to]) {
            yield $oil => [$one($oil), $from, $to];
        }
        yield 'half olive, half sunflower: between the two' => [
            [['olive-oil', '50 g'], ['sunflower-oil', '50 g']], 6, 9,
        ];
        yield 'a fifth of rosehip in jojoba turns as rosehip does' => [
            [['jojoba-oil', '80 g'], ['rosehip-oil', '20 g']], 2, 3,
        ];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('trade')]
    public function test_the_lives_of_oils_are_the_trades(array $lines, float $from, float $to): void
    {
        $days = self::evaluate(self::document($lines, [
            'family' => 'hair_oil',
            'batch' => null,
        ]))->assessment->keeping->days;
        self::assertGreaterThanOrEqual($from, $days / 30.4375);
        self::assertLessThanOrEqual($to, $days / 30.4375);
    }

    /** What the row of an oil says and what its fatty acids say are one story, within what an oil brings of its own. */
    public function test_opened_lives_follow_fatty_acids(): void
    {
        $off = [];
        foreach (self::catalogue()->all() as $material) {
            $pace = Oxidation::paceOf($material);
            if ($pace !== null && $pace > 1.0 && $material->openedMonths !== null) {
                $off[$material->key] = abs(log($material->openedMonths / Oxidation::months($pace)));
            }
        }
        self::assertGreaterThan(28, count($off));
        self::assertLessThan(log(1.9), max($off), (string) array_search(max($off), $off, true));
        self::assertLessThan(log(1.25), array_sum($off) / count($off));
    }

    public function test_relative_pace_of_the_acids(): void
    {
        // by hand: olive 0.73 + 10.3 · 0.10 + 21.6 · 0.007 = 1.91; flaxseed 0.18 + 10.3 · 0.16 + 21.6 · 0.55 = 13.7
        self::assertEqualsWithDelta(1.91, Oxidation::paceOf(self::catalogue()->get('olive-oil')), 0.01);
        self::assertEqualsWithDelta(13.71, Oxidation::paceOf(self::catalogue()->get('flaxseed-oil')), 0.01);
        self::assertSame(0.0, Oxidation::paceOf(self::catalogue()->get('squalane')));
    }

    public function test_tocopherol_has_its_best_and_turns(): void
    {
        self::assertSame(
            [1.0, 1.2, 1.4, 1.4, 1.3, 1.2, 1.1, 1.0, 1.0],
            array_map(
                static fn (float $ppm): float => round(Oxidation::byTocopherol($ppm), 6),
                [0.0, 100.0, 200.0, 1000.0, 1500.0, 2000.0, 3500.0, 5000.0, 50_000.0],
            ),
        );
    }

    public function test_ten_degrees_colder_keep_it_nearly_three_times_as_long(): void
    {
        $at = static fn (float $fridge): float => self::evaluate(self::document([['flaxseed-oil', '100 g']], [
            'family' => Family::HairOil->value, 'batch' => null, 'keeping' => ['storage' => 'fridge'],
            'process' => ['fridge_c' => $fridge],
        ]))->assessment->keeping->days ?? 0.0;
        self::assertEqualsWithDelta(2.8, $at(4.0) / $at(14.0), 0.05);
    }

    public function test_peroxides_rise_from_fresh_to_turned_in_the_life_of_the_oil(): void
    {
        $it = self::evaluate(self::document([['flaxseed-oil', '100 g']], [
            'family' => Family::HairOil->value, 'batch' => null, 'keeping' => ['storage' => 'room'],
        ]))->assessment;
        $kept = Oxidation::of($it->formula, $it->composition, Storage::Room);
        self::assertNotNull($kept);
        // 2 meq/kg when fresh, 10 where it smells; half way the middle by ratio, 2 · √5
        self::assertEqualsWithDelta(2.0, $kept->peroxides(0.0), 1e-9);
        self::assertEqualsWithDelta(4.472, $kept->peroxides($kept->days() / 2), 0.001);
        self::assertEqualsWithDelta(10.0, $kept->peroxides($kept->days()), 1e-9);
        self::assertLessThan($kept->peroxides(60.0), $kept->inTheFridge()->peroxides(60.0));
        self::assertGreaterThan($kept->peroxides(60.0), $kept->inClearGlass()->peroxides(60.0));
        self::assertEqualsWithDelta($kept->days(), $kept->inClearGlass()->inTheDark()->days(), 1e-9);
    }

    public function test_life_by_pace_by_hand(): void
    {
        // 1 ÷ (0.02 + 0.026 r + 0.0007 r²)
        self::assertEqualsWithDelta(30.143, Oxidation::months(0.5), 0.001);
        self::assertEqualsWithDelta(13.848, Oxidation::months(1.91), 0.001);
        self::assertEqualsWithDelta(5.970, Oxidation::months(5.0), 0.001);
        self::assertEqualsWithDelta(2.762, Oxidation::months(10.3), 0.001);
        self::assertEqualsWithDelta(1.968, Oxidation::months(13.71), 0.001);
        self::assertEqualsWithDelta(1.101, Oxidation::months(21.6), 0.001);
    }
}
