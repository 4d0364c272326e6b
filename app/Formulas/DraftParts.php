<?php

declare(strict_types=1);

namespace App\Formulas;

use Ilvane\Core\Formula\PartDocument;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\UnreadableAmount;

/**
 * What is made first in a draft, as typed. Its lines are among those of the draft and name it.
 *
 * @phpstan-import-type DraftLine from DraftLines
 *
 * @phpstan-type DraftPart array{key: string, name: string, makes: string, gives: string, rest: array<string, mixed>}
 */
final class DraftParts
{
    private const FIELDS = ['name', 'makes', 'gives'];

    /** Keys of a part the bench has no field for; kept as they came. */
    private const KEPT = ['process', 'ready_before_minutes', 'good_for_hours', self::WEIGHED];

    /** What it gave was weighed: true until another figure is typed. */
    private const WEIGHED = 'weighed';

    private const MAX_TEXT = 80;

    /**
     * @param  mixed  $parts  of a document, already checked
     * @return array{list<DraftPart>, list<DraftLine>} and the lines that go into them
     */
    public static function fromDocument(mixed $parts): array
    {
        $taken = $lines = [];
        foreach (is_array($parts) ? $parts : [] as $part) {
            if (! is_array($part) || ! is_string($part['key'] ?? null)) {
                continue;
            }
            $gives = is_array($part['gives'] ?? null) ? $part['gives'] : [];
            $taken[] = [
                'key' => $part['key'],
                'name' => is_string($part['name'] ?? null) ? $part['name'] : $part['key'],
                'makes' => is_string($part['makes'] ?? null) ? $part['makes'] : PartKind::Mix->value,
                'gives' => is_string($gives['amount'] ?? null) ? $gives['amount'] : '',
                'rest' => array_intersect_key(
                    [...$part, self::WEIGHED => ($gives['basis'] ?? '') === 'weighed'],
                    array_flip(self::KEPT),
                ),
            ];
            foreach (is_array($part['lines'] ?? null) ? $part['lines'] : [] as $line) {
                if (is_array($line)) {
                    $amount = is_string($line['amount'] ?? null) ? $line['amount'] : '';
                    $lines[] = DraftLines::fromDocument($line, $amount, $part['key']);
                }
            }
        }

        return [$taken, $lines];
    }

    /**
     * @param  list<DraftPart>  $parts
     * @param  list<DraftLine>  $lines  of the whole draft
     * @return array{list<array<string, mixed>>, array<string, string>} parts of ilvane.formula/1, and a word key for
     *   each field that could not be read
     */
    public static function toDocument(array $parts, array $lines): array
    {
        $documents = $problems = [];
        foreach ($parts as $part) {
            $gives = trim($part['gives']);
            if ($gives !== '' && ! self::isWeight($gives)) {
                $problems["parts/$part[key]/gives"] = 'not_a_weight';
                $gives = '';
            }
            $documents[] = array_filter([
                'key' => $part['key'],
                'name' => trim($part['name']),
                'makes' => $part['makes'],
                'gives' => $gives === '' ? null : [
                    'amount' => $gives,
                    'basis' => ($part['rest'][self::WEIGHED] ?? false) === true ? 'weighed' : 'planned',
                ],
                ...array_diff_key($part['rest'], [self::WEIGHED => true]),
            ], static fn (mixed $value): bool => $value !== null && $value !== '') + [
                'lines' => array_map(DraftLines::toDocument(...), self::linesOf($part['key'], $lines)),
            ];
        }

        return [$documents, $problems];
    }

    /**
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function linesOf(string $part, array $lines): array
    {
        return array_values(array_filter($lines, static fn (array $line): bool => $line['in'] === $part));
    }

    /**
     * The parts with what the form holds of them; one it doesn't hold stays as it is.
     *
     * @param  array<mixed>  $form
     * @param  list<DraftPart>  $parts
     * @return list<DraftPart>
     */
    public static function withForm(array $form, array $parts): array
    {
        foreach ($parts as $i => $part) {
            $row = $form[$part['key']] ?? null;
            foreach (is_array($row) ? self::FIELDS : [] as $field) {
                if (is_string($row[$field] ?? null)) {
                    $parts[$i][$field] = DraftLines::clean($row[$field], self::MAX_TEXT);
                }
            }
            if (PartKind::tryFrom($parts[$i]['makes']) === null) {
                $parts[$i]['makes'] = $part['makes'];
            }
            if ($parts[$i]['gives'] !== $part['gives']) {
                $parts[$i]['rest'] = array_diff_key($part['rest'], [self::WEIGHED => true]);
            }
        }

        return $parts;
    }

    /**
     * What each gives, times a factor.
     *
     * @param  list<DraftPart>  $parts
     * @return list<DraftPart>
     */
    public static function scaled(array $parts, float $factor): array
    {
        foreach ($parts as $i => $part) {
            [$scaled] = DraftLines::scaled([[...DraftLines::blank(''), 'amount' => $part['gives']]], $factor);
            $parts[$i] = $scaled['amount'] === $part['gives'] ? $part : [
                ...$part,
                'gives' => $scaled['amount'],
                'rest' => array_diff_key($part['rest'], [self::WEIGHED => true]),
            ];
        }

        return $parts;
    }

    /**
     * One more, of a key that none of them has.
     *
     * @param  list<DraftPart>  $parts
     * @return DraftPart
     */
    public static function another(array $parts, PartKind $makes, string $name): array
    {
        $stem = str_replace('_', '-', $makes->value);
        $keys = array_column($parts, 'key');
        for ($n = 1; in_array("$stem-$n", $keys, true); $n++) {
        }

        return ['key' => "$stem-$n", 'name' => $name, 'makes' => $makes->value, 'gives' => '', 'rest' => []];
    }

    /** @param  list<DraftPart>  $parts */
    public static function isFull(array $parts): bool
    {
        return count($parts) >= PartDocument::MAX_PARTS;
    }

    /**
     * Lines that take of a part bear its name; a line that names one, and nothing else, takes of it.
     *
     * @param  list<DraftPart>  $parts
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function tied(array $parts, array $lines): array
    {
        $names = array_column($parts, 'name', 'key');
        $keys = array_flip(array_map(self::folded(...), array_filter($names, self::isName(...))));
        $isTooDeep = array_filter(
            array_keys($names),
            static fn (string $key): bool => self::depth($lines, $key) > PartDocument::MAX_NESTING,
        ) !== [];
        foreach ($lines as $i => $line) {
            $of = $line['rest']['part'] ?? $keys[self::folded($line['name'])] ?? null;
            if ($line['ingredient'] !== '' || ! is_string($of)) {
                continue;
            }
            $rest = array_diff_key($line['rest'], ['part' => true, 'refused' => true]);
            $lines[$i] = match (true) {
                ! isset($names[$of]) => [...$line, 'rest' => $rest], // the part is gone, its name stays
                self::uses($lines, $of, $line['in']), $isTooDeep && $line['in'] !== '' => [
                    ...$line,
                    'rest' => [...$rest, 'refused' => 'ring'],
                ],
                default => [...$line, 'name' => $names[$of], 'rest' => [...$rest, 'part' => $of]],
            };
        }

        return $lines;
    }

    private static function isName(string $name): bool
    {
        return trim($name) !== '';
    }

    private static function folded(string $name): string
    {
        return mb_strtolower(trim($name));
    }

    /**
     * Whether a part is, or is made of, another.
     *
     * @param  list<DraftLine>  $lines
     */
    private static function uses(array $lines, string $part, string $other): bool
    {
        return $other !== ''
            && ($part === $other || array_filter(
                self::inside($lines, $part),
                static fn (string $inner): bool => self::uses($lines, $inner, $other),
            ) !== []);
    }

    /**
     * Parts in parts, itself counted.
     *
     * @param  list<DraftLine>  $lines
     */
    private static function depth(array $lines, string $part): int
    {
        return 1 + max([0, ...array_map(
            static fn (string $inner): int => self::depth($lines, $inner),
            self::inside($lines, $part),
        )]);
    }

    /**
     * @param  list<DraftLine>  $lines  in no ring
     * @return list<string> keys of the parts a part takes of
     */
    private static function inside(array $lines, string $part): array
    {
        return array_values(array_filter(
            array_map(static fn (array $line): mixed => $line['rest']['part'] ?? null, self::linesOf($part, $lines)),
            is_string(...),
        ));
    }

    private static function isWeight(string $typed): bool
    {
        try {
            return AmountReader::read($typed)->unit !== null;
        } catch (UnreadableAmount) {
            return false;
        }
    }
}
