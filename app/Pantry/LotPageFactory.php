<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use App\Ground\Wording;
use App\Models\Enums\LotEntryKind;
use App\Models\Enums\LotKind;
use App\Models\Lot;
use App\Models\LotEntry;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\Tools;

/**
 * Builds what LotPage shows.
 *
 * @phpstan-import-type LotRow from LotPage
 */
final readonly class LotPageFactory
{
    public function __construct(
        private Wording $wording,
        private Catalogue $catalogue,
        private Tools $tools,
        private Thinning $thinning,
        private SkinDiary $diary,
        private LeftOvers $leftOvers,
    ) {
    }

    public function of(Lot $lot): LotPage
    {
        $wording = $this->wording;

        return new LotPage(
            lot: $lot,
            name: $this->nameOf($lot, $wording),
            clientKey: (string) Str::uuid(),
            now: self::now($lot, $wording),
            left: $wording->grams($lot->grams_left),
            date: LotPage::date($lot, $wording),
            isOver: LotPage::isOver($lot),
            lifeLeft: LotPage::lifeLeft($lot),
            contents: $this->contents($lot, $wording),
            formulas: LotBook::formulasNaming($lot),
            log: self::log($lot, $wording),
            tooStrong: $this->tooStrong($lot, $wording),
            caution: $lot->preparation === null ? '' : say("preparations.{$lot->preparation->method}.caution"),
            cost: $lot->price === null
                ? ''
                : say('pantry.cost', [
                    'price' => $wording->money($lot->price),
                    'per_100' => $wording->money(100 * $lot->price / $lot->grams),
                ]),
            vessel: $this->vessel($lot, 220),
            thin: $this->thinning->proposed($lot),
            skin: $this->skin($lot),
            leftOver: $this->leftOvers->of($lot),
        );
    }

    /** @return array{said: string}|null */
    private function skin(Lot $lot): ?array
    {
        $hot = $this->diary->hotOf($lot);

        return $hot === [] || (float) $lot->strength <= 0.0
            ? null
            : ['said' => $this->diary->said($this->diary->limit($hot))];
    }

    /** @return list<string> */
    private static function now(Lot $lot, Wording $wording): array
    {
        $came = $lot->kind === LotKind::Bought ? 'pantry.bought_when' : 'pantry.made';
        $now = [say($came, ['when' => $wording->ago($lot->made_at)]), say("pantry.stands.{$lot->storage->value}")];
        if ($lot->portion_grams !== null) {
            $now[] = say('pantry.cubes', [
                'count' => (int) round($lot->grams_left / $lot->portion_grams),
                'grams' => $wording->grams($lot->portion_grams),
            ]);
        }

        return $now;
    }

    /** Something bought goes by the catalogue's name in the language chosen, all else by the name it was given. */
    public function nameOf(Lot $lot, Wording $wording): string
    {
        return $lot->kind === LotKind::Bought && $this->catalogue->has((string) $lot->ingredient)
            ? $wording->ingredient((string) $lot->ingredient)
            : $lot->name;
    }

    /** Filled as far as there is some left. */
    public function vessel(Lot $lot, float $stands = 120, float $tallest = 0.0): Section
    {
        $isOwnOil = $lot->kind === LotKind::InfusedOil;
        $ingredient = $this->catalogue->has((string) $lot->ingredient)
            ? $this->catalogue->get((string) $lot->ingredient)
            : null;
        $density = $isOwnOil ? 0.915 : $ingredient->bulk->density ?? $ingredient->bulk->spoonDensity ?? 1.0;
        $isBottled = $isOwnOil || ($lot->kind === LotKind::Bought && ($ingredient?->isLiquid() ?? false));
        $shape = match (true) {
            $isBottled => 'bottle',
            $lot->kind === LotKind::Bought => 'jar',
            default => $lot->storage === Storage::Freezer ? 'tub' : 'beaker',
        };
        $left = $lot->grams_left / $density;
        $material = $isOwnOil
            ? 'oil'
            : ($ingredient === null || $ingredient->kind->isWatery() ? 'water' : $ingredient->defaultPhase->value);

        return Section::draw(
            Profile::of($shape, max(1.0, $lot->grams / $density * 1.08)),
            $left > 0
                ? [new Stratum(
                    'body',
                    '',
                    '',
                    $lot->left_of === null ? $material : 'steeping',
                    $left,
                    $isOwnOil ? 0.7 : 0.0,
                )]
                : [],
            0,
            $stands,
            closed: $isBottled || $shape === 'jar',
            tallest: $tallest,
        );
    }

    /** @return list<string> */
    private function contents(Lot $lot, Wording $wording): array
    {
        if ($lot->document === null) {
            return [$wording->ingredient((string) $lot->ingredient)];
        }
        $composition = (new Weighing(
            $this->catalogue,
            $this->tools,
        ))->of(FormulaDocument::read($lot->document));

        // what was made as a part is told by what went into it
        return array_map(static fn (WeighedLine $line): string => ($line->ingredient === null
            ? $line->line->spokenOf()
            : $wording->ingredient($line->ingredient->key)).match (true) {
                $line->insideKey !== null => $line->grams === null ? '' : ' '.$wording->grams($line->grams->likely),
                $line->percent() === null => ', '.say('words.phase_means.infusion'),
                default => ' '.$wording->percent(round($line->percent()->likely, 1)),
            }, isset($lot->document['parts']) ? $composition->parts[0]->lines : $composition->lines);
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
                'what' => say("pantry.log.{$entry->kind->value}"),
                'value' => self::value($entry, $wording),
                'undone' => $isUndone,
                'undoable' => ! $isUndone && $entry->kind !== LotEntryKind::Undo && ! $entry->isOfBatch(),
            ];
        }

        return $rows;
    }

    private static function value(LotEntry $entry, Wording $wording): string
    {
        return match ($entry->kind->value) {
            'moved' => say("pantry.stands.$entry->subject"),
            'tried' => implode(', ', array_filter([
                $wording->number((float) $entry->minutes, 0).' min',
                say("pantry.skin.is.$entry->subject"),
                $entry->note,
            ])),
            'undo', 'opened' => '',
            'counted' => say('pantry.counted', ['grams' => $wording->grams((float) $entry->grams)]),
            default => implode(', ', array_filter([
                $wording->grams((float) $entry->grams),
                $entry->isOfBatch() ? say('pantry.batch', ['code' => $entry->subject]) : $entry->subject,
            ], static fn (string $said): bool => $said !== '')),
        };
    }

    /** What its plants may be at most, and how to get there. */
    private function tooStrong(Lot $lot, Wording $wording): string
    {
        $limit = $this->thinning->limit($lot);
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
}
