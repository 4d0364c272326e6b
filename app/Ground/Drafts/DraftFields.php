<?php

declare(strict_types=1);

namespace App\Ground\Drafts;

/** Tells which fields of a draft changed, and brings two windows' changes together field by field. */
final class DraftFields
{
    /** The one name for rows that only changed places. */
    private const ORDER = 'order';

    /**
     * The fields in which two drafts differ; "order" when only rows moved.
     *
     * @return list<string> paths
     */
    public static function changed(TypedDraft $a, TypedDraft $b): array
    {
        [$before, $after] = [$a->fields(), $b->fields()];
        $changed = [];
        foreach (array_keys($before + $after) as $field) {
            if (($before[$field] ?? null) !== ($after[$field] ?? null)) {
                $changed[] = $field;
            }
        }

        return $changed === [] && $a->order() !== $b->order() ? [self::ORDER] : $changed;
    }

    /**
     * What this window changed, put onto what stands now. A field changed differently in both is contested: one side
     * has to win.
     *
     * @template D of TypedDraft
     *
     * @param  D  $base  what this window's changes were based on
     * @param  D  $mine  the base with this window's changes
     * @param  D  $theirs  what stands now
     * @param  string  $wins  mine or theirs
     * @return array{D, list<string>} the merged draft, and the contested paths
     */
    public static function merged(TypedDraft $base, TypedDraft $mine, TypedDraft $theirs, string $wins = 'mine'): array
    {
        [$was, $here, $there] = [$base->fields(), $mine->fields(), $theirs->fields()];
        $merged = $contested = [];
        foreach (array_keys($there + $here) as $field) {
            [$old, $my, $other] = [$was[$field] ?? null, $here[$field] ?? null, $there[$field] ?? null];
            $isMine = $other === $old;
            if (! $isMine && $my !== $old && $my !== $other) {
                $contested[] = $field;
                $isMine = $wins === 'mine';
            }
            $value = $isMine ? $my : $other;
            if ($value !== null) {
                $merged[$field] = $value;
            }
        }

        return [
            $theirs->withFields(
                self::whole($merged, $here),
                self::order($base->order(), $mine->order(), $theirs->order()),
            ),
            self::withoutParts($contested, array_keys($there)),
        ];
    }

    /**
     * A row that is gone there but has a part that wins here comes back whole.
     *
     * @param  array<string, mixed>  $merged
     * @param  array<string, mixed>  $here
     * @return array<string, mixed>
     */
    private static function whole(array $merged, array $here): array
    {
        foreach (array_keys($merged) as $field) {
            $row = self::rowOf($field);
            if ($row !== $field && ! isset($merged[$row]) && isset($here[$row])) {
                foreach ($here as $path => $value) {
                    if (self::rowOf($path) === $row) {
                        $merged[$path] ??= $value;
                    }
                }
            }
        }

        return $merged;
    }

    /** "line/KEY" of "line/KEY/amount"; the path itself where it is no part of a row. */
    private static function rowOf(string $field): string
    {
        return substr_count($field, '/') < 2 ? $field : dirname($field);
    }

    /**
     * A row one window took out and the other changed is one question, not one for each of its fields.
     *
     * @param  list<string>  $contested
     * @param  list<string>  $standing  paths of what stands now
     * @return list<string>
     */
    private static function withoutParts(array $contested, array $standing): array
    {
        $rows = array_map(
            static fn (string $field): string => in_array(self::rowOf($field), $standing, true)
                ? $field
                : self::rowOf($field),
            $contested,
        );
        $rows = array_unique($rows);

        return array_values(array_filter(
            $rows,
            static fn (string $field): bool => self::rowOf($field) === $field
                || ! in_array(self::rowOf($field), $rows, true),
        ));
    }

    /**
     * The order of whoever moved rows, the other's new rows after the neighbours they were put behind.
     *
     * @param  list<string>  $base
     * @param  list<string>  $mine
     * @param  list<string>  $theirs
     * @return list<string>
     */
    private static function order(array $base, array $mine, array $theirs): array
    {
        $hasMoved = array_values(array_intersect($mine, $base)) !== array_values(array_intersect($base, $mine));
        [$order, $other] = $hasMoved ? [$mine, $theirs] : [$theirs, $mine];
        foreach ($other as $i => $row) {
            if (! in_array($row, $order, true)) {
                $at = $i === 0 ? 0 : (int) array_search($other[$i - 1], $order, true) + 1;
                array_splice($order, $at, 0, [$row]);
            }
        }

        return $order;
    }
}
