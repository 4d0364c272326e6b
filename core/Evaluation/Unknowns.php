<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Safety\Assessment;

/** The lines of a formula that nobody could read or that have no weight, and what they might be. */
final readonly class Unknowns
{
    /** What a line that nobody could read might be, and a formula might lack. */
    private const MIGHT_BE = [ChoiceRole::Preservative, ChoiceRole::Emulsifier];

    /** @var list<WeighedLine> */
    private array $lines;

    public function __construct(private Assessment $assessment, private Catalogue $catalogue)
    {
        $this->lines = array_values(array_filter(
            $assessment->composition->lines,
            static fn (WeighedLine $line): bool => ! $line->line->isBlank()
                && ($line->unread !== null || ($line->isOpen() && $line->ingredient !== null)),
        ));
    }

    public function areThere(): bool
    {
        return $this->lines !== [];
    }

    /** @return iterable<Formula> with each of them as nothing, as what may be missing, at the least and at the most */
    public function formulas(): iterable
    {
        yield $this->with(static fn (WeighedLine $line): ?Line => null);
        foreach (self::MIGHT_BE as $role) {
            $material = $this->catalogue->choice($role);
            yield $this->with(fn (WeighedLine $line): ?Line => $line->ingredient === null
                ? self::line($material, $material->use->typical ?? 1.0)
                : $this->known($line, false));
        }
        yield $this->with(fn (WeighedLine $line): ?Line => $this->known($line, true));
    }

    /** So much of it as is usual, or as much as it may be. */
    private function known(WeighedLine $line, bool $isMost): ?Line
    {
        $range = $line->ingredient?->use;

        return $line->ingredient === null || $range === null
            ? null
            : self::line($line->ingredient, $isMost ? $range->max : $range->typical);
    }

    private static function line(Material $material, float $percent): Line
    {
        return new Line(
            ingredient: $material->key,
            amount: Amount::plain($percent).' %',
            phase: $material->defaultPhase,
        );
    }

    /** @param  callable(WeighedLine): (Line|null)  $as */
    private function with(callable $as): Formula
    {
        $lines = $this->assessment->formula->lines;
        foreach ($this->lines as $unknown) {
            $line = $as($unknown);
            $lines[$unknown->position - 1] = $line;
        }

        return $this->assessment->formula->withLines(array_values(array_filter($lines)));
    }
}
