<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\ImpossibleMixture;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Physics\WaterActivity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** HLB, ageing factors, water activity and close packing against textbooks and standards (recalled, recomputed). */
final class BalanceTest extends CoreCase
{
    /** Martin (Sinko), Physical Pharmacy; Aulton, Pharmaceutics; ICI Americas, The HLB System. */
    #[DataProvider('blends')]
    public function test_hlb_of_mixes(array $parts, float $hlb, float $within): void
    {
        self::assertEqualsWithDelta($hlb, Hlb::blend($parts), $within);
    }

    public static function blends(): iterable
    {
        yield 'beeswax, lanolin, paraffin wax, cetyl alcohol (Martin)' => [
            [[15, 9], [10, 12], [20, 10], [5, 15]],
            10.60,
            1e-9,
        ];
        yield 'liquid paraffin, wool fat, cetyl alcohol (Aulton)' => [[[35, 12], [1, 10], [1, 15]], 12.027, 0.001];
        yield '70 % polysorbate 80, 30 % sorbitan oleate (ICI)' => [[[70, 15], [30, 4.3]], 11.79, 1e-9];
        yield '60 and 40' => [[[60, 15], [40, 4.3]], 10.72, 1e-9];
        yield 'spirits, cottonseed oil, paraffin (ICI)' => [[[30, 14], [50, 6], [20, 14]], 10.0, 1e-9];
        yield 'all-purpose lotion (trade guide)' => [[[8, 10.5], [2, 5], [2, 11.5], [4, 15.5]], 11.1875, 1e-9];
    }

    public function test_the_split_that_meets_a_requirement(): void
    {
        $split = static fn (
            float $low,
            float $high,
            float $wanted,
            float $total,
        ): float => $total * Alligation::parts($low, $high, $wanted)['strong'] / ($high - $low);
        self::assertEqualsWithDelta(1.178, $split(4.3, 15, 10.6, 2), 0.001, 'Martin: 1.18 g of 2 g');
        self::assertEqualsWithDelta(3.645, $split(4.3, 15, 12.1, 5), 0.001, 'Aulton: about 3.64 % of 5 %');
        self::assertEqualsWithDelta(71.96, $split(4.3, 15, 12, 100), 0.01, 'Remington, Ansel: 7.7 to 3.0 parts');
        self::assertEqualsWithDelta(71.57, $split(4.7, 14.9, 12, 100), 0.01);
        $this->expectException(ImpossibleMixture::class);
        $split(4.3, 15, 16, 1);
    }

    /** Griffin 1949 and 1954; Handbook of Pharmaceutical Excipients. */
    public function test_the_catalogues_emulsifiers(): void
    {
        foreach ([
            'sorbitan-oleate' => 4.3,
            'sorbitan-stearate' => 4.7,
            'polysorbate-60' => 14.9,
            'polysorbate-80' => 15.0,
            'polysorbate-20' => 16.7,
            'glyceryl-stearate' => 3.8,
        ] as $key => $hlb) {
            self::assertSame($hlb, self::catalogue()->get($key)->hlb, $key);
        }
    }

    /** ICI Americas, The HLB System; Martin: lists differ by one or two. */
    public function test_the_catalogues_oils(): void
    {
        foreach ([
            'castor-oil' => [14, 14],
            'cetyl-alcohol' => [13, 16],
            'stearic-acid' => [15, 17],
            'beeswax' => [9, 12],
            'cocoa-butter' => [6, 6],
            'soybean-oil' => [6, 7],
            'safflower-oil' => [7, 7],
            'jojoba-oil' => [6, 7],
            'carnauba-wax' => [12, 15],
            'lanolin' => [10, 12],
        ] as $key => [$low, $high]) {
            $required = self::catalogue()->get($key)->requiredHlb;
            self::assertGreaterThanOrEqual($low, $required, $key);
            self::assertLessThanOrEqual($high, $required, $key);
        }
    }

    /** ASTM F1980, AAF = Q10^((Ta - Tr)/10). */
    public function test_ageing_factors(): void
    {
        foreach ([
            [55, 22, 2.0, 9.8492],
            [60, 22, 2.0, 13.9288],
            [55, 25, 2.0, 8.0],
            [45, 25, 2.0, 4.0],
            [40, 20, 2.0, 4.0],
            [55, 25, 1.8, 5.832],
            [55, 25, 2.5, 15.625],
        ] as [$test, $room, $q10, $factor]) {
            self::assertEqualsWithDelta($factor, Oxidation::ageingFactor($test, $room, $q10), 1e-4);
        }
        self::assertEqualsWithDelta(37.059, 365 / Oxidation::ageingFactor(55, 22), 0.001, 'a year in 37 days');
        self::assertEqualsWithDelta(237.59, 84 * Oxidation::ageingFactor(40, 25), 0.01, 'twelve weeks at 40 °C');
    }

    /** Norrish 1966, K of Chirife and others 1980. */
    #[DataProvider('activities')]
    public function test_water_activity(float $share, float $mass, float $k, float $aw): void
    {
        self::assertEqualsWithDelta($aw, WaterActivity::norrish($share, $mass, $k), 1e-4);
    }

    public static function activities(): iterable
    {
        foreach ([
            10 => 0.9782,
            20 => 0.9510,
            30 => 0.9163,
            40 => 0.8711,
            50 => 0.8108,
            60 => 0.7283,
            70 => 0.6127,
            80 => 0.4486,
        ] as $percent => $aw) {
            yield "glycerol $percent %" => [$percent / 100, 92.094, 1.16, $aw];
        }
        foreach ([10 => 0.9940, 30 => 0.9749, 50 => 0.9348, 60 => 0.8953] as $percent => $aw) {
            yield "sucrose $percent %" => [$percent / 100, 342.297, 6.47, $aw];
        }
        foreach ([10 => 0.9887, 30 => 0.9553, 50 => 0.8923] as $percent => $aw) {
            yield "glucose $percent %" => [$percent / 100, 180.156, 2.25, $aw];
        }
    }

    /** Braun and Braun 1958 (physical, about ±1 % glycerol): 33 % at 90 % RH, 51 % at 80 %, 64 % at 70 %. */
    public function test_water_activity_against_measured_humidities(): void
    {
        foreach ([33 => 0.90, 51 => 0.80, 64 => 0.70] as $percent => $rh) {
            self::assertEqualsWithDelta($rh, WaterActivity::norrish($percent / 100, 92.094, 1.16), 0.015);
        }
    }

    public function test_honey_holds_its_water(): void
    {
        $aw = WaterActivity::of(self::weigh(self::document(
            [['honey', '100 g']],
            ['family' => 'fresh_mask', 'batch' => null],
        )));
        self::assertEqualsWithDelta(0.6, $aw, 0.1, 'honey: about 0.5 to 0.65 (common practice)');
        self::assertLessThan(0.75, $aw);
        self::assertGreaterThan(0.95, WaterActivity::of(self::weigh(self::sound())));
        self::assertNull(WaterActivity::of(self::weigh(self::document([['olive-oil', '100 g']], ['batch' => null]))));
    }

    /** pi/(3·sqrt 2) */
    public function test_close_packing(): void
    {
        self::assertEqualsWithDelta(0.7405, M_PI / (3 * M_SQRT2), 1e-4);
        $creams = static fn (string $water): array => self::document(
            [
                ['distilled-water', $water],
                ['glycerin', '3 %'],
                ['olive-oil', 'to 100'],
                ['btms-50', '5 %'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
            ],
            ['ph' => 5.0],
        );
        self::assertNotNull(self::finding(self::evaluate($creams('10 %')), 'emulsion.inner_phase_high'));
        self::assertNull(self::finding(self::evaluate($creams('30 %')), 'emulsion.inner_phase_high'));
    }
}
