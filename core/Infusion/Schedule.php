<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

/** What a plan asks of the maker, and when. Days after filling. */
final class Schedule
{
    /** A patch of skin is given a day before first use. Common practice. */
    public const PATCH_TEST_DAYS = 1.0;

    /**
     * @return list<array{day: float, what: string}> what: shake, take_out, top_up, ready, too_strong, strain,
     *   patch_test, first_use
     */
    public static function of(Infusion $infusion): array
    {
        $plan = $infusion->plan;
        $entries = [];
        foreach (self::shakes($plan) as $day) {
            $entries[] = ['day' => $day, 'what' => 'shake'];
        }
        foreach ($plan->events as $event) {
            foreach (['take_out' => $event->takenOut, 'top_up' => $event->toppedUp] as $what => $grams) {
                if ($grams > 0) {
                    $entries[] = ['day' => $event->day, 'what' => $what];
                }
            }
        }
        if ($infusion->readyDay !== null && $infusion->readyDay < $plan->days) {
            $entries[] = ['day' => self::shown($infusion->readyDay, $plan), 'what' => 'ready'];
        }
        if ($infusion->tooStrongDay !== null && $infusion->tooStrongDay < $plan->days) {
            $entries[] = ['day' => self::shown($infusion->tooStrongDay, $plan), 'what' => 'too_strong'];
        }
        $entries[] = ['day' => $plan->days, 'what' => 'strain'];
        $entries[] = ['day' => $plan->days, 'what' => 'patch_test'];
        $entries[] = ['day' => $plan->days + self::PATCH_TEST_DAYS, 'what' => 'first_use'];
        // sort() keeps equal days in the order they were put in
        usort($entries, static fn (array $a, array $b): int => $a['day'] <=> $b['day']);

        return $entries;
    }

    /** @return list<float> */
    private static function shakes(InfusionPlan $plan): array
    {
        $days = [];
        if (! $plan->method->isHeated() && $plan->shakeEveryDays > 0) {
            for ($day = $plan->shakeEveryDays; $day < $plan->days - 1e-9; $day += $plan->shakeEveryDays) {
                $days[] = $day;
            }
        }

        return $days;
    }

    /** A day is a whole one in a jar that stands for weeks, and ends on a minute in one that stands for minutes. */
    public static function shown(float $day, InfusionPlan $plan): float
    {
        return $plan->inMinutes
            ? ceil($day * Extraction::MINUTES_PER_DAY - 1e-6) / Extraction::MINUTES_PER_DAY
            : ceil($day - 1e-6);
    }
}
