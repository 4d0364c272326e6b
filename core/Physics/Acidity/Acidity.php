<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Acidity;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;

/**
 * The acids, salts and alkalis of a formula dissolved in its water: a first guess of its pH. Never for what was
 * measured.
 */
final readonly class Acidity
{
    /**
     * Plant waters bring acids nobody knows; with more of them than this the guess is worth little. Common practice.
     */
    public const PLANT_RICH = 0.10;

    private const LYE_MOLAR_MASS = 39.997;

    /** Its minerals hold about half of its acids: pH 3.9. Textbook, recalled. */
    private const HONEY_NEUTRALISED = 0.6;

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
        $plants = $holds = $sour = 0.0;
        $isAnything = false;
        foreach ($composition->known() as $line) {
            $ingredient = $line->ingredient;
            if ($ingredient === null) {
                continue;
            }
            if ($ingredient->kind->isWatery() && $ingredient->kind !== Kind::WaterPhaseLiquid) {
                $share = $line->part();
                $plants += $share;
                $hold = $share * self::HELD_BY_FOOD * ($ingredient->bioburden->food ?? 0.0);
                $holds += $ingredient->bioburden?->ph === null ? 0.0 : $hold;
                $sour += $hold * ($ingredient->bioburden->ph ?? 0.0);
            }
            foreach (self::dissolved($line) as [$acid, $grams, $base]) {
                $molar = $grams / $acid->molarMass / $water * 1000;
                $solution = $solution->with($acid, $molar, $base * $molar);
                $isAnything = true;
            }
            $lye = $ingredient->contents['Sodium Hydroxide'] ?? 0.0;
            if ($lye > 0) {
                $solution = $solution->alkaline(
                    $lye * $line->part() / self::LYE_MOLAR_MASS / $water * 1000,
                );
                $isAnything = true;
            }
        }

        return new self(
            $isAnything ? self::settled($solution, $holds, $sour) : null,
            $plants > self::PLANT_RICH,
            $isAnything ? $solution : null,
            $water / 10,
        );
    }

    /**
     * Plants hold their own pH against what is dissolved beside them, each by how stubborn it is.
     *
     * @param  float  $holds  mol/L for one pH that the plants take up
     * @param  float  $sour  the same times their own pH
     */
    private static function settled(Solution $solution, float $holds, float $sour): float
    {
        $ph = $solution->ph();
        if ($holds <= 0.0) {
            return $ph;
        }
        $other = $solution->bufferCapacity($ph);

        return ($sour + $other * $ph) / ($holds + $other);
    }

    /** mol/L that fruit, egg or milk takes for one pH; teas and hydrosols less, as they feed less. From memory. */
    private const HELD_BY_FOOD = 0.03;

    /**
     * Free acids and salts in a gram of the batch.
     *
     * @return list<array{Acid, float, float}> the acid, its grams as the free acid, equivalents of cation it came with
     *   per mole
     */
    private static function dissolved(WeighedLine $line): array
    {
        $share = $line->part();
        $grams = array_map(static fn (float $fraction): float => $share * $fraction, $line->ingredient->contents ?? []);
        foreach ($line->ingredient->preservativeComponents ?? [] as $component) {
            $grams[$component->inci] ??= $share * $component->typical / 100;
        }
        $found = [];
        foreach ($grams as $substance => $weight) {
            $part = self::asAcid($substance, $weight);
            if ($part !== null) {
                $found[] = $part;
            }
        }

        return $found;
    }

    /**
     * Molar masses: IUPAC atomic weights.
     *
     * @param  string  $substance  INCI or chemical name
     * @return array{Acid, float, float}|null null for what is no weak acid and no salt of one
     */
    private static function asAcid(string $substance, float $grams): ?array
    {
        return match ($substance) {
            'Citric Acid' => [Acid::citric(), $grams, 0.0],
            'Lactic Acid' => [Acid::lactic(), $grams, 0.0],
            'Sodium Lactate' => [Acid::lactic(), $grams * 90.078 / 112.06, 1.0],
            'Sodium Bicarbonate' => [Acid::carbonic(), $grams * 62.025 / 84.007, 1.0],
            'Acetic Acid' => [Acid::acetic(), $grams, 0.0],
            'Sodium Benzoate' => [Acid::benzoic(), $grams * 122.123 / 144.105, 1.0],
            'Potassium Sorbate' => [Acid::sorbic(), $grams * 112.128 / 150.218, 1.0],
            'Benzoic Acid' => [Acid::benzoic(), $grams, 0.0],
            'Sorbic Acid' => [Acid::sorbic(), $grams, 0.0],
            'Dehydroacetic Acid' => [Acid::dehydroacetic(), $grams, 0.0],
            'Salicylic Acid' => [Acid::salicylic(), $grams, 0.0],
            'Carbomer' => [Acid::polyacrylic(), $grams, 0.0],
            'Potassium Olivate' => [Acid::fatty(), $grams * 282.46 / 320.55, 1.0],
            'Acids of Honey' => [Acid::gluconic(), $grams, self::HONEY_NEUTRALISED],
            'Gluconolactone' => [Acid::gluconic(), $grams * 196.155 / 178.14, 0.0],
            default => null,
        };
    }

    /** Grams of sodium hydroxide for 100 g of the batch to come up to a pH; null where the guess is not possible. */
    public function lyeFor(float $ph): ?float
    {
        $molar = $this->solution?->baseToReach($ph);

        return $molar === null ? null : $molar * self::LYE_MOLAR_MASS * $this->litresPerHundredGrams;
    }

    /** Grams of citric acid for 100 g of the batch to come down to a pH; null where the guess is not possible. */
    public function citricFor(float $ph): ?float
    {
        $molar = $this->solution?->toReach($ph, Acid::citric());

        return $molar === null ? null : $molar * Acid::citric()->molarMass * $this->litresPerHundredGrams;
    }
}
