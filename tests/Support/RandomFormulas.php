<?php

declare(strict_types=1);

namespace Tests\Support;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Formulas made up from a seed, each adding up by construction: for properties that hold of every formula. */
final class RandomFormulas
{
    /** Every real formula floats in something. */
    private const FATS = ['olive-oil', 'sunflower-oil-high-oleic', 'shea-butter-refined'];

    /** @return iterable<array<string, mixed>> */
    public static function seeded(int $seed, int $count, Catalogue $catalogue): iterable
    {
        $dice = new Randomizer(new Mt19937($seed));
        $keys = array_values(array_filter(
            $catalogue->keys(),
            static fn (string $key): bool => $catalogue->get($key)->defaultPhase !== Phase::Infusion,
        ));
        for ($i = 0; $i < $count; $i++) {
            yield self::one($dice, $keys);
        }
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, mixed>
     */
    private static function one(Randomizer $dice, array $keys): array
    {
        $style = $dice->getInt(0, 2);
        $family = [
            'leave_in_emulsion',
            'hair_oil',
            'water_spray',
            'gel',
            'fresh_mask',
            'whipped_butter',
        ][$dice->getInt(0, 5)];
        $bases = in_array($family, ['hair_oil', 'whipped_butter'], true)
            ? self::FATS
            : ['distilled-water', ...self::FATS];
        $lines = [];
        $picked = $dice->pickArrayKeys($keys, $dice->getInt(2, 12));
        foreach ($picked as $n => $at) {
            $lines[] =
                [
                    'ingredient' => $n === 0 ? $bases[$dice->getInt(0, count($bases) - 1)] : $keys[$at],
                    'amount' => match (true) {
                        $style === 0 => sprintf('%.2F g', $dice->getInt(500, 12_000) / 100),
                        $style === 1 && $n === 0 => 'to 100',
                        $style === 2 && $n === 0 => sprintf('%.1F g', $dice->getInt(200, 900) / 10),
                        default => sprintf('%.2F %%', $dice->getInt(10, 700) / 100),
                    }];
        }

        return [
            'format' => 'ilvane.formula/1', 'name' => 'Random', 'family' => $family, 'scale_resolution_g' => 0.01,
            ...($style === 1 ? ['batch' => ['grams' => (float) $dice->getInt(50, 900)]] : []),
            'lines' => $lines,
        ];
    }
}
