<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnreadableAmount;

/**
 * The lines of a draft as typed: read from and written to the open form, put in order, scaled.
 *
 * @phpstan-type DraftLine array{key: string, ingredient: string, name: string, amount: string, phase: string, prepared: string, rest: array<string, mixed>}
 */
final class DraftLines
{
    /** Keys of a line the bench has no field for; kept as they came. */
    private const KEPT = ['lot', 'opened_on', 'best_before', 'formula'];

    /** @return DraftLine */
    public static function blank(string $phase): array
    {
        return ['key' => self::newKey(), 'ingredient' => '', 'name' => '', 'amount' => '', 'phase' => Phase::tryFrom($phase)->value ?? '', 'prepared' => '', 'rest' => []];
    }

    /**
     * @param  array<mixed>  $line
     * @return DraftLine
     */
    public static function fromDocument(array $line, string $amount): array
    {
        $text = static fn (string $key): string => is_string($line[$key] ?? null) ? $line[$key] : '';
        $inner = is_array($line['formula'] ?? null) && is_string($line['formula']['name'] ?? null) ? $line['formula']['name'] : '';

        return [
            'key' => $text('_key') !== '' ? $text('_key') : self::newKey(),
            'ingredient' => $text('ingredient'),
            'name' => $text('name') ?: $text('text') ?: $inner,
            'amount' => $amount,
            'phase' => $text('phase'),
            'prepared' => $text('prepared'),
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
            isset($line['rest']['formula']) => [],
            $line['ingredient'] !== '' => ['ingredient' => $line['ingredient']],
            default => ['name' => $line['name'] === '' ? '–' : $line['name']],
        };

        return array_filter(
            [...$names, 'amount' => $line['amount'], 'phase' => $line['phase'], 'prepared' => $line['prepared'], ...array_diff_key($line['rest'], ['refused' => true])],
            static fn (mixed $value): bool => $value !== '',
        );
    }

    /**
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function settled(array $lines, Catalogue $catalogue): array
    {
        foreach ($lines as $i => $line) {
            $ingredient = $line['ingredient'] !== '' && $catalogue->has($line['ingredient']) ? $catalogue->get($line['ingredient']) : $catalogue->named($line['name']);
            if ($ingredient === null || isset($line['rest']['formula'])) {
                continue;
            }
            $lines[$i]['ingredient'] = $ingredient->key;
            if ($line['phase'] === '') {
                $lines[$i]['phase'] = $ingredient->defaultPhase->value;
            }
        }

        return $lines;
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
     * @return list<DraftLine>
     */
    public static function weighed(array $lines, string $key, float $grams, float $total, float $scale): array
    {
        foreach ($lines as $i => $line) {
            if ($line['key'] !== $key) {
                continue;
            }
            try {
                $kind = AmountReader::read($line['amount'])->kind;
            } catch (UnreadableAmount) {
                $kind = AmountKind::Measured;
            }
            $lines[$i]['amount'] = match ($kind) {
                AmountKind::Rest => $line['amount'],
                AmountKind::Percent => Amount::plain(round(100 * $grams / $total, 100 * $grams / $total < 2 ? 2 : 1)).' %',
                default => Amount::plain(round($grams / $scale) * $scale).' g',
            };
        }

        return $lines;
    }

    /**
     * One place up or down in its lane; past the lane's end, into the next lane.
     *
     * @param  list<DraftLine>  $lines
     * @return list<DraftLine>
     */
    public static function moved(array $lines, string $key, int $by): array
    {
        $phases = array_column(Phase::cases(), 'value');
        $order = $lines;
        usort($order, static fn (array $a, array $b): int => array_search($a['phase'], $phases, true) <=> array_search($b['phase'], $phases, true));
        $at = array_search($key, array_column($order, 'key'), true);
        if ($at === false) {
            return $lines;
        }
        $neighbour = $order[$at + $by] ?? null;
        if ($neighbour !== null && $neighbour['phase'] === $order[$at]['phase']) {
            [$order[$at], $order[$at + $by]] = [$order[$at + $by], $order[$at]];

            return array_values($order);
        }
        $phase = (int) array_search($order[$at]['phase'], $phases, true) + $by;
        $line = $order[$at];
        $line['phase'] = $phases[$phase] ?? $line['phase'];
        array_splice($order, $at, 1);
        $target = $at;
        foreach ($order as $i => $other) {
            $rank = array_search($other['phase'], $phases, true);
            if ($by > 0 ? $rank < $phase : $rank <= $phase) {
                $target = $i + 1;
            }
        }
        array_splice($order, $target, 0, [$line]);

        return $order;
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
     * What the rows of the bench now hold. Rows with a name that is none are left out, texts are cut to what the open form takes.
     *
     * @param  array<mixed>  $form
     * @param  list<DraftLine>  $before
     * @return list<DraftLine>
     */
    public static function fromForm(array $form, array $before): array
    {
        $held = array_column($before, null, 'key');
        $lines = [];
        foreach (array_slice($form, 0, FormulaDocument::MAX_LINES, true) as $key => $line) {
            if (! is_array($line) || preg_match('/^[a-z0-9]{4,12}$/', (string) $key) !== 1) {
                continue;
            }
            $text = static fn (string $field, int $most): string => is_string($line[$field] ?? null) ? self::clean($line[$field], $most) : '';
            $lines[] = [
                'key' => (string) $key, 'ingredient' => $text('name', 200) === '' ? '' : $text('ingredient', 80), 'name' => $text('name', 200), 'amount' => $text('amount', 200),
                'phase' => Phase::tryFrom($text('phase', 20))->value ?? '', 'prepared' => Prepared::tryFrom($text('prepared', 20))->value ?? '',
                'rest' => self::restOf($held[(string) $key] ?? null, $text('name', 200), $text('ingredient', 80)),
            ];
        }

        return $lines;
    }

    /**
     * What the bench has no field for stays with its line; a formula or a lot of one's own goes when another name is put in.
     *
     * @param  DraftLine|null  $held
     * @return array<string, mixed>
     */
    private static function restOf(?array $held, string $name, string $ingredient): array
    {
        $rest = array_diff_key($held['rest'] ?? [], ['refused' => true]);
        $isSame = $held === null || ($held['name'] === $name && $ingredient === '') || ($ingredient !== '' && $held['ingredient'] === $ingredient);

        return $isSame ? $rest : array_diff_key($rest, ['formula' => true, 'lot' => true, 'best_before' => true]);
    }

    /** Typed text without what can't be typed, no longer than so many letters. */
    public static function clean(string $text, int $most): string
    {
        return mb_substr(preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', '', mb_scrub($text)) ?? '', 0, $most);
    }
}
