<?php

declare(strict_types=1);

namespace Ilvane\Core\Project;

use DateInterval;
use DateTimeImmutable;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\Part;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Process\Step;

/**
 * Every start of a formula with parts, counted back from the hour its making begins: how long a part takes by its own
 * steps, else as its kind usually does (data/parts.csv), and how long it has to be finished before. Nobody is woken: an
 * hour of the night becomes the evening before, where it is still good then.
 */
final class CountingBack
{
    /** Hours of the day hands are free. A usual day. */
    private const WAKES = 7;

    private const SLEEPS = 22;

    private const EVENING = 21;

    /** @var array<string, Start> by key of the part */
    private array $starts = [];

    /** @param  list<string>  $covered  keys of parts that are there already */
    private function __construct(
        private readonly Formula $formula,
        private readonly Catalogue $catalogue,
        private readonly array $covered,
    ) {
    }

    /**
     * @param  DateTimeImmutable  $begin  the making of the product begins
     * @param  list<string>  $covered  keys of parts that are there already
     * @return list<Start> what has to be begun, the soonest first
     */
    public static function of(
        Formula $formula,
        DateTimeImmutable $begin,
        Catalogue $catalogue,
        array $covered = [],
    ): array {
        $counting = new self($formula, $catalogue, $covered);
        foreach (self::used($formula->lines) as $key) {
            $counting->need($key, $begin);
        }
        $starts = array_values($counting->starts);
        usort($starts, static fn (Start $a, Start $b): int => $a->begin <=> $b->begin);

        return $starts;
    }

    /**
     * The first hour the making of the product can begin when everything is begun now.
     *
     * @param  list<string>  $covered
     */
    public static function earliest(
        Formula $formula,
        DateTimeImmutable $now,
        Catalogue $catalogue,
        array $covered = [],
    ): DateTimeImmutable {
        $counting = new self($formula, $catalogue, $covered);
        $first = $now;
        foreach (self::used($formula->lines) as $key) {
            $first = max($first, $counting->soonest($key, $now));
        }

        return self::awake($first);
    }

    /** A part several things take of is there for the first of them. */
    private function need(string $key, DateTimeImmutable $at): void
    {
        $part = $this->formula->part($key);
        $known = $this->starts[$key] ?? null;
        if ($part === null || in_array($key, $this->covered, true) || ($known !== null && $known->neededAt <= $at)) {
            return;
        }
        $this->starts[$key] = $start = $this->start($part, $at);
        foreach ($part->uses() as $inner) {
            $this->need($inner, $start->begin);
        }
    }

    private function start(Part $part, DateTimeImmutable $at): Start
    {
        $takes = self::minutes($this->takes($part));
        $ready = $at->sub(self::minutes($part->readyBeforeMinutes));
        $begin = $ready->sub($takes);
        $life = $this->hours($part);
        $until = static fn (DateTimeImmutable $made): ?DateTimeImmutable => $life === null
            ? null
            : $made->add(self::minutes(60 * $life));
        $evening = self::isNight($begin) ? self::eveningBefore($begin) : $begin;
        $earlier = $evening->add($takes);
        $isBeforeNight = $evening < $begin && ($until($earlier) ?? $at) >= $at;

        return $isBeforeNight
            ? new Start($part, $evening, $earlier, $at, self::isSaid($part), $until($earlier), true)
            : new Start($part, $begin, $ready, $at, self::isSaid($part), $until($ready), false);
    }

    private function soonest(string $key, DateTimeImmutable $now): DateTimeImmutable
    {
        $part = $this->formula->part($key);
        if ($part === null || in_array($key, $this->covered, true)) {
            return $now;
        }
        $from = $now;
        foreach ($part->uses() as $inner) {
            $from = max($from, $this->soonest($inner, $now));
        }

        return $from->add(self::minutes($this->takes($part) + $part->readyBeforeMinutes));
    }

    private function takes(Part $part): float
    {
        return self::minutesOf($part, $this->catalogue);
    }

    /** Minutes from the first hand on it until it can be used. */
    public static function minutesOf(Part $part, Catalogue $catalogue): float
    {
        return self::isSaid($part)
            ? array_sum(array_map(static fn (Step $step): float => $step->takes(), $part->process->steps)) / 60
            : $catalogue->partDefaults($part->makes->value)->usualMinutes;
    }

    private static function isSaid(Part $part): bool
    {
        return array_filter($part->process->steps, static fn (Step $step): bool => $step->seconds !== null) !== [];
    }

    private function hours(Part $part): ?float
    {
        $days = $this->catalogue->partDefaults($part->makes->value)->fridgeDays;

        return $part->goodForHours ?? ($days === null ? null : 24 * $days);
    }

    /**
     * @param  list<Line>  $lines
     * @return list<string>
     */
    private static function used(array $lines): array
    {
        return array_values(array_unique(array_filter(
            array_map(static fn (Line $line): ?string => $line->part, $lines),
        )));
    }

    private static function isNight(DateTimeImmutable $at): bool
    {
        return (int) $at->format('G') < self::WAKES || (int) $at->format('G') >= self::SLEEPS;
    }

    private static function eveningBefore(DateTimeImmutable $at): DateTimeImmutable
    {
        $day = (int) $at->format('G') < self::WAKES ? $at->modify('-1 day') : $at;

        return $day->setTime(self::EVENING, 0);
    }

    /** The next hour somebody is up. */
    private static function awake(DateTimeImmutable $at): DateTimeImmutable
    {
        $hour = $at->format('i:s') === '00:00' ? $at : $at->setTime((int) $at->format('G') + 1, 0);
        if (! self::isNight($hour)) {
            return $hour;
        }

        return ((int) $hour->format('G') >= self::SLEEPS ? $hour->modify('+1 day') : $hour)->setTime(self::WAKES, 0);
    }

    private static function minutes(float $minutes): DateInterval
    {
        return new DateInterval('PT'.(int) round($minutes).'M');
    }
}
