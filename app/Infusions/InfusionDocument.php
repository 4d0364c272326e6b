<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\FindingDocument;
use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\Schedule;
use Ilvane\Core\Infusion\StrengthPoint;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Infusion\InfusionRules;

/** Writes the open form ilvane.infusion/1. */
final readonly class InfusionDocument
{
    public const FORMAT = 'ilvane.infusion/1';

    /** Digits kept: beyond them is floating-point noise. */
    private const DIGITS = 6;

    public function __construct(private FindingDocument $findings)
    {
    }

    /** @return array<string, mixed> */
    public function of(Infusion $infusion): array
    {
        $plan = $infusion->plan;
        $day = static fn (?float $day): ?float => $day === null ? null : self::round(Schedule::shown($day, $plan));
        $headspace = $infusion->room->headspace();
        $add = $infusion->plainOilToAdd();

        return [
            'format' => self::FORMAT,
            'fits' => $infusion->fullest->fits(),
            'covered' => $infusion->emptiest->isCovered(),
            'headspace_percent' => $headspace === null ? null : round($headspace, 1),
            'strength' => array_map(static fn (StrengthPoint $point): array => [
                'day' => self::round($point->day), 'minute' => self::round($point->day * Extraction::MINUTES_PER_DAY),
                'extracted' => self::round($point->extracted),
                'kept' => self::round($point->kept),
                'index' => self::round($point->index),
            ], $infusion->points()),
            'earliest_day' => $day($infusion->earliestDay),
            'ready_day' => $day($infusion->readyDay),
            'ready_between' => array_map($day, $infusion->readyBetween()),
            'too_strong_day' => $day($infusion->tooStrongDay),
            'yield_g' => self::band($infusion->yield),
            'keeps_days' => $infusion->keepsDays(),
            'schedule' => array_map(static fn (array $entry): array => [
                'day' => self::round($entry['day']),
                ...($plan->inMinutes ? ['minute' => self::round($entry['day'] * Extraction::MINUTES_PER_DAY)] : []),
                'what' => $entry['what'],
            ], Schedule::of($infusion)),
            'dilution' => [
                'add_oil_g' => $add === null ? null : round($add, 1),
                'to_strength' => $infusion->aim() === null ? null : self::round($infusion->aim()),
                'stop_day' => $infusion->stopDay() === null ? null : self::round($infusion->stopDay()),
            ],
            'water_to_drive_out_g' => round($infusion->waterToDriveOut(), 1),
            'findings' => array_map($this->findings->of(...), InfusionRules::examine($infusion)),
        ];
    }

    /** @return array{low: float, likely: float, high: float} */
    private static function band(Band $band): array
    {
        return [
            'low' => self::round($band->low),
            'likely' => self::round($band->likely),
            'high' => self::round($band->high),
        ];
    }

    private static function round(float $value): float
    {
        return round($value, self::DIGITS);
    }
}
