<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Settings;
use App\Ground\Wording;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Enums\ShelfEntryKind;
use App\Models\ShelfEntry;
use Illuminate\Support\Str;

/**
 * Builds what ShelfPage shows.
 *
 * @phpstan-import-type Row from ShelfPage
 */
final readonly class ShelfPageFactory
{
    public function __construct(
        private Wording $wording,
        private ReleaseFactory $releases,
    ) {
    }

    public function of(Batch $batch): ShelfPage
    {
        $wording = $this->wording;
        $perJar = ShelfBook::filled($batch) / ShelfBook::containers($batch);

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
        );
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
        $filled = ShelfBook::filled($batch);
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
