<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every level drawn is true: it comes from the volume. */
final class ProfileTest extends TestCase
{
    public static function shapes(): iterable
    {
        foreach (['beaker', 'jar', 'bottle', 'bowl', 'tub'] as $shape) {
            yield $shape => [$shape];
        }
    }

    /** The volume below a level, by an independent sum of thin discs. */
    #[DataProvider('shapes')]
    public function test_the_level_holds_the_volume(string $shape): void
    {
        $profile = Profile::of($shape, 250.0);
        foreach ([1.0, 30.0, 125.0, 249.0, 250.0] as $ml) {
            $level = $profile->levelOf($ml);
            $slices = 4000;
            $volume = 0.0;
            for ($i = 0; $i < $slices; $i++) {
                $volume += M_PI * $profile->halfWidthAt(($i + 0.5) * $level / $slices) ** 2 * $level / $slices;
            }
            self::assertEqualsWithDelta($ml, $volume / 1000, $ml * 1e-3, "$shape at $ml mL");
        }
    }

    #[DataProvider('shapes')]
    public function test_more_stands_higher_and_overfull_stands_at_the_brim(string $shape): void
    {
        $profile = Profile::of($shape, 100.0);
        $last = 0.0;
        foreach (range(5, 100, 5) as $ml) {
            self::assertGreaterThan($last, $last = $profile->levelOf($ml));
        }
        self::assertEqualsWithDelta($profile->height(), $profile->levelOf(500.0), 1e-6);
    }

    #[DataProvider('shapes')]
    public function test_strata_lie_on_one_another_without_a_gap_and_hatching_stays_inside(string $shape): void
    {
        $strata = [];
        foreach (['water' => 120.0, 'oil' => 40.0, 'cooldown' => 3.0, 'infusion' => 20.0] as $material => $ml) {
            $strata[] = new Stratum($material, $material, '', $material, $ml);
        }
        $section = Section::draw(Profile::of($shape, 240.0), $strata, 120);
        for ($i = 1; $i < count($section->bands); $i++) {
            self::assertEqualsWithDelta($section->bands[$i - 1]['top'], $section->bands[$i]['bottom'], 1e-9);
        }
        foreach ($section->bands as $band) {
            preg_match_all('/M(-?[\d.]+) (-?[\d.]+)/', $band['hatch'], $points);
            foreach ($points[2] as $y) {
                self::assertGreaterThanOrEqual($band['top'] - 0.2, (float) $y);
                self::assertLessThanOrEqual($band['bottom'] + 0.2, (float) $y);
            }
        }
        $places = array_column($section->leaders, 'y');
        sort($places);
        for ($i = 1; $i < count($places); $i++) {
            self::assertGreaterThanOrEqual(15.4, $places[$i] - $places[$i - 1], 'no name sits on another');
        }
    }

    /** A wide vessel stands lower instead of shrinking the writing, and still has room for every name. */
    #[DataProvider('shapes')]
    public function test_names_keep_their_size_beside_a_wide_vessel(string $shape): void
    {
        $strata = array_map(static fn (int $i): Stratum => new Stratum("s$i", "s$i", '', 'oil', 15.0), range(1, 14));
        $section = Section::draw(Profile::of($shape, 240.0), $strata, 120);
        self::assertLessThanOrEqual(2 * 96.0 + 160, $section->width, 'the drawing is no wider than its column');
        foreach ($section->leaders as $leader) {
            self::assertGreaterThanOrEqual(9.0, $leader['y'], 'a name above the drawing');
            self::assertLessThanOrEqual($section->height, $leader['y'], 'a name below the drawing');
        }
    }
}
