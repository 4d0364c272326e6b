<?php

declare(strict_types=1);

namespace Ilvane\Core\ShelfLife;

use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Process\Conditions;

/**
 * What samples of a batch did in the cold, in the room and in the warm, told in days of the room: a day at 40 °C stands
 * for
 * 2^((40 - 20)/10) = 4 there (ASTM F1980's rule, recalled). Good for what turns slowly by chemistry; parting, graining
 * and
 * microbes have rules of their own, so what fails in the warm is a warning and what holds there no promise.
 */
final readonly class StabilityTest
{
    /** Days to look: often at first. Common practice: twelve weeks. */
    public const LOOK_ON = [1, 7, 14, 28, 56, 84];

    /** Where samples stand, °C. */
    public const PLACES = ['cold' => 5.0, 'room' => 20.0, 'warm' => 40.0];

    /**
     * @param  array{place: string, day: float, look: string}|null  $failed  the first that was not sound, in days of
     *   the room
     * @param  float  $held  days of the room it was sound for, before that
     */
    private function __construct(public ?array $failed, public float $held)
    {
    }

    /** @param  list<array{place: string, day: float, look: string}>  $sightings  look: "sound", or what was wrong */
    public static function of(array $sightings): self
    {
        $failed = null;
        foreach ($sightings as $seen) {
            if (
                $seen['look'] !== 'sound'
                && ($failed === null || self::inRoom(
                    $seen['place'],
                    $seen['day'],
                ) < self::inRoom($failed['place'], $failed['day']))
            ) {
                $failed = $seen;
            }
        }
        $held = 0.0;
        foreach ($sightings as $seen) {
            $days = self::inRoom($seen['place'], $seen['day']);
            if (
                $seen['look'] === 'sound'
                && ($failed === null || $days <= self::inRoom($failed['place'], $failed['day']))
            ) {
                $held = max($held, $days);
            }
        }

        return new self($failed, $held);
    }

    /** Days in the room that so many days in a place stand for. */
    public static function inRoom(string $place, float $days): float
    {
        return $days * Oxidation::ageingFactor(self::PLACES[$place], Conditions::ROOM_C);
    }

    /**
     * The next day on which any sample is to be looked at; null when all are done.
     *
     * @param  array<string, list<float>>  $seen  days already looked at, by place; a place without any was never filled
     */
    public static function nextLook(array $seen): ?int
    {
        $next = null;
        foreach ($seen as $days) {
            foreach (self::LOOK_ON as $day) {
                if ($days === [] || max($days) < $day) {
                    $next = $next === null ? $day : min($next, $day);
                    break;
                }
            }
        }

        return $next;
    }
}
