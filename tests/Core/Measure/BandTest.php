<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Measure\ImpossibleBand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BandTest extends TestCase
{
    #[DataProvider('impossible')]
    public function test_an_impossible_band_cannot_be_built(float $low, float $likely, float $high): void
    {
        $this->expectException(ImpossibleBand::class);
        Band::of($low, $likely, $high);
    }

    public static function impossible(): iterable
    {
        yield 'low above likely' => [2, 1, 3];
        yield 'likely above high' => [1, 4, 3];
        yield 'not a number' => [NAN, 1, 2];
        yield 'endless' => [0, 1, INF];
    }

    public function test_sums_add_bounds_and_products_multiply_them(): void
    {
        $sum = Band::sum([Band::of(1, 2, 3), Band::of(10, 20, 30)]);
        self::assertEquals(Band::of(11, 22, 33), $sum);
        self::assertEquals(Band::of(2, 6, 12), Band::of(1, 2, 3)->times(Band::of(2, 3, 4)));
        self::assertEquals(Band::of(8, 18, 28), Band::of(11, 20, 29)->minus(Band::of(1, 2, 3)));
    }

    public function test_a_share_pairs_the_part_with_the_opposite_bound_of_the_rest(): void
    {
        $share = Band::share(Band::of(8, 10, 12), Band::of(80, 90, 100));
        self::assertEqualsWithDelta(8 / 108, $share->low, 1e-12);
        self::assertEqualsWithDelta(0.1, $share->likely, 1e-12);
        self::assertEqualsWithDelta(12 / 92, $share->high, 1e-12);
        // dividing bands naively would give 12/88 and 8/112: wider than it can be
        self::assertLessThan(12 / 88, $share->high);
        self::assertGreaterThan(8 / 112, $share->low);
    }

    public function test_a_whole_that_is_one_part_is_all_of_it_however_wide(): void
    {
        self::assertEquals(Band::exact(1.0), Band::share(Band::of(5, 10, 20), Band::zero()));
    }

    public function test_certainty_at_the_edges_of_the_band(): void
    {
        $band = Band::of(0.8, 1.0, 1.2);
        self::assertSame(Certainty::Certain, $band->above(0.79));
        self::assertSame(Certainty::Possible, $band->above(0.8));
        self::assertSame(Certainty::Possible, $band->above(1.19));
        self::assertNull($band->above(1.2));
        self::assertSame(Certainty::Certain, $band->below(1.21));
        self::assertSame(Certainty::Possible, $band->below(1.2));
        self::assertNull($band->below(0.8));
    }

    public function test_noise_in_the_last_digit_makes_no_finding(): void
    {
        self::assertNull(Band::exact(0.1 + 0.2)->above(0.3));
        self::assertNull(Band::exact(0.3)->below(0.1 + 0.2));
    }
}
