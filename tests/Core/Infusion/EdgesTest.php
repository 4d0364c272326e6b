<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Safety\Infusion\InfusionRules;
use PHPUnit\Framework\Attributes\DataProvider;

/** At its limit a rule of the jar is silent, a hair beyond it speaks. Common practice. */
final class EdgesTest extends InfusionCase
{
    /** @param  callable(float): array<string, mixed>  $changes */
    #[DataProvider('edges')]
    public function test_silent_at_the_limit_and_speaking_beyond_it(
        string $code,
        string $severity,
        float $at,
        float $beyond,
        callable $changes,
    ): void {
        self::assertNotContains("$code $severity", self::said($changes($at)), "silent at $at");
        self::assertContains("$code $severity", self::said($changes($beyond)), "speaks at $beyond");
    }

    /** @return list<string> */
    private static function said(array $changes): array
    {
        return array_map(
            static fn ($finding): string => "$finding->code {$finding->severity->value}",
            InfusionRules::examine(self::infuse($changes)),
        );
    }

    public static function edges(): iterable
    {
        $plant = static fn (string $key, float $grams, ?string $form = null, ?float $fresh = null): array => [
            'plants' => [array_filter([
                'ingredient' => $key, 'amount' => "$grams g", 'form' => $form, 'fresh_g' => $fresh,
            ])],
        ];
        $oil = static fn (float $grams, string $key = 'olive-oil'): array => [
            'ingredient' => $key, 'amount' => "$grams g",
        ];
        $bath = static fn (float $celsius, array $more = []): array => [
            'method' => 'warm_bath', 'temperature_c' => $celsius, 'days' => null, 'minutes' => 60, ...$more,
        ];
        yield 'three months in the jar' => [
            'plant.strained_late', 'mind', 90.0, 90.1, static fn (float $x): array => ['days' => $x],
        ];
        yield 'hot to the hand' => ['safety.hot_fat', 'note', 44.9, 45.0, $bath(...)];
        yield 'hotter than anything is cooked' => ['safety.wet_in_hot_oil', 'stop', 120.0, 120.1, $bath(...)];
        yield 'water boils in it' => [
            'safety.wet_in_hot_oil', 'note', 99.9, 100.0,
            static fn (float $x): array => [
                ...$plant('rosemary-fresh', 30, 'fresh_wet'), 'method' => 'cook_out', 'temperature_c' => $x,
                'days' => null, 'minutes' => 60,
            ],
        ];
        yield 'too cool to cook water out' => [
            'infusion.not_cooked_out', 'stop', 100.0, 99.9,
            static fn (float $x): array => [
                ...$plant('rosemary-fresh', 30, 'fresh_wet'), 'method' => 'cook_out', 'temperature_c' => $x,
                'days' => null, 'minutes' => 60,
            ],
        ];
        yield 'shea bears 80 °C, and a bath swings by 5' => [
            'heat.over_ceiling', 'mind', 85.0, 85.1,
            static fn (float $x): array => $bath($x, ['oils' => [$oil(300, 'shea-butter-refined')]]),
        ];
        yield 'a butter no more than half of the oil' => [
            'heat.below_melting', 'stop', 150.0, 150.1,
            static fn (float $x): array => ['oils' => [$oil(150), $oil($x, 'shea-butter-refined')]],
        ];
        yield 'a butter just melted' => [ // at 40 °C
            'heat.below_melting', 'stop', 40.0, 39.9,
            static fn (float $x): array => ['temperature_c' => $x, 'oils' => [$oil(300, 'shea-butter-refined')]],
        ];
        yield 'a jar too small' => [ // 300 g of olive oil and 30 g of petals: 329 + 23 mL
            'infusion.overfull', 'mind', 352.1, 352.0,
            static fn (float $x): array => ['jar_ml' => $x, 'oils' => [$oil(300)]],
        ];
        yield 'dried to an eighth of water' => [ // rosemary is 68 % water: 32 g of 100 g are dry
            'plant.not_dry', 'mind', 36.3, 36.4,
            static fn (float $x): array => $plant('rosemary-fresh', $x, 'dried_whole', 100.0),
        ];
        yield 'wet enough to spoil' => [
            'plant.not_dry', 'stop', 37.6, 37.7,
            static fn (float $x): array => $plant('rosemary-fresh', $x, 'dried_whole', 100.0),
        ];
    }
}
