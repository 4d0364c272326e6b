<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

enum Kind: string
{
    case WaterPhaseLiquid = 'water_phase_liquid';
    case HydrosolOrTea = 'hydrosol_or_tea';
    case PlantJuiceOrGel = 'plant_juice_or_gel';
    case PlantMilkOrFood = 'plant_milk_or_food';
    case Humectant = 'humectant';
    case CarrierOil = 'carrier_oil';
    case Butter = 'butter';
    case WaxOrFattyAlcohol = 'wax_or_fatty_alcohol';
    case Emulsifier = 'emulsifier';
    case ThickenerGum = 'thickener_gum';
    case EssentialOil = 'essential_oil';
    case Fragrance = 'fragrance';
    case Preservative = 'preservative';
    case Antioxidant = 'antioxidant';
    case Active = 'active';
    case Protein = 'protein';
    case PowderBotanical = 'powder_botanical';
    case DriedBotanical = 'dried_botanical';
    case FreshBotanical = 'fresh_botanical';
    case AcidOrBase = 'acid_or_base';
    case Solubiliser = 'solubiliser';
    case Surfactant = 'surfactant';
    case Silicone = 'silicone';

    /** A conditioner, a mask, a lotion bought to stir things into: known by the list printed on it. */
    case BoughtBase = 'bought_base';

    /** Clays, starches, charcoal: ground, and not of a whole plant. */
    case Powder = 'powder';

    /** Waters, teas, juices, gels, milks and foods: what microbes live on. */
    public function isWatery(): bool
    {
        return match ($this) {
            self::WaterPhaseLiquid, self::HydrosolOrTea, self::PlantJuiceOrGel, self::PlantMilkOrFood => true,
            default => false,
        };
    }

    /** Oils, butters, waxes, fatty alcohols and silicones: what an emulsifier has to hold. */
    public function isLipid(): bool
    {
        return match ($this) {
            self::CarrierOil, self::Butter, self::WaxOrFattyAlcohol, self::Silicone => true,
            default => false,
        };
    }

    /** Plants as they are: fresh, dried, or ground. */
    public function isPlant(): bool
    {
        return match ($this) {
            self::FreshBotanical, self::DriedBotanical, self::PowderBotanical => true,
            default => false,
        };
    }

    /** Oils and butters: what plants are infused in. */
    public function takesPlants(): bool
    {
        return $this === self::CarrierOil || $this === self::Butter;
    }

    /** Plants, and what is pressed or brewed of them. */
    public function isOfPlant(): bool
    {
        return $this->isPlant() || $this === self::HydrosolOrTea || $this === self::PlantJuiceOrGel;
    }

    /** As picked, with its water. */
    public function isFreshPlant(): bool
    {
        return $this === self::FreshBotanical;
    }

    public function isScent(): bool
    {
        return $this === self::EssentialOil || $this === self::Fragrance;
    }
}
