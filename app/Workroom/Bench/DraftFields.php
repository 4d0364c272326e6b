<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

/**
 * A draft as single fields, to tell what changed and to bring two windows' changes together. By path: "name",
 * "rest/packaging", "line/KEY" (what it is; absent when taken out), "line/KEY/amount".
 *
 * @phpstan-import-type DraftLine from DraftLines
 *
 * @phpstan-type Fields array<string, mixed>
 */
final class DraftFields
{
    /**
     * The fields in which two drafts differ; "order" when only lines moved.
     *
     * @return list<string>
     */
    public static function changed(Draft $a, Draft $b): array
    {
        [$before, $after] = [self::of($a), self::of($b)];
        $changed = [];
        foreach (array_keys($before + $after) as $field) {
            if (($before[$field] ?? null) !== ($after[$field] ?? null)) {
                $changed[] = $field;
            }
        }

        return $changed === [] && array_column($a->lines(), 'key') !== array_column($b->lines(), 'key') ? ['order'] : $changed;
    }

    /**
     * Both windows' changes to one base. Where both changed the same field, one side has to win.
     *
     * @param  string  $wins  mine or theirs
     * @return array{Draft, list<string>} the merged draft, and the fields both changed differently
     */
    public static function merged(Draft $base, Draft $mine, Draft $theirs, string $wins = 'mine'): array
    {
        [$was, $here, $there] = [self::of($base), self::of($mine), self::of($theirs)];
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

        return [$base->withFields($merged, self::order(self::keys($base), self::keys($mine), self::keys($theirs))), self::withoutParts($contested)];
    }

    /**
     * A line one window took out and the other changed is one question, not one for each of its fields.
     *
     * @param  list<string>  $fields
     * @return list<string>
     */
    private static function withoutParts(array $fields): array
    {
        return array_values(array_filter($fields, static fn (string $field): bool => substr_count($field, '/') < 2 || ! in_array(dirname($field), $fields, true)));
    }

    /** @return Fields */
    private static function of(Draft $draft): array
    {
        $stored = $draft->toStored();
        /** @var array{text: array<string, string>, lines: list<DraftLine>, rest: array<string, mixed>} $stored */
        $fields = $stored['text'];
        foreach ($stored['rest'] as $key => $value) {
            $fields["rest/$key"] = $value;
        }
        foreach ($stored['lines'] as $line) {
            // what the catalogue knows needs no name of its own: pages word it
            $fields["line/{$line['key']}"] = ['ingredient' => $line['ingredient'], 'name' => $line['ingredient'] === '' ? $line['name'] : '', 'rest' => $line['rest']];
            foreach (['amount', 'phase', 'prepared'] as $part) {
                $fields["line/{$line['key']}/$part"] = $line[$part];
            }
        }

        return $fields;
    }

    /** @return list<string> */
    private static function keys(Draft $draft): array
    {
        return array_column($draft->lines(), 'key');
    }

    /**
     * The order of whoever moved lines, the other's new lines after the neighbours they were put behind.
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
        foreach ($other as $i => $key) {
            if (! in_array($key, $order, true)) {
                $at = $i === 0 ? 0 : (int) array_search($other[$i - 1], $order, true) + 1;
                array_splice($order, $at, 0, [$key]);
            }
        }

        return $order;
    }
}
