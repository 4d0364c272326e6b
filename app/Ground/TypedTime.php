<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\Carbon;

/** Reads when something happened, as a page sends it, and refuses what can't be. */
final class TypedTime
{
    /** Two clocks are never quite the same. */
    private const SLACK_MINUTES = 5;

    public function __construct(private readonly Wording $wording)
    {
    }

    /**
     * @param  string  $typed  "2026-11-23T08:30" in the workroom's own time; "" for now
     *
     * @throws Refused
     */
    public function at(string $typed, Carbon $notBefore, string $field = 'when'): Carbon
    {
        $now = Carbon::now();
        $typed = trim($typed);
        if ($typed === '') {
            return max($now, $notBefore);
        }
        if (
            preg_match('/^(\d{4}-\d\d-\d\d)(?:[T ](\d\d:\d\d))?(?::\d\d)?$/', $typed, $part) !== 1
            || ! checkdate((int) substr($part[1], 5, 2), (int) substr($part[1], 8, 2), (int) substr($part[1], 0, 4))
        ) {
            throw Refused::noTime($field);
        }
        $at = Carbon::parse($part[1].' '.($part[2] ?? '12:00'));
        // a bare day is that day: not later than now, not before the beginning
        if (! isset($part[2])) {
            $at = $at->isSameDay($now) ? $now : ($at->isSameDay($notBefore) ? max($at, $notBefore) : $at);
        }
        if ($at->greaterThan($now->copy()->addMinutes(self::SLACK_MINUTES))) {
            throw Refused::inTheFuture($field);
        }
        if ($at->lessThan($notBefore->copy()->subMinutes(self::SLACK_MINUTES))) {
            throw Refused::beforeTheStart($field, $this->wording->shortDate($notBefore));
        }

        return max($at, $notBefore);
    }

    /**
     * A bare day, past or to come.
     *
     * @throws Refused
     */
    public static function day(string $typed, string $field): Carbon
    {
        $isDay = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', trim($typed), $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);

        return $isDay ? Carbon::parse(trim($typed))->startOfDay() : throw Refused::noDay($field);
    }
}
