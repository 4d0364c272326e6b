<?php

declare(strict_types=1);

namespace App\Backups;

use App\Ground\Wording;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The clock of this machine, held against what was written down last. It is said where they are far apart, and never
 * believed.
 */
final class ClockCheck
{
    /** What is told with the time it was told at. */
    private const TOLD = ['batch_entries', 'jar_entries', 'lot_entries', 'shelf_entries', 'observations'];

    /** Nobody's records are from so far ahead; a journey across all zones is shorter. */
    private const AHEAD_H = 26;

    /** Who comes back after so long is asked to look at the clock. */
    private const AWAY_D = 120;

    public function __construct(private readonly Wording $wording)
    {
    }

    /** A sentence where the clock can hardly be right, or nobody has written anything down for long; null otherwise. */
    public function doubt(): ?string
    {
        $newest = self::newest();
        $now = Carbon::now();
        if (
            $newest === null
            || ($newest
                ->lessThanOrEqualTo($now->copy()->addHours(self::AHEAD_H)) && $newest
                ->greaterThanOrEqualTo($now->copy()->subDays(self::AWAY_D)))
        ) {
            return null;
        }
        $wording = $this->wording;

        return say(
            $newest->greaterThan($now) ? 'backups.clock_behind' : 'backups.clock_ahead',
            ['now' => $wording->date($now), 'newest' => $wording->date($newest)],
        );
    }

    /** When the last of all records was written down. */
    private static function newest(): ?Carbon
    {
        $last = array_filter(
            array_map(
                static fn (string $table): mixed => DB::table($table)->orderByDesc('id')->value('recorded_at'),
                self::TOLD,
            ),
            is_string(...),
        );

        return $last === [] ? null : Carbon::parse(max($last));
    }
}
