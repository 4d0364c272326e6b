<?php

declare(strict_types=1);

namespace App\Formulas;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnreadableAmount;

/**
 * The lines of a draft as typed: read from and written to the open form, put in order, scaled. Each is in the product,
 * or in the part whose key it bears.
 *
 * @phpstan-type DraftLine array{key: string, ingredient: string, name: string, amount: string, phase: string,
 *   prepared: string, in: string, rest: array<string, mixed>}
 */
final class DraftLines
{
    private const MAX_TEXT = 200;

    private const MAX_KEY = 80;

    /** Keys of a line the bench has no field for; kept as they came. */
    private const KEPT = ['key', 'lot', 'opened_on', 'best_before', 'fresh_g', 'formula', 'part'];

    /** What was done to a thing before it goes in, several ways with this between them. */
    public const AND = '+';

    /** Of the ways written those there are, each once. */
    private static function ways(string $written): string
    {
        $ways = array_map(Prepared::tryFrom(...), explode(self::AND, $written));

        return implode(self::AND, array_unique(array_column(array_filter($ways), 'value')));
    }

    /** @return DraftLine */
    public static function blank(string $phase, string $in = ''): array
    {
        return [
            'key' => self::newKey(),
            'ingredient' => '',
            'name' => '',
            'amount' => '',
            'phase' => Phase::tryFrom($phase)->value ?? '',
            'prepared' => '',
            'in' => $in,
            'rest' => [],
        ];
    }

    /**
     * @param  array<mixed>  $line
     * @return DraftLine
     */
    public static function fromDocument(array $line, string $amount, string $in = ''): array
    {
        $text = static fn (string $key): string => is_string($line[$key] ?? null) ? $line[$key] : '';
        $inner = is_array($line['formula'] ?? null) && is_string($line['formula']['name'] ?? null)
            ? $line['formula']['name']
            : '';

        return [
            'key' => $text('_key') !== '' ? $text('_key') : self::newKey(),
            'ingredient' => $text('ingredient'),
            'name' => $text('name') ?: $text('text') ?: $inner,
            'amount' => $amount,
            'phase' => $text('phase'),
            'prepared' => is_array($line['prepared'] ?? null)
                ? self::ways(implode(self::AND, array_filter($line['prepared'], is_string(...))))
                : $text('prepared'),
            'in' => $in,
            'rest' => array_filter(array_intersect_key($line, array_flip(self::KEPT))),
        ];
    }

    /**
     * @param  DraftLine  $line
     * @return array<string, mixed> a line of ilvane.formula/1
     */
    public static function toDocument(array $line): array
    {
        $names = match (true) {
            isset($line['rest']['formula']), isset($line['rest']['part']) => [],
            $line['ingredient'] !== '' => ['ingredient' => $line['ingredient']],
            default => ['name' => $line['name'] === '' ? Line::NO_NAME : $line['name']],
        };

        return array_filter(
            [
                ...$names,
                'amount' => $line['amount'],
                'phase' => $line['phase'],
                'prepared' => str_contains($line['prepared'], self::AND)
                    ? explode(self::AND, $line['prepared'])
                    : $line['prepared'],
                ...array_diff_key($line['rest'], ['refused' => true]),
            ],
            static fn (mixed $value): bool => $value !== '',
        );
    }

    /**
     * What the catalogue knows, or is made first, needs no name of its own: pages word it. What is picked from the
     * pantry or from the formulas ("lot:CODE", "formula:N") may be known by nothing but its name.
     *
     * @param  DraftLine  $line
     */
    public static function isWorded(array $line): bool
    {
        return isset($line['rest']['part'])
            || ($line['ingredient'] !== '' && ! str_contains($line['ingredient'], ':'));
    }

    /**
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function settled(array $lines, Catalogue $catalogue): array
    {
        foreach ($lines as $i => $line) {
            if (isset($line['rest']['part'])) {
                continue; // what is made first may be called as something bought is
            }
            $ingredient = $line['ingredient'] !== '' && $catalogue->has($line['ingredient'])
                ? $catalogue->get($line['ingredient'])
                : $catalogue->named($line['name']);
            if (isset($line['rest']['formula'])) {
                $lines[$i]['phase'] = $line['phase'] !== ''
                    ? $line['phase']
                    : self::phaseOfFormula($line['rest']['formula']);
            } elseif ($ingredient !== null) {
                $lines[$i]['ingredient'] = $ingredient->key;
                // all of a part is in one pot
                $lines[$i]['phase'] = $line['phase'] !== '' || $line['in'] !== ''
                    ? $line['phase']
                    : $ingredient->defaultPhase->value;
            }
        }

        return $lines;
    }

    private static function phaseOfFormula(mixed $document): string
    {
        $family = is_array($document) && is_string($document['family'] ?? null)
            ? Family::tryFrom($document['family'])
            : null;

        return ($family ?? Family::LeaveInEmulsion)->usualPhase()->value;
    }

    /**
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function scaled(array $lines, float $factor): array
    {
        foreach ($lines as $i => $line) {
            try {
                $amount = AmountReader::read($line['amount']);
            } catch (UnreadableAmount) {
                continue;
            }
            if ($amount->number !== null && $amount->kind === AmountKind::Measured) {
                $number = $amount->number->times($factor);
                $lines[$i]['amount'] = $amount->piece !== null ? Amount::pieces($number, $amount->piece)->entered
                    : Amount::measured(self::roundedOff($number), $amount->unit ?? Unit::Gram)->entered;
            }
        }

        return $lines;
    }

    /**
     * One line to so many grams: in percent where it is in percent, else in grams to the scale's step.
     *
     * @param  list<DraftLine>  $lines
     * @param  float  $total  grams of the batch
     * @param  float  $scale  grams the scale can show
     * @param  float|null  $now  grams of the line as it is; null where not known
     * @return list<DraftLine>
     */
    public static function weighed(
        array $lines,
        string $key,
        float $grams,
        float $total,
        float $scale,
        ?float $now = null,
    ): array {
        foreach ($lines as $i => $line) {
            if ($line['key'] !== $key) {
                continue;
            }
            try {
                $amount = AmountReader::read($line['amount']);
            } catch (UnreadableAmount) {
                $amount = null;
            }
            $kind = $amount->kind ?? AmountKind::Measured;
            if ($amount?->unit === Unit::Drop && $amount->number !== null && $now > 0) {
                $lines[$i]['amount'] = Amount::plain(max(1.0, round($amount->number->likely * $grams / $now))).' drops';

                continue;
            }
            $lines[$i]['amount'] = match ($kind) {
                AmountKind::Rest => $line['amount'],
                AmountKind::Percent => Amount::plain(round(
                    100 * $grams / $total,
                    100 * $grams / $total < 2 ? 2 : 1,
                )).' %',
                default => Amount::plain(round($grams / $scale) * $scale).' g',
            };
        }

        return $lines;
    }

    /**
     * Lane by lane, then part by part, each in the order it was written. A line without a phase stands where it would
     * be weighed.
     *
     * @param  list<DraftLine>  $lines
     * @param  list<string>  $parts  keys
     * @return list<DraftLine>
     */
    public static function inLanes(array $lines, Family $family, array $parts): array
    {
        $rank = array_flip(array_column(Phase::cases(), 'value'));
        $usual = $rank[$family->usualPhase()->value];
        $part = array_flip($parts);
        $place = static fn (array $line): int => isset($part[$line['in']])
            ? count($rank) + $part[$line['in']]
            : $rank[$line['phase']] ?? $usual;
        usort($lines, static fn (array $a, array $b): int => $place($a) <=> $place($b));

        return $lines;
    }

    /**
     * One place up or down in its lane; past the lane's end, into the next lane. What is in a part stays in it.
     *
     * @param  list<DraftLine>  $lines  in lanes
     * @return list<DraftLine>
     */
    public static function moved(array $lines, string $key, int $by): array
    {
        $at = array_search($key, array_column($lines, 'key'), true);
        if ($at === false) {
            return $lines;
        }
        $beside = $lines[$at + $by] ?? null;
        if ($beside !== null && $beside['in'] === $lines[$at]['in']
            && ($lines[$at]['in'] !== '' || $beside['phase'] === $lines[$at]['phase'])) {
            [$lines[$at], $lines[$at + $by]] = [$lines[$at + $by], $lines[$at]];

            return array_values($lines);
        }
        $used = array_column($lines, 'phase');
        $phases = array_values(array_filter( // the old lane of plants is only there where it is in use
            array_column(Phase::cases(), 'value'),
            static fn (string $phase): bool => $phase !== Phase::Infusion->value || in_array($phase, $used, true),
        ));
        $beyond = $phases[(int) array_search($lines[$at]['phase'], $phases, true) + $by] ?? null;
        if ($beyond === null || $lines[$at]['in'] !== '') {
            return $lines;
        }
        [$line] = array_splice($lines, $at, 1);
        $line['phase'] = $beyond;

        // into the lane below from above, into the lane above from below: the sorting by lanes is stable
        return $by > 0 ? [$line, ...$lines] : [...$lines, $line];
    }

    /**
     * A line whose phase was changed goes to the end of its new lane.
     *
     * @param  list<DraftLine>  $lines
     * @param  list<DraftLine>  $before
     * @return list<DraftLine>
     */
    public static function lastInTheirLane(array $lines, array $before): array
    {
        $lane = static fn (array $line): string => "$line[in]/$line[phase]";
        $was = array_combine(array_column($before, 'key'), array_map($lane, $before));
        $hasMoved = static fn (array $line): bool => ($was[$line['key']] ?? $lane($line)) !== $lane($line);

        return [
            ...array_filter($lines, static fn (array $line): bool => ! $hasMoved($line)),
            ...array_filter($lines, $hasMoved),
        ];
    }

    private static function roundedOff(Band $number): Band
    {
        $digits = static fn (float $value): float => round($value, $value < 1 ? 4 : 2);

        return Band::of($digits($number->low), $digits($number->likely), $digits($number->high));
    }

    private static function newKey(): string
    {
        return bin2hex(random_bytes(4));
    }

    /**
     * The lines with what the form's rows hold. Rows with a key that is none are left out, texts are cut to what the
     * open form takes.
     *
     * @param  array<mixed>  $form
     * @param  list<DraftLine>  $lines
     * @param  list<string>  $parts  keys
     * @return list<DraftLine>
     */
    public static function withForm(array $form, array $lines, array $parts): array
    {
        $next = array_column($lines, null, 'key');
        foreach ($form as $key => $row) {
            if (
                is_array($row)
                && preg_match('/^[a-z0-9]{4,12}$/', (string) $key) === 1
                && (isset($next[$key]) || count($next) < FormulaDocument::MAX_LINES)
            ) {
                $line = self::withRow($next[$key] ?? [...self::blank(''), 'key' => (string) $key], $row);
                $next[$key] = in_array($line['in'], ['', ...$parts], true) ? $line : [...$line, 'in' => ''];
            }
        }

        return self::lastInTheirLane(array_values($next), $lines);
    }

    /**
     * @param  DraftLine  $line
     * @param  array<mixed>  $row
     * @return DraftLine
     */
    private static function withRow(array $line, array $row): array
    {
        $held = [
            'ingredient' => $line['ingredient'],
            'name' => $line['name'],
            'amount' => $line['amount'],
            'phase' => $line['phase'],
            'prepared' => $line['prepared'],
            'in' => $line['in'],
        ];
        $text = static fn (string $field, int $most): string => is_string($row[$field] ?? null)
            ? self::clean($row[$field], $most)
            : $held[$field];
        $name = $text('name', self::MAX_TEXT);
        $ingredient = $name === '' ? '' : $text('ingredient', self::MAX_KEY);

        return [
            ...$line,
            'ingredient' => $ingredient,
            'name' => $name,
            'amount' => $text('amount', self::MAX_TEXT),
            'phase' => Phase::tryFrom($text('phase', self::MAX_KEY))->value ?? '',
            'prepared' => self::ways($text('prepared', self::MAX_KEY)),
            'in' => $text('in', self::MAX_KEY),
            'rest' => self::restOf($line, $name, $text('ingredient', self::MAX_KEY)),
        ];
    }

    /**
     * What the bench has no field for stays with its line; a formula or a lot of one's own goes when another name is
     * put in.
     *
     * @param  DraftLine  $held
     * @return array<string, mixed>
     */
    private static function restOf(array $held, string $name, string $ingredient): array
    {
        $rest = array_diff_key($held['rest'], ['refused' => true]);
        $isSame = ($held['name'] === $name && $ingredient === '')
            || ($ingredient !== '' && $held['ingredient'] === $ingredient);

        return $isSame ? $rest : array_diff_key(
            $rest,
            ['formula' => true, 'part' => true, 'lot' => true, 'best_before' => true],
        );
    }

    /** Typed text without what can't be typed, no longer than so many letters. */
    public static function clean(string $text, int $most): string
    {
        return mb_substr(preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', mb_scrub($text)) ?? '', 0, $most);
    }
}
