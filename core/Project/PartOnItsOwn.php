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
        $in = static fn (array $list): array => array_map(
            static fn (array $line): array => isset($line['part'], $lines[$line['part']])
                ? [...array_diff_key($line, ['part' => true]), ...$lines[$line['part']]]
                : $line,
            $list,
        );
        $document['lines'] = $in($document['lines']);
        $document['parts'] = array_values(array_map(
            static fn (array $part): array => [...$part, 'lines' => $in($part['lines'])],
            array_filter(
                $document['parts'] ?? [],
                static fn (array $part): bool => ! isset($lines[$part['key']]),
            ),
        ));

        return $document['parts'] === [] ? array_diff_key($document, ['parts' => true]) : $document;
    }
}
