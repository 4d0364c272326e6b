<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Safety\Finding;

/** Every rule about jars, the gravest findings first. */
final class InfusionRules
{
    /** @return list<InfusionRule> */
    private static function checks(): array
    {
        return [
            new WetPlantKept,
            new JarNotCookedOut,
            new JarLowAcid,
            new JarPlantNotDry,
            new WetPlantInHotOil,
            new PlantUncovered,
            new JarOverfull,
            new OilSetsSolid,
            new OilOverCeiling,
            new TooLongInTheJar,
            new ButterSetsInTheCloth,
            new SunlitSkin,
            new MuchPlant,
            new PowderClouds,
            new GivesToWater,
            new Cautions,
        ];
    }

    /** @return list<Finding> */
    public static function examine(Infusion $infusion): array
    {
        $findings = [...(new TooStrong)->examine($infusion), ...self::examineButStrength($infusion)];
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }

    /**
     * How strong it ends is another matter where it isn't used as it is.
     *
     * @return list<Finding>
     */
    public static function examineButStrength(Infusion $infusion): array
    {
        $findings = [];
        foreach (self::checks() as $check) {
            array_push($findings, ...$check->examine($infusion));
        }

        return $findings;
    }
}
