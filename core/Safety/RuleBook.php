<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use Ilvane\Core\Safety\Rules\AcidityRange;
use Ilvane\Core\Safety\Rules\AcidityToReach;
use Ilvane\Core\Safety\Rules\AmountAmbiguous;
use Ilvane\Core\Safety\Rules\AmountOpen;
use Ilvane\Core\Safety\Rules\AmountUnread;
use Ilvane\Core\Safety\Rules\AudienceUnsuited;
use Ilvane\Core\Safety\Rules\BatchIgnored;
use Ilvane\Core\Safety\Rules\ButterTexture;
use Ilvane\Core\Safety\Rules\ChargeClash;
use Ilvane\Core\Safety\Rules\DoseHigh;
use Ilvane\Core\Safety\Rules\DoseLow;
use Ilvane\Core\Safety\Rules\DoseWide;
use Ilvane\Core\Safety\Rules\EmulsifierHigh;
use Ilvane\Core\Safety\Rules\EmulsifierLow;
use Ilvane\Core\Safety\Rules\ExtractStrong;
use Ilvane\Core\Safety\Rules\FoodAllergens;
use Ilvane\Core\Safety\Rules\FoodPreserved;
use Ilvane\Core\Safety\Rules\FormaldehydeReleased;
use Ilvane\Core\Safety\Rules\FreshPlantInOil;
use Ilvane\Core\Safety\Rules\GumHandling;
use Ilvane\Core\Safety\Rules\HeatOverCeiling;
use Ilvane\Core\Safety\Rules\HlbOff;
use Ilvane\Core\Safety\Rules\HumectantHigh;
use Ilvane\Core\Safety\Rules\InnerPhaseHigh;
use Ilvane\Core\Safety\Rules\IrritantStrong;
use Ilvane\Core\Safety\Rules\KeepingClaimed;
use Ilvane\Core\Safety\Rules\LabelClaim;
use Ilvane\Core\Safety\Rules\LotComesFirst;
use Ilvane\Core\Safety\Rules\LotOverdue;
use Ilvane\Core\Safety\Rules\LowAcidInOil;
use Ilvane\Core\Safety\Rules\NoEmulsifier;
use Ilvane\Core\Safety\Rules\NotAnEmulsifier;
use Ilvane\Core\Safety\Rules\NotDissolved;
use Ilvane\Core\Safety\Rules\NutAllergen;
use Ilvane\Core\Safety\Rules\Packing;
use Ilvane\Core\Safety\Rules\PartInfused;
use Ilvane\Core\Safety\Rules\PartNotStrained;
use Ilvane\Core\Safety\Rules\PartTooLittle;
use Ilvane\Core\Safety\Rules\PatchTest;
use Ilvane\Core\Safety\Rules\Phototoxic;
use Ilvane\Core\Safety\Rules\PlantLeftIn;
use Ilvane\Core\Safety\Rules\PlantNotDry;
use Ilvane\Core\Safety\Rules\PlantPulp;
use Ilvane\Core\Safety\Rules\PolymerSalted;
use Ilvane\Core\Safety\Rules\PowderHigh;
use Ilvane\Core\Safety\Rules\PreservativeAudience;
use Ilvane\Core\Safety\Rules\PreservativeDoseLow;
use Ilvane\Core\Safety\Rules\PreservativeFormUnsuited;
use Ilvane\Core\Safety\Rules\PreservativeHeated;
use Ilvane\Core\Safety\Rules\PreservativeMissing;
use Ilvane\Core\Safety\Rules\PreservativeNarrow;
use Ilvane\Core\Safety\Rules\PreservativeNotFree;
use Ilvane\Core\Safety\Rules\PreservativeNotNeeded;
use Ilvane\Core\Safety\Rules\PreservativeOverLimit;
use Ilvane\Core\Safety\Rules\PreservativePhUnsuited;
use Ilvane\Core\Safety\Rules\PreservativeTwice;
use Ilvane\Core\Safety\Rules\PreservativeWeakAlone;
use Ilvane\Core\Safety\Rules\PreservativeWrongBase;
use Ilvane\Core\Safety\Rules\ProcessHeat;
use Ilvane\Core\Safety\Rules\SafetyNotes;
use Ilvane\Core\Safety\Rules\ScentAudience;
use Ilvane\Core\Safety\Rules\ScentDeclare;
use Ilvane\Core\Safety\Rules\ScentIsNoPreservative;
use Ilvane\Core\Safety\Rules\ScentSingleHigh;
use Ilvane\Core\Safety\Rules\ScentTotalHigh;
use Ilvane\Core\Safety\Rules\SumNot100;
use Ilvane\Core\Safety\Rules\Unweighable;
use Ilvane\Core\Safety\Rules\VitaminEIsNoPreservative;
use Ilvane\Core\Safety\Rules\WaterBarelyBound;
use Ilvane\Core\Safety\Rules\WaterInButter;

/** Every rule there is, in the order they speak. */
final class RuleBook
{
    /** @return list<Rule> */
    public static function checks(): array
    {
        return [
            new SumNot100,
            new PartTooLittle,
            new PartNotStrained,
            new AmountUnread,
            new AmountOpen,
            new AmountAmbiguous,
            new Unweighable,
            new DoseWide,
            new BatchIgnored,
            new PreservativeMissing,
            new ScentIsNoPreservative,
            new VitaminEIsNoPreservative,
            new PreservativeWrongBase,
            new PreservativeWeakAlone,
            new PreservativeDoseLow,
            new PreservativeOverLimit,
            new PreservativePhUnsuited,
            new PreservativeHeated,
            new PreservativeNarrow,
            new PreservativeNotFree,
            new PreservativeAudience,
            new PreservativeFormUnsuited,
            new PreservativeNotNeeded,
            new PreservativeTwice,
            new FoodPreserved,
            new WaterBarelyBound,
            new FormaldehydeReleased,
            new NoEmulsifier,
            new NotAnEmulsifier,
            new EmulsifierLow,
            new EmulsifierHigh,
            new ChargeClash,
            new HlbOff,
            new InnerPhaseHigh,
            new WaterInButter,
            new AcidityRange,
            new AcidityToReach,
            new PolymerSalted,
            new NotDissolved,
            new FreshPlantInOil,
            new LowAcidInOil,
            new PlantNotDry,
            new PlantLeftIn,
            new PlantPulp,
            new GumHandling,
            new ProcessHeat,
            new HeatOverCeiling,
            new ScentTotalHigh,
            new ScentSingleHigh,
            new Phototoxic,
            new ScentAudience,
            new AudienceUnsuited,
            new IrritantStrong,
            new ExtractStrong,
            new DoseHigh,
            new DoseLow,
            new PowderHigh,
            new HumectantHigh,
            new ButterTexture,
            new Packing,
            new KeepingClaimed,
            new LabelClaim,
            new LotOverdue,
            new LotComesFirst,
            new ScentDeclare,
            new NutAllergen,
            new FoodAllergens,
            new SafetyNotes,
            new PatchTest,
            new PartInfused,
        ];
    }
}
