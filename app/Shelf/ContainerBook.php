<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Refused;
use App\Ground\Wording;
use App\Make\Container;
use App\Make\Containers;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\ShelfEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\ShelfLife\ShelfLife;

/** Fills a finished batch into containers of its own place and date, puts them elsewhere, thaws them. */
final readonly class ContainerBook
{
    public const MOST_AT_ONCE = 4;

    private const MOST_ALIKE = 1000;

    public function __construct(
        private ShelfBook $shelf,
        private Wording $wording,
        private Evaluator $evaluator,
        private MakeStateFactory $makeStates,
    ) {
    }

    /**
     * @param  list<array{what: string, count: float|null, grams: float, storage: string, stands: string}>  $rows  rows
     *   without a count and grams are none
     *
     * @throws Refused when it is more than there is, or a row says only half
     */
    public function split(Batch $batch, array $rows, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($batch, $rows, $at, $clientKey): void {
            $batch->refresh()->load('shelfEntries');
            if (ShelfEntry::isTold(['batch_id' => $batch->id, 'kind' => 'split', 'client_key' => $clientKey])) {
                return;
            }
            $is = Containers::of($batch);
            $filled = [];
            $grams = 0.0;
            $letter = Containers::nextLetter($batch);
            foreach ($rows as $i => $row) {
                if ($row['count'] === null && $row['grams'] <= 0.0) {
                    continue;
                }
                $letter ??= throw Refused::containersFull("split.$i.count");
                $filled[] = ['letter' => $letter] + self::checked($row, $i);
                $letter = Containers::letterAfter($letter);
                $grams += (float) $row['count'] * $row['grams'];
                if ($grams > $is->rest + Container::CRUMBS_G) {
                    throw Refused::notSoMuchLeft("split.$i.grams", $this->wording->grams($is->rest));
                }
            }
            if ($filled === []) {
                throw Refused::noContainers('split.0.count');
            }
            $formula = $this->makeStates->of($batch->load('entries'))->formulaAsMade();
            $made = $batch->finished_at ?? $at;
            $places = $this->evaluator->places($formula, $made->toDateTimeImmutable());
            $regime = $this->evaluator->assess($formula, true)->preservation->regime;
            $this->shelf->add($batch, [
                'kind' => 'split',
                'subject' => mb_substr(implode('; ', array_map($this->said(...), $filled)), 0, 200),
                'containers' => (string) json_encode([
                    'stood' => ShelfLife::storage($formula, $regime)->value,
                    // without a date for all of it, none of its parts gets one
                    'days' => $is->whole() === null ? [] : $places->days,
                    'fresh' => $places->isFresh,
                    'whole' => $is->whole()?->toDateString(),
                    'filled' => $filled,
                ]),
                'client_key' => $clientKey,
                'happened_at' => $at->toDateTimeString(),
            ]);
        });
    }

    /**
     * Takes some out of the freezer; in the fridge they thaw over night.
     *
     * @throws Refused when there aren't so many left
     */
    public function thaw(Batch $batch, string $letter, float $count, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($batch, $letter, $count, $at, $clientKey): void {
            $batch->refresh()->load('shelfEntries');
            if (ShelfEntry::isTold([
                'batch_id' => $batch->id,
                'kind' => 'thawed',
                'container' => $letter,
                'client_key' => $clientKey,
            ])) {
                return;
            }
            $one = self::standing($batch, $letter);
            if ($one->storage() !== Storage::Freezer) {
                throw Refused::noContainer('count');
            }
            if ($count < 1 || floor($count) !== $count) {
                throw Refused::noCount('count');
            }
            $grams = min($one->left, $count * $one->grams);
            if ($count * $one->grams > $one->left + Container::CRUMBS_G) {
                throw Refused::notSoMuchLeft('count', $this->wording->grams($one->left));
            }
            $this->shelf->add($batch, [
                'kind' => 'thawed',
                'grams' => $grams,
                'subject' => '',
                'container' => $letter,
                'storage' => Storage::Fridge->value,
                'containers' => (string) json_encode(['filled' => [[
                    'letter' => Containers::nextLetter($batch) ?? throw Refused::containersFull('count'),
                    'what' => $one->what,
                    'count' => (int) $count,
                    'grams' => round($grams / $count, 4),
                    'storage' => Storage::Fridge->value,
                    'stands' => '',
                    'from' => $letter,
                ]]]),
                'client_key' => $clientKey,
                'happened_at' => $at->toDateTimeString(),
            ]);
        });
    }

    /** @throws Refused */
    public function move(
        Batch $batch,
        string $letter,
        string $storage,
        string $stands,
        Carbon $at,
        string $clientKey,
    ): void {
        $to = Storage::tryFrom($storage) ?? throw Refused::noShelf('storage');
        DB::transaction(function () use ($batch, $letter, $to, $stands, $at, $clientKey): void {
            self::standing($batch->refresh()->load('shelfEntries'), $letter);
            $stands = mb_substr(trim($stands), 0, 80);
            $this->shelf->add($batch, [
                'kind' => 'moved',
                'subject' => $stands === '' ? say("pantry.stands.$to->value") : $stands,
                'container' => $letter,
                'storage' => $to->value,
                'client_key' => $clientKey,
                'happened_at' => $at->toDateTimeString(),
            ]);
        });
    }

    /** @throws Refused */
    private static function standing(Batch $batch, string $letter): Container
    {
        $one = Containers::of($batch)->all[$letter] ?? null;

        return $one === null || $one->isGone() ? throw Refused::noContainer('container') : $one;
    }

    /**
     * @param  array{what: string, count: float|null, grams: float, storage: string, stands: string}  $row
     * @return array{what: string, count: int, grams: float, storage: string, stands: string}
     *
     * @throws Refused
     */
    private static function checked(array $row, int $i): array
    {
        $count = $row['count'] ?? 0.0;
        if ($count < 1 || $count > self::MOST_ALIKE || floor($count) !== $count) {
            throw Refused::noCount("split.$i.count");
        }
        if ($row['grams'] <= 0.0) {
            throw Refused::noGrams("split.$i.grams");
        }

        return [
            'what' => in_array($row['what'], Container::KINDS, true) ? $row['what'] : Container::KINDS[0],
            'count' => (int) $count,
            'grams' => $row['grams'],
            'storage' => (Storage::tryFrom($row['storage']) ?? throw Refused::noShelf("split.$i.storage"))->value,
            'stands' => mb_substr(trim($row['stands']), 0, 80),
        ];
    }

    /** @param  array{letter: string, what: string, count: int, grams: float}  $row */
    private function said(array $row): string
    {
        return "{$row['letter']}: ".trans_choice("shelf.split.of.{$row['what']}", $row['count'])
            .', '.$this->wording->grams($row['grams']);
    }
}
