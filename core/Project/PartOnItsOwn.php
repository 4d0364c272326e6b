<?php

declare(strict_types=1);

namespace Ilvane\Core\Project;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\Part;
use Ilvane\Core\Measure\Amount;

/**
 * A part as the thing it is once it is made: a formula of that part alone, that other formulas take in. What is said of
 * the part on the bench is said of it wherever it goes.
 */
final class PartOnItsOwn
{
    /**
     * @param  float  $grams  of it there are
     * @return array<string, mixed> ilvane.formula/1
     */
    public static function document(Formula $formula, Part $part, bool $isOily, float $grams): array
    {
        $weighed = Amount::plain(round($grams, 2)).' g';
        $inside = array_map(
            static fn (Part $one): Part => $one->key === $part->key
                ? $one->gave($weighed)
                : $one,
            self::within($formula, $part),
        );

        return FormulaDocument::write(new Formula(
            $part->name,
            $isOily ? Family::InfusedOil : Family::WaterSpray,
            [new Line(null, amount: $weighed, part: $part->key)],
            parts: $inside,
        ));
    }

    /**
     * The part, first, and all it is made of.
     *
     * @return list<Part>
     */
    private static function within(Formula $formula, Part $part): array
    {
        $found = [$part->key => $part];
        for ($next = $part->uses(); $next !== [];) {
            $one = $formula->part((string) array_shift($next));
            if ($one !== null && ! isset($found[$one->key])) {
                $found[$one->key] = $one;
                array_push($next, ...$one->uses());
            }
        }

        return array_values($found);
    }

    /**
     * The formula with what is there in the place of what it is made of.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     * @param  array<string, array<string, mixed>>  $lines  what is there, by key of the part: lines without an amount
     * @return array<string, mixed>
     */
    public static function replaced(array $document, array $lines): array
    {
        $document['lines'] = self::taking(self::rows($document['lines'] ?? null), $lines);
        $parts = [];
        foreach (self::rows($document['parts'] ?? null) as $part) {
            if (! isset($lines[self::key($part, 'key')])) {
                $parts[] = [...$part, 'lines' => self::taking(self::rows($part['lines'] ?? null), $lines)];
            }
        }
        unset($document['parts']);

        return $parts === [] ? $document : [...$document, 'parts' => $parts];
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  array<string, array<string, mixed>>  $lines
     * @return list<array<string, mixed>>
     */
    private static function taking(array $rows, array $lines): array
    {
        return array_map(static function (array $row) use ($lines): array {
            $there = $lines[self::key($row, 'part')] ?? null;

            return $there === null ? $row : [...array_diff_key($row, ['part' => true]), ...$there];
        }, $rows);
    }

    /** @param  array<string, mixed>  $row */
    private static function key(array $row, string $of): string
    {
        return is_string($row[$of] ?? null) ? $row[$of] : '';
    }

    /** @return list<array<string, mixed>> */
    private static function rows(mixed $list): array
    {
        /** @var list<array<string, mixed>> */
        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }
}
