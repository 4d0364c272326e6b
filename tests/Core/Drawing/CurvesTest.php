<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use App\Drawing\Curves;
use Ilvane\Core\Physics\Acidity\Acid;
use PHPUnit\Framework\TestCase;

/** What is drawn is true: read back off the drawing it is the figure it stands for. */
final class CurvesTest extends TestCase
{
    public function test_half_of_an_acid_is_awake_at_its_pka(): void
    {
        $benzoic = Acid::benzoic();
        $curves = Curves::acids(['Benzoic acid' => $benzoic], $benzoic->pKa[0]);
        self::assertEqualsWithDelta($curves->plot->y(50.0), $curves->here['dots'][0]['y'] ?? 0.0, 0.05);
        self::assertSame($curves->plot->x($benzoic->pKa[0]), $curves->here['x'] ?? 0.0);
        self::assertSame('pH 4.204: 50 %', $curves->saysHere());
    }

    public function test_every_mark_lies_on_its_curve(): void
    {
        $acids = ['a' => Acid::benzoic(), 'b' => Acid::sorbic(), 'c' => Acid::dehydroacetic()];
        foreach ([3.0, 4.5, 5.0, 6.3, 8.0] as $ph) {
            $curves = Curves::acids($acids, $ph);
            foreach ($curves->series as $i => $series) {
                self::assertStringContainsString(
                    $curves->here['x'].' '.($curves->here['dots'][$i]['y'] ?? ''),
                    $series['line'],
                    "pH $ph",
                );
            }
        }
        self::assertNull(Curves::acids($acids, 2.0)->here, 'off the paper');
        self::assertNull(Curves::acids($acids)->here);
    }

    public function test_a_butter_slumps_where_its_curve_meets_the_tenth(): void
    {
        $curves = Curves::solid([10 => 60.0, 15 => 50.0, 20 => 40.0, 25 => 20.0, 30 => 0.0, 35 => 0.0], 27.5, 20.0);
        self::assertSame($curves->plot->x(27.5), $curves->window['x'] ?? 0.0);
        self::assertEqualsWithDelta(
            $curves->plot->end(),
            ($curves->window['x'] ?? 0.0) + ($curves->window['wide'] ?? 0.0),
            0.01,
        );
        self::assertStringContainsString(
            $curves->here['x'].' '.($curves->here['dots'][0]['y'] ?? ''),
            $curves->series[0]['line'],
        );
        $tall = array_sum(array_column($curves->bands, 'tall'));
        self::assertEqualsWithDelta(
            $curves->plot->floor() - $curves->plot->top,
            $tall,
            0.5,
            'the feels fill the paper',
        );
        self::assertNull(Curves::solid([10 => 5.0, 35 => 0.0], null, 20.0)->window);
    }

    public function test_a_titration_only_falls(): void
    {
        $points = [[0.0, 7.9], [1.0, 6.0], [4.0, 5.0], [9.0, 4.0]];
        $curves = Curves::titration($points, [4.0, 5.0]);
        preg_match_all('/[ML]([\d.]+) ([\d.]+)/', $curves->series[0]['line'], $found);
        $down = array_map(floatval(...), $found[2]);
        $sorted = $down;
        sort($sorted);
        self::assertSame($sorted, $down, 'y grows downward');
        self::assertSame('pH 5', $curves->saysHere());
        self::assertSame(['0', '2.5', '5', '7.5', '10'], array_column($curves->ticks, 'label'));
    }
}
