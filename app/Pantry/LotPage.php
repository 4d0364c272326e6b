<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Drawing\Section;
use App\Ground\Wording;
use App\Models\Enums\LotKind;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Person\SkinLimit;

/**
 * One lot of the pantry: how much is left, until when, what it is, what became of it.
 *
 * @phpstan-import-type Proposed from Thinning
 *
 * @phpstan-type LotRow array{id: int, when: string, what: string, value: string, undone: bool, undoable: bool}
 */
final readonly class LotPage
{
    /**
     * @param  list<string>  $now  when it came, where it stands, in how many cubes
     * @param  list<string>  $contents
     * @param  list<string>  $formulas
     * @param  list<LotRow>  $log
     * @param  Proposed|null  $thin  how it would be thinned
     * @param  array{what: string, uses: string, days: string, lot: Lot|null, of: string,
     *   drawsAgain: bool}|null  $leftOver  what was
     *   strained out of it, or what it was strained out of
     * @param  array{said: string}|null  $skin  what the diary says of its plants; null for what isn't hot
     */
    public function __construct(
        public Lot $lot,
        public string $name,
        public string $clientKey,
        public array $now,
        public string $left,
        public string $date,
        public bool $isOver,
        public float $lifeLeft,
        public array $contents,
        public array $formulas,
        public array $log,
        public string $tooStrong,
        public string $caution,
        public string $cost,
        public Section $vessel,
        public ?array $thin,
        public ?array $skin,
        public ?array $leftOver,
    ) {
    }

    /** @return list<string> how a hot oil may feel */
    public static function felt(): array
    {
        return SkinLimit::FELT;
    }

    public static function isOver(Lot $lot): bool
    {
        return $lot->good_until !== null && $lot->good_until->lessThanOrEqualTo(Carbon::now());
    }

    public static function date(Lot $lot, Wording $wording): string
    {
        return match (true) {
            $lot->good_until === null => '',
            self::isOver($lot) => say($lot->kind === LotKind::Preparation ? 'pantry.over' : 'pantry.past'),
            $lot->kind === LotKind::Preparation
                && $lot->storage !== Storage::Freezer => say(
                    'pantry.hours_left',
                    ['time' => $wording->hoursLeft($lot->good_until)],
                ),
            default => say('pantry.good_until', ['date' => $wording->shortDate($lot->good_until)]),
        };
    }

    /** Of the life it had, 0 to 1. */
    public static function lifeLeft(Lot $lot): float
    {
        if ($lot->good_until === null) {
            return 1.0;
        }
        $whole = $lot->good_until->getTimestamp() - $lot->made_at->getTimestamp();

        return $whole <= 0
            ? 0.0
            : max(0.0, min(1.0, ($lot->good_until->getTimestamp() - Carbon::now()->getTimestamp()) / $whole));
    }

    /** What is left of it in a word: "14 h", "5 months", "past". */
    public static function brief(Lot $lot, Wording $wording): string
    {
        return match (true) {
            $lot->good_until === null => '',
            self::isOver($lot) => say('today.brief_over'),
            $lot->kind === LotKind::Preparation
                && $lot->storage !== Storage::Freezer => $wording->hoursLeft($lot->good_until),
            default => $wording->days(Carbon::now()->diffInDays($lot->good_until)),
        };
    }
}
