<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Measure\SpoonEquivalent;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class ScalingTest extends CoreCase
{
    /** n · V · (1 − headspace) · ρ / (1 + overrun) / (1 − loss), by hand. */
    public function test_two_bottles_and_a_whipped_jar(): void
    {
        $pump = self::catalogue()->containers()['pet-pump-250'];
        self::assertEqualsWithDelta(230.0, $pump->fillMl(), 1e-9);
        self::assertEqualsWithDelta(2 * 250 * 0.92 * 0.98 / 0.95, Scaling::forContainers($pump, 2, 0.98), 1e-9);
        $jar = self::catalogue()->containers()['pp-jar-100'];
        self::assertEqualsWithDelta(
            100 * 0.9 * 0.91 / 1.8,
            Scaling::forContainers($jar, 1, 0.91, overrun: 0.8, loss: 0.0),
            1e-9,
        );
    }

    public function test_what_is_scarce_decides(): void
    {
        $composition = self::weigh(self::sound());
        self::assertEqualsWithDelta(0.5, Scaling::bySupply($composition, 'shea-butter-unrefined', 4.0), 1e-9);
        self::assertNull(Scaling::bySupply($composition, 'argan-oil', 4.0));
    }

    /** Largest remainder: every amount within a step, the sum kept to half a step. */
    public function test_rounding_to_the_scale_keeps_the_total(): void
    {
        self::assertSame([33.3, 33.3, 33.4], (static function (array $a): array {
            sort($a);

            return $a;
        })(Scaling::onScale([100 / 3, 100 / 3, 100 / 3], 0.1)));
        foreach (RandomFormulas::seeded(23, 100, self::catalogue()) as $document) {
            $grams = array_map(static fn ($line): float => $line->grams->likely ?? 0.0, self::weigh($document)->lines);
            foreach ([1.0, 0.1, 0.01] as $step) {
                $rounded = Scaling::onScale($grams, $step);
                self::assertEqualsWithDelta(array_sum($grams), array_sum($rounded), $step / 2 + 1e-6);
                foreach ($rounded as $i => $amount) {
                    self::assertLessThan($step + 1e-6, abs($amount - $grams[$i]));
                    self::assertEqualsWithDelta(round($amount / $step), $amount / $step, 1e-6);
                }
            }
        }
    }

    public function test_the_nearest_spoon_says_how_far_off_it_is(): void
    {
        $tools = new Tools(UnitSystem::MetricKitchen);
        $spoon = SpoonEquivalent::of(13.8, self::catalogue()->get('sunflower-oil')->bulk, $tools);
        self::assertSame(['1', Unit::Tablespoon], [$spoon?->amount, $spoon?->unit]);
        self::assertEqualsWithDelta(15 * 0.919 / 13.8 - 1, $spoon->error, 1e-9);
        self::assertNull(
            SpoonEquivalent::of(0.1, self::catalogue()->get('sunflower-oil')->bulk, $tools),
            'no spoon is that small',
        );
        self::assertNull(
            SpoonEquivalent::of(5.0, self::catalogue()->get('caffeine')->bulk, $tools),
            'what has no density is weighed',
        );
    }

    /** Ideal mixing: volumes add up. */
    public function test_the_density_of_a_mix(): void
    {
        $composition = self::weigh(self::document([['olive-oil', '50 %'], ['glycerin', '50 %']], ['batch' => null]));
        self::assertEqualsWithDelta(1 / (0.5 / 0.912 + 0.5 / 1.26), $composition->density(), 1e-9);
        self::assertNull(self::weigh(self::document(
            [['olive-oil', '50 %'], ['caffeine', '50 %']],
            ['batch' => null],
        ))->density());
    }
}
