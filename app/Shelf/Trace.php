<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Wording;
use App\Make\LotShares;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Enums\ShelfEntryKind;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\LotEntry;
use App\Models\ShelfEntry;
use App\Pantry\LotPageFactory;
use Illuminate\Support\Collection;

/**
 * From a batch back to every lot that went into it, and from a lot forward to every jar: what was taken from what, as
 * it was written down. What no lot was told for is a place of its own.
 *
 * @phpstan-type Node array{id: string, kind: string, code: string, name: string, grams: float|null}
 * @phpstan-type Edge array{from: string, to: string, grams: float|null}
 */
final class Trace
{
    /** Kind of a place nothing leads on from. */
    public const NO_LOT = 'none';

    /** Of one kind, at the most; more than a workroom ever hangs together by. */
    private const MOST = 500;

    /** @var array<string, Node> by id */
    public array $nodes = [];

    /** @var array<string, Edge> by "from>to" */
    public array $edges = [];

    public function __construct(
        private readonly Wording $wording,
        private readonly LotPageFactory $lotPages,
    ) {
    }

    /** @return $this with all that went into a batch */
    public function back(Batch $batch): self
    {
        $this->batches(new Collection([$batch]));
        $this->backFrom([$batch->code]);
        $this->withoutLot($batch);

        return $this;
    }

    /** @return $this with all that was made of a lot */
    public function forward(Lot $lot): self
    {
        $this->lots(new Collection([$lot]));
        $this->forwardFrom(new Collection([$lot]));

        return $this;
    }

    /** What went into a batch without a lot being told is a place of its own: nothing leads on from there. */
    private function withoutLot(Batch $batch): void
    {
        if (! $batch->isFinished()) {
            return;
        }
        $shares = LotShares::ofBatch($batch);
        foreach (Outcome::of($batch)['lines'] ?? [] as $line) {
            $grams = $shares[$line['line']]->none ?? 0.0;
            if ($grams > 0.0) {
                $id = 'none '.$line['line'];
                $name = $line['ingredient'] === null
                    ? $line['name']
                    : $this->wording->ingredient($line['ingredient']);
                $this->nodes[$id] = [
                    'id' => $id,
                    'kind' => self::NO_LOT,
                    'code' => '',
                    'name' => $name,
                    'grams' => $grams,
                ];
                $this->edge($id, "batch $batch->code", $grams);
            }
        }
    }

    /**
     * Finished batches with the same thing in them from no told lot, made since this lot is here: they may be of it.
     *
     * @return list<array{batch: Batch, grams: float}>
     */
    public static function mayBeOf(Lot $lot): array
    {
        if ($lot->ingredient === null) {
            return [];
        }
        $found = [];
        foreach (Batch::query()->where('status', 'finished')->where(
            'started_at',
            '>=',
            $lot->made_at->copy()->startOfDay()->toDateTimeString(),
        )->orderBy('code')->limit(self::MOST)->get() as $batch) {
            $grams = 0.0;
            $shares = null;
            foreach (Outcome::of($batch)['lines'] ?? [] as $line) {
                if ($line['ingredient'] === $lot->ingredient) {
                    $shares ??= LotShares::ofBatch($batch);
                    $grams += $shares[$line['line']]->none ?? 0.0;
                }
            }
            if ($grams > 0.0) {
                $found[] = ['batch' => $batch, 'grams' => $grams];
            }
        }

        return $found;
    }

    /** @return list<string> codes of the batches in it */
    public function batchCodes(): array
    {
        return array_values(array_map(
            static fn (array $node): string => $node['code'],
            array_filter($this->nodes, static fn (array $node): bool => $node['kind'] === 'batch'),
        ));
    }

    /** @param  list<string>  $codes  of what lots went into: batches, jars, lots */
    private function backFrom(array $codes): void
    {
        $taken = $this->taken('subject', $codes);
        $lots = Lot::query()
            ->with('jar')
            ->whereKey($taken->pluck('lot_id')->unique()->all())
            ->limit(self::MOST)
            ->get()
            ->keyBy('id');
        $fresh = $lots->reject(fn (Lot $lot): bool => isset($this->nodes["lot $lot->code"]));
        $this->lots($lots->values());
        foreach ($taken as $entry) {
            $lot = $lots->get($entry->lot_id);
            if ($lot !== null) {
                $this->edge("lot $lot->code", $this->idOf($entry->subject), $entry->grams);
            }
        }
        $next = [];
        foreach ($fresh as $lot) {
            if ($lot->left_of !== null) {
                $this->leftOf($lot);
                $next[] = (string) $lot->left_of;
            } elseif ($lot->jar !== null) {
                $this->jar($lot->jar);
                $this->edge('jar '.$lot->jar->code, "lot $lot->code", $lot->grams);
                $next[] = (string) $lot->jar->code;
            } else {
                $next[] = $lot->code;
            }
        }
        if ($next !== []) {
            $this->backFrom($next);
        }
    }

    /** @param  Collection<int, Lot>  $lots */
    private function forwardFrom(Collection $lots): void
    {
        $taken = $this->taken('lot_id', $lots->pluck('id')->all());
        $codes = $taken->pluck('subject')->unique()->all();
        $this->batches(Batch::query()->whereIn('code', $codes)->limit(self::MOST)->get());
        $jars = Jar::query()->whereIn('code', $codes)->with('lots')->limit(self::MOST)->get();
        $jars->each($this->jar(...));
        $made = Lot::query()->whereIn('code', $codes)->limit(self::MOST)->get();
        $kept = Lot::query()->whereIn('left_of', $lots->pluck('code')->all())->limit(self::MOST)->get();
        $next = $made
            ->concat($kept)
            ->concat($jars->flatMap(static fn (Jar $jar) => $jar->lots))
            ->reject(fn (Lot $lot): bool => isset($this->nodes["lot $lot->code"]))
            ->values();
        $this->lots($next);
        foreach ($taken as $entry) {
            $lot = $lots->firstWhere('id', $entry->lot_id);
            if ($lot !== null && isset($this->nodes[$this->idOf($entry->subject)])) {
                $this->edge("lot $lot->code", $this->idOf($entry->subject), $entry->grams);
            }
        }
        foreach ($kept as $lot) {
            $this->edge("lot $lot->left_of", "lot $lot->code", $lot->grams);
        }
        foreach ($jars as $jar) {
            foreach ($jar->lots as $lot) {
                $this->edge("jar $jar->code", "lot $lot->code", $lot->grams);
            }
        }
        if ($next->isNotEmpty()) {
            $this->forwardFrom($next);
        }
    }

    /** What it was strained out of, with the thread between them. */
    private function leftOf(Lot $lot): void
    {
        $of = Lot::query()->where('code', $lot->left_of)->with('jar')->first();
        if ($of === null) {
            return;
        }
        $this->lots(new Collection([$of]));
        $this->edge("lot $of->code", "lot $lot->code", $lot->grams);
        if ($of->jar !== null) {
            $this->jar($of->jar);
            $this->edge('jar '.$of->jar->code, "lot $of->code", $of->grams);
            $this->backFrom([(string) $of->jar->code]);
        }
    }

    /**
     * @param  string  $column  subject | lot_id
     * @param  array<mixed>  $values
     * @return Collection<int, LotEntry> not taken back
     */
    private function taken(string $column, array $values): Collection
    {
        /** @var Collection<int, LotEntry> */
        return LotEntry::query()->where('kind', 'used')->whereIn($column, $values)->whereNotExists(
            static fn ($undo) => $undo
                ->from('lot_entries as undo')
                ->whereColumn('undo.lot_id', 'lot_entries.lot_id')
                ->where('undo.kind', 'undo')
                ->whereRaw('undo.subject = CAST(lot_entries.id AS TEXT)'),
        )->orderBy('id')->limit(self::MOST)->get()->toBase();
    }

    /** @param  Collection<int, Batch>  $batches */
    private function batches(Collection $batches): void
    {
        foreach ($batches as $batch) {
            $this->nodes["batch $batch->code"] = [
                'id' => "batch $batch->code",
                'kind' => 'batch',
                'code' => $batch->code,
                'name' => is_string($batch->document['name'] ?? null) ? $batch->document['name'] : '',
                'grams' => $batch->grams_left,
            ];
        }
    }

    private function jar(Jar $jar): void
    {
        $this->nodes["jar $jar->code"] = [
            'id' => "jar $jar->code",
            'kind' => 'jar',
            'code' => (string) $jar->code,
            'name' => $jar->name,
            'grams' => null,
        ];
    }

    /** @param  Collection<int, Lot>  $lots */
    private function lots(Collection $lots): void
    {
        foreach ($lots as $lot) {
            $this->nodes["lot $lot->code"] ??= [
                'id' => "lot $lot->code",
                'kind' => $lot->kind->value,
                'code' => $lot->code,
                'name' => $this->lotPages->nameOf($lot, $this->wording),
                'grams' => $lot->grams_left,
            ];
        }
    }

    private function edge(string $from, string $to, ?float $grams): void
    {
        $this->edges["$from>$to"] ??= ['from' => $from, 'to' => $to, 'grams' => 0.0];
        $this->edges["$from>$to"]['grams'] += $grams ?? 0.0;
    }

    /** By its first letter: jars and lots have one, batches none. */
    private function idOf(string $code): string
    {
        return match ($code[0] ?? '') {
            'J' => "jar $code",
            'L' => "lot $code",
            default => "batch $code",
        };
    }

    /**
     * Where the batches in it are now and where they went: what to call back.
     *
     * @return list<array{batch: Batch, out: list<ShelfEntry>}>
     */
    public function recall(): array
    {
        return array_values(Batch::query()->whereIn(
            'code',
            $this->batchCodes(),
        )
            ->where('status', 'finished')
            ->with('shelfEntries')
            ->orderBy('code')
            ->get()
            ->map(static fn (Batch $batch): array => [
                'batch' => $batch,
                'out' => array_values(array_filter(
                    NotUndone::of($batch->shelfEntries),
                    static fn (ShelfEntry $entry): bool => in_array(
                        $entry->kind,
                        [ShelfEntryKind::Gifted, ShelfEntryKind::Sold],
                        true,
                    ),
                )),
            ])->all());
    }
}
