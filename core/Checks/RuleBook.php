<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks;

/** Every rule there is, in the order they speak. */
final class RuleBook
{
    /** @return list<Check> */
    public static function checks(): array
    {
        return [
            new Rules\SumNot100,
            new Rules\AmountUnread,
            new Rules\AmountOpen,
            new Rules\AmountAmbiguous,
            new Rules\Unweighable,
            new Rules\DoseWide,
            new Rules\BatchIgnored,
            new Rules\PreservativeMissing,
            new Rules\ScentIsNoPreservative,
            new Rules\VitaminEIsNoPreservative,
            new Rules\PreservativeWrongBase,
            new Rules\PreservativeWeakAlone,
            new Rules\PreservativeDoseLow,
            new Rules\PreservativeOverLimit,
            new Rules\PreservativePhUnsuited,
            new Rules\PreservativeHeated,
            new Rules\PreservativeNarrow,
            new Rules\PreservativeAudience,
            new Rules\PreservativeFormUnsuited,
            new Rules\PreservativeNotNeeded,
            new Rules\NoEmulsifier,
            new Rules\NotAnEmulsifier,
            new Rules\EmulsifierLow,
            new Rules\EmulsifierHigh,
            new Rules\ChargeClash,
            new Rules\HlbOff,
            new Rules\InnerPhaseHigh,
            new Rules\WaterInButter,
            new Rules\AcidityRange,
            new Rules\FreshPlantInOil,
            new Rules\PlantLeftIn,
            new Rules\PlantPulp,
            new Rules\GumHandling,
            new Rules\ProcessHeat,
            new Rules\HeatOverCeiling,
            new Rules\ScentTotalHigh,
            new Rules\ScentSingleHigh,
            new Rules\Phototoxic,
            new Rules\ScentAudience,
            new Rules\IrritantStrong,
            new Rules\DoseHigh,
            new Rules\DoseLow,
            new Rules\PowderHigh,
            new Rules\HumectantHigh,
            new Rules\ButterTexture,
            new Rules\Packing,
            new Rules\KeepingClaimed,
            new Rules\LabelClaim,
            new Rules\LotOverdue,
            new Rules\LotComesFirst,
            new Rules\ScentDeclare,
            new Rules\NutAllergen,
            new Rules\FoodAllergens,
            new Rules\SafetyNotes,
            new Rules\PatchTest,
        ];
    }
}
