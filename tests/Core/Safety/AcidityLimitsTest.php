<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What hair and scalp bear: silent at the limit, speaks a hundredth beyond. Common practice. */
final class AcidityLimitsTest extends CoreCase
{
    public static function limits(): iterable
    {
        yield 'left on, sour' => ['leave_on', 3.5, -0.01, 'acidity.low'];
        yield 'left on, alkaline' => ['leave_on', 7.0, 0.01, 'acidity.high'];
        yield 'rinsed off, a vinegar rinse' => ['rinse_off', 2.8, -0.01, 'acidity.low'];
        yield 'rinsed off, alkaline' => ['rinse_off', 7.0, 0.01, 'acidity.high'];
        yield 'burns, sour' => ['rinse_off', 2.5, -0.01, 'acidity.extreme'];
        yield 'burns, alkaline' => ['rinse_off', 11.0, 0.01, 'acidity.extreme'];
    }

    #[DataProvider('limits')]
    public function test_at_the_limit_silent_beyond_it_speaks(
        string $use,
        float $limit,
        float $beyond,
        string $code,
    ): void {
        $codes = static fn (float $ph): array => self::evaluate([
            ...self::sound(),
            'use' => $use,
            'ph' => $ph,
        ])->codes();
        self::assertNotContains($code, $codes($limit));
        self::assertContains($code, $codes($limit + $beyond));
    }

    /** A vinegar rinse is sour on purpose. */
    public function test_a_vinegar_rinse_is_silent(): void
    {
        $rinse = self::document([['distilled-water', 'to 100'], ['apple-cider-vinegar', '15 %']], [
            'family' => 'water_spray',
            'use' => 'rinse_off',
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 2],
        ]);
        foreach ([3.0, 3.2, 3.5] as $ph) {
            self::assertSame([], array_values(array_filter(
                self::evaluate([...$rinse, 'ph' => $ph])->codes(),
                static fn (string $code): bool => str_starts_with($code, 'acidity.'),
            )));
        }
    }
}
