<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;

/** What kind of product the ingredients make. A first guess the maker may change. */
final class FamilyGuess
{
    /** Honey and syrups are drier, milk and fruit wetter. */
    private const WET = 0.4;

    /** @param  list<ReadLine>  $lines */
    public static function of(array $lines, Catalogue $catalogue): Family
    {
        $kinds = [];
        foreach ($lines as $line) {
            $material = $line->ingredient === null ? null : $catalogue->get($line->ingredient);
            // a spoon of honey makes no mask of a butter: what spoils is wet
            $isSyrup = $material?->kind === Kind::PlantMilkOrFood && $material->waterFraction < self::WET;
            if ($material !== null && ! $isSyrup) {
                $kinds[$material->kind->value] = true;
            }
        }
        $has = static fn (Kind ...$wanted): bool => array_filter(
            $wanted,
            static fn (Kind $kind): bool => isset($kinds[$kind->value]),
        ) !== [];
        $watery = $has(Kind::WaterPhaseLiquid, Kind::HydrosolOrTea, Kind::PlantJuiceOrGel);

        return match (true) {
            $has(Kind::PlantMilkOrFood) && ! $has(Kind::Emulsifier, Kind::Preservative) => Family::FreshMask,
            $has(Kind::Emulsifier) && $watery => Family::LeaveInEmulsion,
            $watery && ! $has(Kind::CarrierOil, Kind::Butter) => Family::WaterSpray,
            $watery && ! $has(Kind::Butter) => Family::WaterSpray,
            $has(Kind::Butter) => Family::WhippedButter,
            $has(Kind::DriedBotanical, Kind::PowderBotanical, Kind::FreshBotanical) => Family::InfusedOil,
            $has(Kind::CarrierOil) => Family::HairOil,
            default => Family::LeaveInEmulsion,
        };
    }
}
