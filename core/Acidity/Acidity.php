<?php

declare(strict_types=1);

namespace Ilvane\Core\Acidity;

use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;

/** The acids, salts and alkalis of a formula dissolved in its water: a first guess of its pH. Never for what was measured. */
final readonly class Acidity
{
    /** Plant waters bring acids nobody knows; with more of them than this the guess is worth little. Common practice. */
    public const PLANT_RICH = 0.10;

    /** Lye for cosmetics is sold at about a tenth. Common practice; the bottle's own strength wins. */
    private const LYE_STRENGTH = 0.1;

    private const LYE_MOLAR_MASS = 39.997;

    private function __construct(
        public ?float $guess,
        public bool $isPlantRich,
        private ?Solution $solution,
        private float $litresPerHundredGrams,
    ) {
    }

    public static function of(Composition $composition): self
    {
        $water = $composition->waterShare();
        if ($water < 0.05) {
            return new self(null, false, null, 0.0);
        }
        $solution = new Solution([]);
        $plants = 0.0;
        $isAnything = false;
        foreach ($composition->known() as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null) {
                continue;
            }
            if ($ingredient->kind->isWatery() && $ingredient->kind !== Kind::WaterPhaseLiquid) {
                $plants += $line->share->likely ?? 0.0;
            }
            foreach (self::dissolved($line) as [$acid, $grams, $base]) {
                $molar = $grams / $acid->molarMass / $water * 1000;
                $solution = $solution->with($acid, $molar, $base * $molar);
                $isAnything = true;
            }
            if ($ingredient->key === 'sodium-hydroxide-solution') {
                $solution = $solution->alkaline(self::LYE_STRENGTH * ($line->share->likely ?? 0.0) / self::LYE_MOLAR_MASS / $water * 1000);
                $isAnything = true;
            }
        }

        return new self($isAnything ? $solution->ph() : null, $plants > self::PLANT_RICH, $isAnything ? $solution : null, $water / 10);
    }

    /**
     * Free acids and salts in a gram of the batch.
     *
     * @return list<array{Acid, float, float}> the acid, its grams as the free acid, equivalents of cation it came with per mole
     */
    private static function dissolved(WeighedLine $line): array
    {
        $share = $line->share->likely ?? 0.0;
        $found = match ($line->ingredient->key ?? '') {
            'citric-acid' => [[Acid::citric(), $share, 0.0]],
            'lactic-acid' => [[Acid::lactic(), 0.85 * $share, 0.0]],
            'sodium-lactate' => [[Acid::lactic(), 0.6 * $share * 90.078 / 112.06, 1.0]],
            'sodium-bicarbonate' => [[Acid::carbonic(), $share * 62.025 / 84.007, 1.0]],
            'apple-cider-vinegar' => [[Acid::acetic(), 0.05 * $share, 0.0]],
            default => [],
        };
        foreach ($line->ingredient->preservativeComponents ?? [] as $component) {
            $grams = $share * $component->typical / 100;
            $part = match ($component->inci) {
                'Sodium Benzoate' => [Acid::benzoic(), $grams * 122.123 / 144.105, 1.0],
                'Potassium Sorbate' => [Acid::sorbic(), $grams * 112.128 / 150.218, 1.0],
                'Sorbic Acid' => [Acid::sorbic(), $grams, 0.0],
                'Dehydroacetic Acid' => [Acid::dehydroacetic(), $grams, 0.0],
                'Salicylic Acid' => [Acid::salicylic(), $grams, 0.0],
                'Gluconolactone' => [Acid::gluconic(), $grams * 196.155 / 178.14, 0.0],
                default => null,
            };
            if ($part !== null) {
                $found[] = $part;
            }
        }

        return $found;
    }

    /** Grams of citric acid for 100 g of the batch to come down to a pH; null where the guess is not possible. */
    public function citricFor(float $ph): ?float
    {
        $molar = $this->solution?->toReach($ph, Acid::citric());

        return $molar === null ? null : $molar * Acid::citric()->molarMass * $this->litresPerHundredGrams;
    }
}
