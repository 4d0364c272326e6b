<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks;

use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Amount;

/** Writes fixes that leave the formula adding up: in percent where the batch is fixed, in grams where the lines make it. */
final readonly class Remedy
{
    private Composition $composition;

    public function __construct(Assessment $assessment)
    {
        $this->composition = $assessment->composition;
    }

    /**
     * Sets one line to a percentage of the finished batch, never above it after rounding.
     *
     * @param  array<string, Term>  $terms
     */
    public function dose(WeighedLine $line, float $percent, string $label, array $terms = []): Fix
    {
        $fix = Fix::amount($line->position, $this->amount($percent, $line), $label, $terms);

        return $this->balanced($fix, $line->position);
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

    /**
     * Sets several lines in the same proportion.
     *
     * @param  list<WeighedLine>  $lines
     * @param  array<string, Term>  $terms
     */
    public function scale(array $lines, float $factor, string $label, array $terms = []): ?Fix
    {
        $patch = [];
        foreach ($lines as $line) {
            $percent = $line->percent();
            if ($percent !== null) {
                $patch[] = ['op' => 'replace', 'path' => '/lines/'.($line->position - 1).'/amount', 'value' => $this->amount($percent->likely * $factor, $line)];
            }
        }

        return $patch === [] ? null : $this->balanced(new Fix($label, $patch, $terms), null);
    }

    /** The line that can best take up the difference: the most plentiful water, else the most plentiful line. */
    public function baseLine(?int $except = null): ?WeighedLine
    {
        $best = null;
        foreach ($this->composition->known() as $line) {
            if ($line->position === $except || $line->share === null || $line->ingredient === null) {
                continue;
            }
            $weight = $line->share->likely + ($line->ingredient->kind->isWatery() ? 1.0 : 0.0) - ($line->phase === Phase::Cooldown ? 0.5 : 0.0);
            if ($best === null || $weight > $best[0]) {
                $best = [$weight, $line];
            }
        }

        return $best[1] ?? null;
    }

    private function amount(float $percent, ?WeighedLine $replaced): string
    {
        if ($this->composition->basis !== Basis::Lines || $this->composition->total === null) {
            return Amount::plain(self::down($percent, 2)).' %';
        }
        $rest = $this->composition->total->likely - ($replaced->grams->likely ?? 0.0);

        return Amount::plain(self::down($percent / (100 - $percent) * $rest, 2)).' g';
    }

    private function balanced(Fix $fix, ?int $changed): Fix
    {
        $base = $this->baseLine($changed);
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
