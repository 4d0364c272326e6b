<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/** How a plant goes into the oil. */
enum PlantForm: string
{
    case DriedWhole = 'dried_whole';
    case DriedCracked = 'dried_cracked';
    case Powder = 'powder';
    case SeedWhole = 'seed_whole';
    case FreshWilted = 'fresh_wilted';
    case FreshWet = 'fresh_wet';

    /** How much faster it gives than whole dried leaf: surface and hulls. Calibrated to common practice. */
    public function pace(): float
    {
        return match ($this) {
            self::DriedCracked => 1.6,
            self::Powder => 3.0,
            self::SeedWhole => 0.4,
            default => 1.0,
        };
    }

    /** What of it lies open at its surfaces and is washed off at once. Fitted; a guess for all but dried leaf. */
    public function washed(): float
    {
        return match ($this) {
            self::DriedWhole => 0.65,
            self::DriedCracked => 0.75,
            self::Powder => 0.85,
            self::SeedWhole => 0.25,
            self::FreshWilted, self::FreshWet => 0.50,
        };
    }

    /** How the catalogue's plant usually comes. */
    public static function usualOf(Material $plant): self
    {
        return match (true) {
            $plant->kind === Kind::FreshBotanical => self::FreshWet,
            $plant->kind === Kind::PowderBotanical => self::Powder,
            $plant->is(MaterialTrait::WholeSeed) => self::SeedWhole,
            default => self::DriedWhole,
        };
    }
}
