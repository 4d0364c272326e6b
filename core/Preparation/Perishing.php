<?php

declare(strict_types=1);

namespace Ilvane\Core\Preparation;

use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Spoilage;

/**
 * Life used up hour by hour, faster on the counter than in the cold: what is left of it when a thing is moved goes on
 * at
 * the new place's pace. Freezing stops nothing that has begun; what is thawed has a day at most.
 */
final class Perishing
{
    /** Thawed, it is used up the same day. Common practice. */
    private const THAWED_HOURS = 24.0;

    /**
     * Hours from making until it is to be gone.
     *
     * @param  non-empty-list<array{hour: float, storage: Storage}>  $stays  where it stood from which hour on, the
     *   first from 0
     * @param  float  $fridge  °C
     * @param  float  $thawed  hours what was frozen is good for once it has thawed; INF where thawing changes nothing
     */
    public static function lasts(
        PreparationMethod|Life $method,
        array $stays,
        float $fridge = Growth::FRIDGE_C,
        float $thawed = self::THAWED_HOURS,
    ): float {
        $left = 1.0;
        $until = 0.0;
        $thawedUntil = INF;
        foreach ($stays as $i => $stay) {
            $life = self::hours($method, $stay['storage'], $fridge);
            $until = min($stay['hour'] + $left * $life, $thawedUntil);
            $next = $stays[$i + 1] ?? null;
            if ($next === null || $until <= $next['hour']) {
                return $until; // gone before it was moved: moving brings nothing back
            }
            $left -= ($next['hour'] - $stay['hour']) / $life;
            if ($stay['storage'] === Storage::Freezer) {
                $thawedUntil = min($thawedUntil, $next['hour'] + $thawed);
            }
        }

        return $until;
    }

    /**
     * Hours it keeps so stored, freshly made: as makers say, and no longer than microbes let it in this fridge.
     *
     * @param  float  $fridge  °C
     */
    public static function hours(
        PreparationMethod|Life $method,
        Storage $storage,
        float $fridge = Growth::FRIDGE_C,
    ): float {
        return match ($storage) {
            Storage::Room => $method->counterHours,
            Storage::Fridge => 24 * min(
                $method->fridgeDays,
                $method->bioburden === null
                    ? INF
                    : Spoilage::ofBurden($method->bioburden, $method->ph)->days($fridge, false) ?? INF,
            ),
            Storage::Freezer => 24 * $method->freezerDays,
        };
    }
}
