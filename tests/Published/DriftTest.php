<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Yield\Drift;
use PHPUnit\Framework\TestCase;

/** NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.4, "EWMA Control Charts": its worked example (recalled). */
final class DriftTest extends TestCase
{
    private const DATA = [
        52.0,
        47.0,
        53.0,
        49.3,
        50.1,
        47.0,
        51.0,
        50.1,
        51.2,
        50.5,
        49.6,
        47.6,
        49.9,
        51.3,
        47.8,
        51.2,
        52.6,
        52.4,
        53.6,
        52.1,
    ];

    private const SMOOTHED = [
        50.60,
        49.52,
        50.56,
        50.18,
        50.16,
        49.21,
        49.75,
        49.85,
        50.26,
        50.33,
        50.11,
        49.36,
        49.52,
        50.05,
        49.38,
        49.92,
        50.73,
        51.23,
        51.94,
        51.99,
    ];

    public function test_the_worked_example_comes_out(): void
    {
        $drift = Drift::of(self::DATA, 50.0, 2.0539);
        foreach (self::SMOOTHED as $i => $value) {
            self::assertEqualsWithDelta($value, $drift->smoothed[$i], 0.006, "value $i");
        }
        self::assertEqualsWithDelta(52.5884, 50.0 + $drift->within, 0.001, 'upper limit');
        self::assertEqualsWithDelta(47.4115, 50.0 - $drift->within, 0.001, 'lower limit');
        self::assertSame(0, $drift->direction(), 'in control');
    }

    public function test_a_shift_is_seen_and_few_values_say_nothing(): void
    {
        self::assertSame(-1, Drift::of([95.0, 94.0, 95.5, 94.5, 80.0, 79.0, 78.0, 77.5], 94.75, 1.0)->direction());
        self::assertNull(Drift::of([95.0, 60.0, 95.0])->within);
        self::assertSame([], Drift::of([])->smoothed);
    }
}
