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
            new WetPlantInHotOil,
            new TooStrong,
            new PlantUncovered,
            new JarOverfull,
            new OilSetsSolid,
            new OilOverCeiling,
            new TooLongInTheJar,
            new ButterSetsInTheCloth,
            new SunlitSkin,
            new PowderClouds,
            new Cautions,
        ];
    }

    /** @return list<Finding> */
    public static function examine(Infusion $infusion): array
    {
        $findings = [];
        foreach (self::checks() as $check) {
            array_push($findings, ...$check->examine($infusion));
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
