<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Section;
use App\Models\Batch;
use Illuminate\Support\Carbon;

/**
 * A finished batch as it stands on the shelf: how much is left, where, until when, what became of the rest, what it
 * cost.
 *
 * @phpstan-type Row array{id: int, when: string, what: string, value: string, undone: bool, undoable: bool}
 * @phpstan-type Filled array{letter: string, what: string, count: string, each: string, place: string,
 *   storage: string, until: string, isOver: bool, life: float, perOne: float, left: float, thaws: bool,
 *   thawed: string, vessels: list<Section>}
 */
final readonly class ShelfPage
{
    /**
     * @param  list<Row>  $log  the latest first
     * @param  list<string>  $out  who has of it: given or sold, when, how much, to whom
     * @param  list<Filled>  $containers  what it is in and not empty
     * @param  string  $rest  what is in no container; "" where nothing is
     * @param  array{count: string, grams: string, what: string, storage: string}  $firstRow  what the first row of
     *   the split is proposed as
     * @param  bool  $isParted  freezing may part it
     * @param  array{jar: string, per_100: string, all: string, missing: string}|null  $cost
     */
    public function __construct(
        public string $clientKey,
        public string $left,
        public string $jars,
        public string $stands,
        public float $lifeLeft,
        public float $perJar,
        public bool $isGone,
        public array $log,
        public ?array $cost,
        public ?DriftChart $drift,
        public Release $release,
        public array $out,
        public string $who,
        public array $containers,
        public string $rest,
        public bool $isSplit,
        public array $firstRow,
        public bool $isParted,
    ) {
    }

    /**
     * What a row of the split is proposed as: the first with what there is, the others empty.
     *
     * @return array{count: string, grams: string, what: string, storage: string, stands: string}
     */
    public function rowOf(int $i): array
    {
        return [...$this->firstRow, ...($i === 0 ? [] : ['count' => '', 'grams' => '']), 'stands' => ''];
    }

    /** @param  list<string>  $fields  names of those with something wrong */
    public function isRefused(array $fields): bool
    {
        return array_filter($fields, static fn (string $field): bool => str_starts_with($field, 'split.')) !== [];
    }

    /** Of the life it had, 0 to 1. */
    public static function lifeLeft(Batch $batch): float
    {
        if ($batch->best_before === null || $batch->finished_at === null) {
            return 0.0;
        }
        $whole = $batch->best_before->getTimestamp() - $batch->finished_at->getTimestamp();

        return $whole <= 0
            ? 0.0
            : max(0.0, min(1.0, ($batch->best_before->getTimestamp() - Carbon::now()->getTimestamp()) / $whole));
    }
}
