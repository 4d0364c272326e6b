<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/**
 * Where a preservative can go in a product, as shares of its mass: oil, water, micelles, and the dry matter of pulp and
 * powder that binds it.
 */
final readonly class Medium
{
    /** Waxes, fatty alcohols and emulsifiers take up less than an oil. Common practice. */
    private const STIFF = 0.3;

    /**
     * @param  float  $oil  oils in full, waxes and emulsifiers at 0.3
     * @param  float  $polarity  how well the oils dissolve a preservative: 1 for triglycerides
     * @param  float  $surfactant  grams of micelle-forming surfactant to a gram
     * @param  float  $solids  grams of dry matter of pulp, powder and protein-rich food to a gram
     */
    public function __construct(
        public float $oil = 0.0,
        public float $polarity = 1.0,
        public float $surfactant = 0.0,
        public float $solids = 0.0,
    ) {
    }

    public static function of(Composition $composition): self
    {
        $oil = $dissolving = $surfactant = $solids = 0.0;
        foreach ($composition->known() as $line) {
            $material = $line->ingredient;
            $share = $line->part();
            if ($material === null) {
                continue;
            }
            $part = match (true) {
                $material->kind === Kind::WaxOrFattyAlcohol, $material->kind === Kind::Emulsifier => self::STIFF,
                $material->kind->isLipid(), $material->kind->isScent() => 1.0,
                default => 0.0,
            };
            $oil += $part * $share;
            $dissolving += $part * $share * $material->oilPolarity;
            $surfactant += $material->micelles * $share;
            $solids += self::dryMatter($material) * $share;
        }

        return new self($oil, $oil > 0.0 ? $dissolving / $oil : 1.0, $surfactant, $solids);
    }

    public function water(): float
    {
        return max(0.01, 1 - $this->oil - $this->solids);
    }

    /** Pulp, powder and food bind; gums, sugars and salts don't. */
    private static function dryMatter(Material $material): float
    {
        return match (true) {
            $material->kind === Kind::PowderBotanical => 1 - $material->water(),
            $material->kind === Kind::PlantMilkOrFood && $material->bringsFreeWater(),
            $material->is(MaterialTrait::Pulpy) => 1 - ($material->waterFraction ?? 1.0),
            default => 0.0,
        };
    }
}
