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
            new Rules\AmountOpen,
            new Rules\AmountAmbiguous,
            new Rules\Unweighable,
            new Rules\DoseWide,
            new Rules\BatchIgnored,
            new Rules\PreservativeMissing,
            new Rules\ScentIsNoPreservative,
            new Rules\VitaminEIsNoPreservative,
            new Rules\PreservativeDoseLow,
            new Rules\PreservativeOverLimit,
            new Rules\PreservativePhUnsuited,
            new Rules\PreservativeHeated,
            new Rules\PreservativeNarrow,
            new Rules\PreservativeAudience,
            new Rules\PreservativeNotNeeded,
            new Rules\NoEmulsifier,
            new Rules\EmulsifierLow,
            new Rules\EmulsifierHigh,
            new Rules\WaterInButter,
            new Rules\FreshPlantInOil,
            new Rules\HeatOverCeiling,
            new Rules\ScentTotalHigh,
            new Rules\ScentSingleHigh,
            new Rules\DoseHigh,
            new Rules\HumectantHigh,
            new Rules\LotOverdue,
            new Rules\LotComesFirst,
            new Rules\NutAllergen,
            new Rules\PatchTest,
        ];
    }
}
