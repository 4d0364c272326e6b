<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\Collection;

/** Records that are only ever added, and taken back by a later one that names them. */
final class NotUndone
{
    /**
     * @template T of \App\Models\LotEntry|\App\Models\ShelfEntry
     *
     * @param  Collection<int, T>  $entries
     * @return list<T> what was not taken back, in the order it happened
     */
    public static function of(Collection $entries): array
    {
        $undone = self::undone($entries);

        return array_values($entries->filter(static fn ($entry): bool => $entry->kind->value !== 'undo' && ! in_array(
            (string) $entry->id,
            $undone,
            true,
        ))->sortBy([
            ['happened_at', 'asc'],
            ['id', 'asc'],
        ])->all());
    }

    /**
     * @template T of \App\Models\LotEntry|\App\Models\ShelfEntry
     *
     * @param  Collection<int, T>  $entries
     * @return list<string> ids of what was taken back
     */
    public static function undone(Collection $entries): array
    {
        return array_values($entries->where('kind', 'undo')->pluck('subject')->map(strval(...))->all());
    }
}
