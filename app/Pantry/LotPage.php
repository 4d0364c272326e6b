<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use App\Ground\Wording;
use App\Models\Lot;
use App\Models\LotEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\Tools;

/**
 * One lot of the pantry: how much is left, until when, what it is, what became of it.
 *
 * @phpstan-type LotRow array{id: int, when: string, what: string, value: string, undone: bool, undoable: bool}
 */
final readonly class LotPage
{
    /**
     * @param  list<string>  $contents
     * @param  list<string>  $formulas
     * @param  list<LotRow>  $log
     */
    private function __construct(
        public Lot $lot,
        public string $name,
        public string $clientKey,
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
    ) {
    }

    public static function of(Lot $lot): self
    {
        $wording = app(Wording::class);

        return new self(
            $lot,
            self::nameOf($lot, $wording),
            (string) Str::uuid(),
            $wording->grams($lot->grams_left),
            self::date($lot, $wording),
            self::isOver($lot),
            self::lifeLeft($lot),
            self::contents($lot, $wording),
            LotBook::formulasNaming($lot),
            self::log($lot, $wording),
            self::tooStrong($lot, $wording),
            $lot->preparation === null ? '' : say("preparations.{$lot->preparation->method}.caution"),
            $lot->price === null
                ? ''
                : say(
                    'pantry.cost',
                    [
                        'price' => $wording->money($lot->price),
                        'per_100' => $wording->money(100 * $lot->price / $lot->grams),
                    ],
                ), self::vessel($lot, 220),
        );
    }

    /** Something bought goes by the catalogue's name in the language chosen, all else by the name it was given. */
    public static function nameOf(Lot $lot, Wording $wording): string
    {
        return $lot->kind === 'bought' && app(Catalogue::class)->has((string) $lot->ingredient)
            ? $wording->ingredient((string) $lot->ingredient)
            : $lot->name;
    }

    public static function isOver(Lot $lot): bool
    {
        return $lot->good_until !== null && $lot->good_until->lessThanOrEqualTo(Carbon::now());
    }

    public static function date(Lot $lot, Wording $wording): string
    {
        return match (true) {
            $lot->good_until === null => '',
            self::isOver($lot) => say($lot->kind === 'preparation' ? 'pantry.over' : 'pantry.past'),
            $lot->kind === 'preparation'
                && $lot->storage !== 'freezer' => say(
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

    /** Filled as far as there is some left. */
    public static function vessel(Lot $lot, float $stands = 120, float $tallest = 0.0): Section
    {
        $isOwnOil = $lot->kind === 'infused_oil';
        $ingredient = app(Catalogue::class)->has((string) $lot->ingredient)
            ? app(Catalogue::class)->get((string) $lot->ingredient)
            : null;
        $density = $isOwnOil ? 0.915 : $ingredient->bulk->density ?? $ingredient->bulk->spoonDensity ?? 1.0;
        $isBottled = $isOwnOil || ($lot->kind === 'bought' && ($ingredient?->isLiquid() ?? false));
        $shape = match (true) {
            $isBottled => 'bottle',
            $lot->kind === 'bought' => 'jar',
            default => $lot->storage === 'freezer' ? 'tub' : 'beaker',
        };
        $left = $lot->grams_left / $density;
        $material = $isOwnOil
            ? 'oil'
            : ($ingredient === null || $ingredient->kind->isWatery() ? 'water' : $ingredient->defaultPhase->value);

        return Section::draw(
            Profile::of($shape, max(1.0, $lot->grams / $density * 1.08)),
            $left > 0 ? [new Stratum('body', '', '', $material, $left, $isOwnOil ? 0.7 : 0.0)] : [],
            0,
            $stands,
            closed: $isBottled || $shape === 'jar',
            tallest: $tallest,
        );
    }

    /** What is left of it in a word: "14 h", "5 months", "past". */
    public static function brief(Lot $lot, Wording $wording): string
    {
        return match (true) {
            $lot->good_until === null => '',
            self::isOver($lot) => say('today.brief_over'),
            $lot->kind === 'preparation' && $lot->storage !== 'freezer' => $wording->hoursLeft($lot->good_until),
            default => $wording->days(Carbon::now()->diffInDays($lot->good_until)),
        };
    }

    /** @return list<string> */
    private static function contents(Lot $lot, Wording $wording): array
    {
        if ($lot->document === null) {
            return [$wording->ingredient((string) $lot->ingredient)];
        }
        $composition = (new Weighing(
            app(Catalogue::class),
            app(Tools::class),
        ))->of(FormulaDocument::read($lot->document));

        return array_map(static fn ($line): string => ($line->ingredient === null ? $line->line
            ->spokenOf() : $wording
            ->ingredient($line->ingredient->key))
            .($line->percent() === null ? ', '.say('words.phase_means.infusion') : ' '.$wording->percent(round(
                $line->percent()->likely,
                1,
            ))), $composition->lines);
    }

    /** @return list<LotRow> the latest first */
    private static function log(Lot $lot, Wording $wording): array
    {
        $undone = $lot->entries->where('kind', 'undo')->pluck('subject')->all();
        $rows = [];
        foreach ($lot->entries->sortByDesc('id') as $entry) {
            $isUndone = in_array((string) $entry->id, $undone, true);
            $rows[] = [
                'id' => $entry->id,
                'when' => $wording->moment($entry->happened_at),
                'what' => say("pantry.log.$entry->kind"),
                'value' => self::value($entry, $wording),
                'undone' => $isUndone, 'undoable' => ! $isUndone && $entry->kind !== 'undo' && ! $entry->isOfBatch(),
            ];
        }

        return $rows;
    }

    private static function value(LotEntry $entry, Wording $wording): string
    {
        return match ($entry->kind) {
            'moved' => say("pantry.stands.$entry->subject"),
            'undo', 'opened' => '',
            'counted' => say('pantry.counted', ['grams' => $wording->grams((float) $entry->grams)]),
            default => implode(', ', array_filter([
                $wording->grams((float) $entry->grams),
                $entry->isOfBatch() ? say('pantry.batch', ['code' => $entry->subject]) : $entry->subject,
            ], static fn (string $said): bool => $said !== '')),
        };
    }

    /** What its plants may be at most, and how to get there. */
    private static function tooStrong(Lot $lot, Wording $wording): string
    {
        $limit = $lot->document === null ? null : self::limit($lot);
        if ($limit === null || $lot->strength === null || $lot->strength <= $limit || $limit <= 0) {
            return '';
        }

        return say(
            'pantry.too_strong',
            [
                'strength' => $wording->number($lot->strength, 1),
                'limit' => $wording->number($limit, 1),
                'grams' => $wording->grams(round(Alligation::toAdd($lot->grams_left, $lot->strength, $limit))),
            ],
        );
    }

    /** Strength at which one of its plants reaches its ceiling, their proportions taken as they went in. */
    private static function limit(Lot $lot): ?float
    {
        $composition = (new Weighing(
            app(Catalogue::class),
            app(Tools::class),
        ))->of(FormulaDocument::read($lot->document));
        $plants = array_values(array_filter(
            $composition->lines,
            static fn ($line): bool => ! $line->isInBatch()
                && $line->grams !== null
                && $line->ingredient?->use !== null,
        ));
        $total = array_sum(array_map(static fn ($line): float => $line->grams->likely ?? 0.0, $plants));
        $limits = array_map(
            static fn ($line): float => ($line->ingredient->use->max ?? INF) * $total / max(
                1e-9,
                $line->grams->likely ?? 0.0,
            ),
            $plants,
        );

        return $limits === [] ? null : min($limits);
    }
}
