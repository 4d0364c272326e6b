<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Infusion\Jar;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\ImpossibleMixture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Worked examples: Stoklosa/Ansel, Pharmaceutical Calculations, "Altering product strength" (recalled, recomputed).
 * Extraction: form of the law from Spiro and Siddique, J. Sci. Food Agric. 32 (1981) 1027; numbers recomputed from it.
 */
final class AlligationTest extends TestCase
{
    #[DataProvider('parts')]
    public function test_alligation_alternate(float $weak, float $strong, float $wanted, float $ratio): void
    {
        $parts = Alligation::parts($weak, $strong, $wanted);
        self::assertEqualsWithDelta($ratio, $parts['strong'] / $parts['weak'], 1e-9);
    }

    public static function parts(): iterable
    {
        yield '95 % and 50 % alcohol to 70 %' => [50, 95, 70, 20 / 25];
        yield '20 % ointment with base to 2.5 %' => [0, 20, 2.5, 1 / 7];
        yield '50 % and 5 % dextrose to 10 %' => [5, 50, 10, 500 / 4000];
        yield 'specific gravity 1.25 and 1.00 to 1.10' => [1.00, 1.25, 1.10, 2 / 3];
    }

    #[DataProvider('additions')]
    public function test_how_much_to_add(float $amount, float $strength, float $wanted, float $weak, float $added): void
    {
        self::assertEqualsWithDelta($added, Alligation::toAdd($amount, $strength, $wanted, $weak), 1e-9 * $added);
    }

    public static function additions(): iterable
    {
        yield '500 mL of 15 % made up to 1500 mL is 5 %' => [500, 15, 5, 0, 1000];
        yield '125 mL of 0.2 % to 1:5000' => [125, 0.2, 0.02, 0, 1125];
        yield '1800 g of 28 % ammonia to 10 %' => [1800, 28, 10, 0, 3240];
        yield '300 mL of 1:750 to 1:2500' => [300, 1 / 750, 1 / 2500, 0, 700];
        yield '180 g of 2.5 % cream takes 360 g of 0.25 % to 1 %' => [180, 2.5, 1, 0.25, 360];
    }

    public function test_alligation_medial(): void
    {
        self::assertEqualsWithDelta(50.0, Alligation::mixed([[3000, 40], [1000, 60], [1000, 70]]), 1e-9);
        self::assertEqualsWithDelta(10.0, Alligation::mixed([[200, 10], [50, 20], [100, 5]]), 1e-9);
        self::assertEqualsWithDelta(10.0, Alligation::mixed([[5, 50], [5, 20], [50, 5]]), 1e-9, 'three lots');
        self::assertEqualsWithDelta(10.0, Alligation::mixed([[7, 20], [5, 15], [5, 5], [10, 3]]), 1e-9, 'four lots');
    }

    public function test_what_no_mix_can_reach_is_refused(): void
    {
        foreach ([
            static fn () => Alligation::parts(5, 15, 20),
            static fn () => Alligation::toAdd(100, 5, 20),
            static fn () => Alligation::toAdd(100, 5, 0),
            static fn () => Alligation::toAdd(100, 5, 2, 3),
        ] as $try) {
            try {
                $try();
                self::fail('It was taken.');
            } catch (ImpossibleMixture $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    /** Minutes; k 0.2, 0.1 and 0.05 a minute. */
    #[DataProvider('extractions')]
    public function test_first_order_extraction(float $k, float $minutes, float $share): void
    {
        self::assertEqualsWithDelta($share, Jar::filled(1000, [20])->steeped($minutes, [$k], 0.0)->extracted(), 1e-5);
    }

    public static function extractions(): iterable
    {
        foreach ([
            [0.2, [3.4657, 11.5129, 14.9787, 23.0259], 0.864665],
            [0.1, [6.9315, 23.0259, 29.9573, 46.0517], 0.632121],
            [0.05, [13.8629, 46.0517, 59.9146, 92.1034], 0.393469],
        ] as [$k, $times, $after10]) {
            foreach ([0.50, 0.90, 0.95, 0.99] as $i => $share) {
                yield "$share at k $k" => [$k, $times[$i], $share];
            }
            yield "after 10 min at k $k" => [$k, 10.0, $after10];
        }
        yield '60 % after 20 min is 84 % after 40' => [0.045815, 40.0, 0.84];
        yield 'four times as fast 20 °C hotter at Q10 2' => [4 * 0.045815, 5.0, 0.60];
        yield 'cold: 90 % after 12.28 h' => [0.05 / 2 ** 4, 736.8, 0.90];
    }

    /** Any text on liquid extraction: 1/(1 + KV)^n is left after n stages. */
    public function test_repeated_extraction(): void
    {
        $left = static function (float $ratio, int $stages): float {
            $jar = Jar::filled($ratio, [1.0]);
            for ($i = 0; $i < $stages; $i++) {
                $jar = $jar->steeped(1e6, [1.0], 0.0);
                $jar = $jar->takenOut($jar->oil * (1 - 1e-9))->toppedUp($ratio * (1 - 1e-9));
            }

            return 100 * $jar->inPlant[0];
        };
        self::assertEqualsWithDelta(2.778, $left(5, 2), 0.001);
        self::assertEqualsWithDelta(9.091, $left(10, 1), 0.001);
    }
}
