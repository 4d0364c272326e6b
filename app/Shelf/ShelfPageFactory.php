<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Section;
use App\Ground\NotUndone;
use App\Ground\Settings;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Make\Container;
use App\Make\Containers;
use App\Make\MakeState;
use App\Make\MakeStateFactory;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Enums\ShelfEntryKind;
use App\Models\ShelfEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\ShelfLife\ShelfLife;

/**
 * Builds what ShelfPage shows.
 *
 * @phpstan-import-type Row from ShelfPage
 * @phpstan-import-type Filled from ShelfPage
 */
final readonly class ShelfPageFactory
{
    /** Freezing can part them. Common practice. */
    private const PARTS_FROZEN = [Family::LeaveInEmulsion, Family::Gel];

    /** Drawing units a container stands high, and what is drawn so high, mm. */
    private const STANDS = 110.0;

    private const TALLEST_MM = 130.0;

    private const DRAWN = 8;

    /** Part of a container that is no container any more. */
    private const CRUMB = 0.02;

    public function __construct(
        private Wording $wording,
        private ReleaseFactory $releases,
        private MakeStateFactory $makeStates,
        private Vessels $vessels,
    ) {
    }

    public function of(Batch $batch): ShelfPage
    {
        $wording = $this->wording;
        $perJar = Outcome::filled($batch) / ShelfBook::containers($batch);
        $state = $this->makeStates->of($batch);
        $is = Containers::of($batch);

        return new ShelfPage(
            (string) Str::uuid(), $wording->grams((float) $batch->grams_left), self::jars(
                $batch,
                $perJar,
                $wording,
            ), $batch->stands, ShelfPage::lifeLeft($batch), round($perJar, 1), $batch->gone_at !== null,
            self::log($batch, $wording),
            self::cost($batch, $wording),
            DriftChart::of($batch->version->formula, $wording),
            $this->releases->of($batch),
            self::out($batch, $wording),
            is_string($who = Settings::values('maker')['name'] ?? '')
                ? $who
                : '',
            array_map(fn (Container $one): array => $this->filled($one, $batch, $state), $is->standing()),
            $is->hasRest() ? $wording->grams($is->rest) : '',
            $is->isSplit(),
            [
                'count' => (string) max(1, (int) floor($is->rest / max(1e-9, $perJar) + self::CRUMB)),
                'grams' => Amount::plain(floor(10 * min($is->rest, $perJar)) / 10),
                'what' => self::usualKind($state->formula->family),
                'storage' => ShelfLife::storage(
                    $state->formula,
                    Regime::tryFrom(Outcome::of($batch)['evaluation']['regime']) ?? Regime::Fresh,
                )->value,
            ],
            in_array($state->formula->family, self::PARTS_FROZEN, true),
        );
    }

    /** @return Filled */
    private function filled(Container $one, Batch $batch, MakeState $state): array
    {
        $wording = $this->wording;
        $made = ($batch->finished_at ?? $batch->started_at)->copy()->startOfDay();
        $days = $one->until === null ? 0.0 : Carbon::now()->startOfDay()->diffInDays($one->until);

        return [
            'letter' => $one->letter,
            'what' => trans_choice("shelf.split.of.$one->what", $one->count),
            'count' => $one->left >= $one->count * $one->grams - Container::CRUMBS_G
                ? ''
                : say('shelf.split.left', ['left' => $wording->number($one->countLeft(), 1)]),
            'each' => $wording->grams($one->grams),
            'place' => say('pantry.stands.'.$one->storage()->value).($one->stands === '' ? '' : ", $one->stands"),
            'storage' => $one->storage()->value,
            'until' => $one->until === null
                ? say('ui.shelf.no_date')
                : say('pantry.good_until', ['date' => $wording->date($one->until)]),
            'isOver' => $one->until !== null && $days < 0,
            'life' => $one->until === null
                ? 0.0
                : max(0.0, min(1.0, $days / max(1.0, $made->diffInDays($one->until)))),
            'perOne' => $one->grams,
            'left' => $one->left,
            'thaws' => $one->storage() === Storage::Freezer,
            'thawed' => $one->from === '' ? '' : say('shelf.split.thawed', ['letter' => $one->from]),
            'vessels' => $this->drawn($one, $state),
        ];
    }

    /**
     * One drawing for each that isn't empty, as far as they can be told apart: the full ones, then the one in use.
     *
     * @return list<Section>
     */
    private function drawn(Container $one, MakeState $state): array
    {
        $count = min(self::DRAWN, (int) ceil($one->left / $one->grams - self::CRUMB));

        return array_map(fn (int $i): Section => $this->vessels->container(
            $state->composition,
            Container::SHAPES[$one->what] ?? 'jar',
            $one->grams,
            min(1.0, $one->left / $one->grams - ($count - 1 - $i)),
            self::STANDS,
            self::TALLEST_MM,
        ), range(0, max(0, $count - 1)));
    }

    private static function usualKind(Family $family): string
    {
        return match (true) {
            $family === Family::FrozenBar => 'cube',
            $family === Family::WaterSpray => 'spray',
            default => Vessels::keeping($family),
        };
    }

    private static function jars(Batch $batch, float $perJar, Wording $wording): string
    {
        $of = ShelfBook::containers($batch);

        return $of < 2 || $perJar <= 0
            ? ''
            : say(
                'shelf.jars',
                ['left' => $wording->number((float) $batch->grams_left / $perJar, 1), 'of' => (string) $of],
            );
    }

    /** @return list<string> what was given and sold of it */
    private static function out(Batch $batch, Wording $wording): array
    {
        $out = array_filter(
            NotUndone::of($batch->shelfEntries),
            static fn (ShelfEntry $entry): bool => in_array(
                $entry->kind,
                [ShelfEntryKind::Gifted, ShelfEntryKind::Sold],
                true,
            ),
        );

        return array_values(array_map(
            static fn (ShelfEntry $entry): string => $wording
                ->date($entry->happened_at).': '.say("shelf.did.{$entry->kind->value}").' '.$wording
                ->grams((float) $entry->grams)
                    .($entry->subject === '' ? ', '.say('shelf.release.unknown_who') : ", $entry->subject"),
            $out,
        ));
    }

    /** @return list<Row> */
    private static function log(Batch $batch, Wording $wording): array
    {
        $undone = NotUndone::undone($batch->shelfEntries);

        return array_values($batch->shelfEntries
            ->where('kind', '<>', 'undo')
            ->sortByDesc('id')
            ->map(static fn (ShelfEntry $entry): array => [
                'id' => $entry->id,
                'when' => $wording->moment($entry->happened_at),
                'what' => say("shelf.did.{$entry->kind->value}"),
                'value' => self::value($entry, $wording),
                'undone' => in_array((string) $entry->id, $undone, true),
                'undoable' => ! in_array((string) $entry->id, $undone, true),
            ])->all());
    }

    private static function value(ShelfEntry $entry, Wording $wording): string
    {
        return implode(', ', array_filter([
            $entry->container,
            $entry->grams === null ? '' : $wording->grams($entry->grams),
            $entry->kind === ShelfEntryKind::Hair ? say("shelf.hair.$entry->subject") : $entry->subject,
            $entry->price === null ? '' : $wording->money($entry->price),
            $entry->note,
        ], static fn (string $part): bool => $part !== ''));
    }

    /** @return array{jar: string, per_100: string, all: string, missing: string}|null */
    private static function cost(Batch $batch, Wording $wording): ?array
    {
        $cost = Outcome::of($batch)['cost'] ?? null;
        $filled = Outcome::filled($batch);
        if ($cost === null || $filled <= 0 || ($cost['known'] <= 0 && $cost['unpriced'] !== [])) {
            return null;
        }

        return [
            'all' => $wording->money($cost['known']),
            'jar' => $wording->money($cost['known'] / ShelfBook::containers($batch)),
            'per_100' => $wording->money(100 * $cost['known'] / $filled),
            'missing' => $cost['unpriced'] === []
                ? ''
                : say('shelf.unpriced', ['names' => $wording->together($cost['unpriced'])]),
        ];
    }
}
