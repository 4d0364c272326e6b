<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Physics\Acidity\Acidity;
use Ilvane\Core\Physics\Emulsion\Hlb;

/**
 * Writes fixes that leave the formula adding up: in percent where the batch is fixed, in grams where the lines make it.
 */
final readonly class Remedy
{
    /** Less water than this share is none to speak of. */
    private const WATERY = 0.01;

    /** Less than this can't be written down in percent, and hardly weighed. */
    private const LEAST_PERCENT = 0.01;

    /** What fills up a watery formula. */
    private string $plainWater;

    private string $acid;

    private Composition $composition;

    private float $halfStep;

    /** Meant to have water in it, and has: plain water is what fills up. */
    private bool $isWatery;

    public function __construct(Assessment $assessment)
    {
        $this->halfStep = $assessment->scaleResolutionG / 2;
        $this->isWatery = ! $assessment->formula->family->isFatOnly()
            && $assessment->composition->waterShare() >= self::WATERY;
        $this->composition = $assessment->composition;
        $this->acid = $assessment->catalogue->choice(ChoiceRole::Acid)->key;
        $this->plainWater = $assessment->catalogue->choice(ChoiceRole::Water)->key;
    }

    /**
     * Sets one line to a percentage of the finished batch: never above it after rounding, or, where it is a least,
     * never below.
     *
     * @param  array<string, Term>  $terms
     * @return list<Fix> none when nothing else in the formula can take up the difference
     */
    public function dose(
        WeighedLine $line,
        float $percent,
        string $label,
        array $terms = [],
        bool $isLeast = false,
    ): array {
        if ($line->isInside()) {
            return []; // it is inside another formula: to be mended there
        }
        if (self::staysInDrops($line)) {
            return $this->drops($line, $percent, $label, $terms, $isLeast);
        }
        $fix = Fix::amount(
            $line->position,
            $isLeast ? $this->least($percent, $line) : $this->amount($percent, $line),
            $label,
            $terms,
        );

        return match (true) {
            $this->isAllWeighed() => $this->refilled($fix, [$line]),
            $line->amount?->kind === AmountKind::Rest => $this->restElsewhere($fix, $line, $percent),
            default => [$this->balanced($fix, $line->position)],
        };
    }

    /**
     * What was given in drops is offered in whole drops: never above a ceiling with the largest drop, never below a
     * floor with the smallest.
     *
     * @param  array<string, Term>  $terms
     * @return list<Fix> none where not even one drop fits
     */
    private function drops(WeighedLine $line, float $percent, string $label, array $terms, bool $isLeast): array
    {
        $number = $line->amount?->number?->likely;
        $total = $this->composition->total;
        if ($number === null || $number <= 0 || $line->grams === null || $total === null) {
            return [];
        }
        $drop = $line->grams->times(1 / $number);
        $others = max(
            0.0,
            ($isLeast ? $total->high : $total->low) - ($this->isAllWeighed() ? $line->grams->likely : 0.0),
        );
        $grams = $this->isAllWeighed() ? $percent / (100 - $percent) * $others : $percent / 100 * $others;
        $count = $isLeast ? ceil($grams / max(1e-9, $drop->low) - 1e-9) : floor($grams / max(1e-9, $drop->high) + 1e-9);

        return $count < 1 ? [] : [Fix::amount($line->position, self::inDrops($count), $label, $terms)];
    }

    /** A scent in drops stays in drops; what has to reach a dose is weighed. */
    private static function staysInDrops(WeighedLine $line): bool
    {
        return $line->amount?->unit === Unit::Drop
            && ! in_array($line->ingredient?->kind, [Kind::Preservative, Kind::Emulsifier], true);
    }

    /** Lines are taken out last and from the end, so that no other change loses its line. */
    private static function removingLast(Fix $fix): Fix
    {
        $isRemoval = static fn (array $change): bool => $change['op'] === 'remove';
        $removals = array_values(array_filter($fix->patch, $isRemoval));
        usort(
            $removals,
            static fn (array $a, array $b): int => (int) basename($b['path']) <=> (int) basename($a['path']),
        );
        $patch = [
            ...array_values(array_filter($fix->patch, static fn (array $change): bool => ! $isRemoval($change))),
            ...$removals,
        ];

        return $patch === [] ? $fix : new Fix($fix->label, $patch, $fix->terms);
    }

    private static function inDrops(float $count): string
    {
        return Amount::plain($count).($count > 1 ? ' drops' : ' drop');
    }

    /**
     * Adds an ingredient at a percentage of the finished batch.
     *
     * @param  array<string, Term>  $terms
     */
    public function add(string $ingredient, float $percent, Phase $phase, string $label, array $terms = []): Fix
    {
        return $this->balanced(Fix::addLine([
            'ingredient' => $ingredient, 'amount' => $this->amount($percent, null), 'phase' => $phase->value,
        ], $label, $terms), null);
    }

    /** @param  int  $line  counts from 1; what it made up is taken over by the base, where the batch is in percent */
    public function remove(int $line): Fix
    {
        $remove = Fix::removeLine($line, 'remove_line');
        $balanced = $this->balanced($remove, $line);

        return new Fix($balanced->label, array_reverse($balanced->patch)); // before the lines behind it move up
    }

    /**
     * Aims for a pH, with the acid that gets there and how much by the estimate; where it is more acid already, for
     * what the estimate says, as long as that is enough.
     *
     * @param  float  $least  what may be aimed for at the least
     * @return list<Fix> none where more acid is no way, or what is dissolved can't be brought there
     */
    public function aimAt(float $ph, float $least): array
    {
        $acidity = Acidity::of($this->composition);
        if ($acidity->guess !== null && $acidity->guess < $ph - self::WITHIN_PH) {
            if ($acidity->guess < $least - self::WITHIN_PH) {
                return []; // only less acid or an alkali would do
            }
            $ph = max($least, round($acidity->guess, 1));
        }
        $aim = ['op' => 'add', 'path' => '/ph', 'value' => (float) Amount::plain($ph)];
        $terms = ['ph' => Term::number($ph), 'ingredient' => Term::ingredient($this->acid)];
        if ($acidity->guess === null) {
            return [new Fix('aim_ph_drops', [$aim], $terms)]; // hardly anything holds it: a few drops are enough
        }
        if ($acidity->guess <= $ph + self::NEAR_PH) {
            return [new Fix('aim_ph', [$aim], $terms)];
        }
        $percent = $acidity->citricFor($ph);
        if ($percent === null) {
            return [];
        }
        $there = array_values(array_filter(
            $this->composition->lines,
            fn (WeighedLine $line): bool => $line->ingredient?->key === $this->acid && $line->isInBatch(),
        ))[0] ?? null;
        $percent = ceil(100 * ($percent + ($there?->percent()->likely ?? 0.0)) - 1e-9) / 100;
        $terms['percent'] = Term::percent($percent);
        $fixes = $there === null
            ? [$this->add($this->acid, $percent, Phase::Cooldown, 'aim_ph_acid', $terms)]
            : $this->dose($there, $percent, 'aim_ph_acid', $terms, isLeast: true);

        return array_map(static fn (Fix $fix): Fix => new Fix($fix->label, [...$fix->patch, $aim], $terms), $fixes);
    }

    /** The estimate is no closer than this; an acid that isn't needed is not offered. A guess. */
    private const NEAR_PH = 0.2;

    /** The estimate may be off by so much. A guess. */
    private const WITHIN_PH = 1.0;

    /**
     * Sets several lines in the same proportion.
     *
     * @param  list<WeighedLine>  $lines
     * @param  array<string, Term>  $terms
     * @return list<Fix>
     */
    public function scale(array $lines, float $factor, string $label, array $terms = []): array
    {
        $patch = [];
        $isDropsOnly = true;
        foreach ($lines as $line) {
            $percent = $line->percent();
            $drops = self::staysInDrops($line) ? $line->amount?->number?->likely : null;
            if ($drops !== null && ! $line->isInside()) {
                $count = floor($drops * $factor + 1e-9);
                $patch[] = $count < 1
                    ? ['op' => 'remove', 'path' => '/lines/'.($line->position - 1)]
                    : [
                        'op' => 'replace',
                        'path' => '/lines/'.($line->position - 1).'/amount',
                        'value' => self::inDrops($count),
                    ];
            } elseif ($percent !== null && ! $line->isInside()) {
                $isDropsOnly = false;
                $patch[] = $percent->likely * $factor < self::LEAST_PERCENT
                    ? ['op' => 'remove', 'path' => '/lines/'.($line->position - 1)]
                    : [
                        'op' => 'replace',
                        'path' => '/lines/'.($line->position - 1).'/amount',
                        'value' => $this->amount($percent->likely * $factor, $line),
                    ];
            }
        }

        if ($patch === []) {
            return [];
        }
        $fix = new Fix($label, $patch, $terms);

        // a few drops make no room that something else has to fill
        $fixes = match (true) {
            $isDropsOnly => [$fix],
            $this->isAllWeighed() => $this->refilled($fix, $lines),
            default => [$this->balanced($fix, null)],
        };

        return array_map(self::removingLast(...), $fixes);
    }

    /**
     * Two non-ionic emulsifiers in the split that their oils ask for, their sum kept.
     *
     * @return list<Fix> none where no split of these two does
     */
    public static function split(Hlb $hlb): array
    {
        $split = $hlb->split();
        if ($split === null) {
            return [];
        }
        $patch = [];
        foreach ($hlb->pair as $i => $line) {
            $range = $line->ingredient?->use;
            $was = 100 * $line->part();
            if ($range === null || $split[$i] > $range->max || $split[$i] < 0.01 || $was <= 0) {
                return [];
            }
            $amount = $line->amount?->kind === AmountKind::Percent
                ? round($split[$i], 2).' %'
                : round($line->weighs() * $split[$i] / $was, 2).' g';
            $patch[] = ['op' => 'replace', 'path' => '/lines/'.($line->position - 1).'/amount', 'value' => $amount];
        }

        return $patch === [] ? [] : [new Fix('split_emulsifiers', $patch)];
    }

    /**
     * The line that can best take up the difference: plain water, else the most plentiful water, else the most
     * plentiful fat.
     */
    public function baseLine(int ...$except): ?WeighedLine
    {
        $best = null;
        foreach ($this->composition->known() as $line) {
            if (in_array($line->position, $except, true) || $line->isInside()) {
                continue;
            }
            if ($line->share === null || $line->ingredient === null) {
                continue;
            }
            $isWatery = $line->ingredient->kind->isWatery();
            if (! $isWatery && ! $line->ingredient->kind->isLipid()) {
                continue;
            }
            $weight = $line->share->likely
                + ($isWatery ? 1.0 : 0.0)
                + ($line->ingredient->key === $this->plainWater ? 2.0 : 0.0)
                - ($line->phase === Phase::Cooldown ? 0.5 : 0.0);
            if ($best === null || $weight > $best[0]) {
                $best = [$weight, $line];
            }
        }

        return $best[1] ?? null;
    }

    private function amount(float $percent, ?WeighedLine $replaced): string
    {
        $total = $this->composition->total;
        if (! $this->isAllWeighed() || $total === null) {
            return Amount::plain(self::down($percent, 2)).' %';
        }
        // what is taken off a line goes to the base, so the batch stays as large; half a scale step keeps a ceiling
        // kept
        $kept = $percent / 100 * $total->low - $this->halfStep;
        $grams = $replaced !== null && $kept < ($replaced->grams->likely ?? 0.0) ? $kept
            : $percent / (100 - $percent) * ($total->low - ($replaced->grams->low ?? 0.0));

        return Amount::plain(self::down($grams, $grams < 0.1 ? 4 : 2)).' g';
    }

    /** So much of one line that it is enough however wide the others are, and however the scale rounds. */
    private function least(float $percent, WeighedLine $replaced): string
    {
        $total = $this->composition->total;
        if (! $this->isAllWeighed() || $total === null) {
            return Amount::plain(ceil($percent * 100 - 1e-6) / 100).' %';
        }
        $grams = $percent / (100 - $percent) * ($total->high - ($replaced->grams->high ?? 0.0)) + $this->halfStep;

        return Amount::plain(ceil($grams * 100 - 1e-6) / 100).' g';
    }

    /** Every line is in grams or spoons, and the lines make the batch. */
    private function isAllWeighed(): bool
    {
        return $this->composition->basis === Basis::Lines
            && $this->composition->total !== null
            && ! $this->hasPercentages();
    }

    /**
     * Puts the grams taken off some lines onto the base: plain water in a watery formula, else the most plentiful line.
     *
     * @param  list<WeighedLine>  $lines
     * @return list<Fix>
     */
    private function refilled(Fix $fix, array $lines): array
    {
        $taken = 0.0;
        $values = array_column($fix->patch, 'value', 'path');
        foreach ($lines as $line) {
            $value = $values['/lines/'.($line->position - 1).'/amount'] ?? null;
            $taken += self::staysInDrops($line)
                ? 0.0
                : $line->weighs() - (is_string($value) ? (float) $value : 0.0);
        }
        if ($taken <= 0.0) {
            return [$fix];
        }
        $base = $this->baseLine(...array_map(static fn (WeighedLine $line): int => $line->position, $lines));
        if ($this->isWatery && $base?->ingredient?->key !== $this->plainWater) {
            return [new Fix($fix->label, [
                ...$fix->patch,
                [
                    'op' => 'add',
                    'path' => '/lines/-',
                    'value' => [
                        'ingredient' => $this->plainWater,
                        'amount' => Amount::plain(round($taken, 2)).' g',
                        'phase' => Phase::Water->value,
                    ],
                ],
            ], $fix->terms)];
        }
        $grams = ($base->grams->likely ?? 0.0) + $taken;
        if (
            $base === null
            || 100 * $grams / ($this->composition->total->likely ?? $grams) > ($base->ingredient?->mostUse() ?? 0.0)
        ) {
            return [];
        }

        return [new Fix(
            $fix->label,
            [
                ...$fix->patch,
                [
                    'op' => 'replace',
                    'path' => '/lines/'.($base->position - 1).'/amount',
                    'value' => Amount::plain(round($grams, 2)).' g',
                ],
            ],
            $fix->terms,
        )];
    }

    private function hasPercentages(): bool
    {
        foreach ($this->composition->lines as $line) {
            if ($line->amount?->kind === AmountKind::Percent) {
                return true;
            }
        }

        return false;
    }

    /**
     * When the line that filled up to 100 gets a dose of its own, another has to fill up: plain water in place of a
     * watery one, else the most plentiful line that may be so plentiful.
     *
     * @return list<Fix>
     */
    private function restElsewhere(Fix $fix, WeighedLine $line, float $percent): array
    {
        $other = $this->baseLine($line->position);
        if (
            $this->isWatery
            && ($line->ingredient?->kind->isWatery() ?? false)
            && $other?->ingredient?->key !== $this->plainWater
        ) {
            return [new Fix($fix->label, [
                ...$fix->patch,
                [
                    'op' => 'add',
                    'path' => '/lines/-',
                    'value' => [
                        'ingredient' => $this->plainWater,
                        'amount' => 'to 100',
                        'phase' => Phase::Water->value,
                    ],
                ],
            ], $fix->terms)];
        }
        $becomes = ($other?->percent()->likely ?? 0.0) + ($line->percent()->likely ?? 0.0) - $percent;
        if ($other === null || $becomes > ($other->ingredient?->mostUse() ?? 0.0)) {
            return [];
        }

        return [new Fix(
            $fix->label,
            [
                ...$fix->patch,
                ['op' => 'replace', 'path' => '/lines/'.($other->position - 1).'/amount', 'value' => 'to 100'],
            ],
            $fix->terms,
        )];
    }

    private function balanced(Fix $fix, ?int $changed): Fix
    {
        $base = $changed === null ? $this->baseLine() : $this->baseLine($changed);
        if ($this->composition->hasRest || $this->composition->basis === Basis::Lines || $base === null) {
            return $fix;
        }

        return new Fix($fix->label, [
            ...$fix->patch,
            ['op' => 'replace', 'path' => '/lines/'.($base->position - 1).'/amount', 'value' => 'to 100'],
        ], $fix->terms);
    }

    /** Down, not to the nearest, so that a ceiling stays kept; a floor is never asked for to the last digit. */
    private static function down(float $value, int $digits): float
    {
        return max(10 ** -$digits, floor($value * 10 ** $digits + 1e-6) / 10 ** $digits);
    }
}
