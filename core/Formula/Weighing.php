<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Bulk;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\UnreadableAmount;

/**
 * From a formula as written to its composition: reads every amount, finds every ingredient, settles the total.
 *
 * Total T: with a "to 100" line, or with percentages and a batch size, the batch size. Else T = Σgrams / (1 −
 * Σpercent).
 * With grams alone the batch size is ignored. With percentages alone and no batch size, 100 g.
 */
final readonly class Weighing
{
    /** Basis when nothing but percentages is given, grams. */
    private const HUNDRED_G = 100.0;

    public function __construct(private Catalogue $catalogue, private Tools $tools)
    {
    }

    public function of(Formula $formula): Composition
    {
        $tools = $formula->scaleResolutionG === null ? $this->tools : $this->tools->onScale($formula->scaleResolutionG);
        $drafts = [];
        $hasRest = false;
        foreach ($formula->lines as $i => $line) {
            $drafts[] = $draft = $this->draft($i + 1, $line, $formula->family, $tools, $hasRest);
            $hasRest = $hasRest || $draft->amount?->kind === AmountKind::Rest;
        }

        $weighed = Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->isInBatch() ? $line->grams ?? Band::zero() : Band::zero(),
            $drafts,
        ));
        $percents = Band::sum(array_map(self::percentOf(...), $drafts));
        $basis = self::basis($formula->batchGrams, $hasRest, $weighed->likely > 0, $percents->likely > 0);
        $total = self::total($basis, $formula->batchGrams, $weighed, $percents);
        $accounted = $total === null || $total->likely <= 0 ? Band::zero() : Band::of(
            $weighed->low / $total->high + $percents->low,
            $weighed->likely / $total->likely + $percents->likely,
            $weighed->high / $total->low + $percents->high,
        );
        if ($basis === Basis::Lines) {
            $accounted = Band::exact($total === null ? $percents->likely : 1.0);
        }

        $lines = array_map(
            static fn (WeighedLine $line): WeighedLine => self::settle($line, $total, $basis, $weighed, $percents),
            $drafts,
        );

        return new Composition(
            $lines,
            $total,
            $basis,
            $accounted,
            $hasRest,
            $this->inside($lines),
        );
    }

    private function draft(int $position, Line $line, Family $family, Tools $tools, bool $restTaken): WeighedLine
    {
        $ingredient = $this->ingredientOf($line);
        $amount = $grams = $unread = null;
        try {
            $amount = $line->text === null || $line->ingredient !== null ? AmountReader::read($line->amount) : null;
        } catch (UnreadableAmount $problem) {
            $unread = 'amount_'.$problem->reason;
        }
        if ($line->formula !== null) {
            return $this->formulaDraft($position, $line, $line->formula, $amount, $unread, $tools);
        }
        if ($line->text !== null && $ingredient === null) {
            $unread = 'recipe_line';
        } elseif ($ingredient === null) {
            $unread = $line->ingredient === null ? 'unknown_name' : 'unknown_key';
        }
        if ($amount?->kind === AmountKind::Rest && $restTaken) {
            [$amount, $unread] = [null, 'second_rest'];
        }
        if ($amount?->number !== null && $amount->piece !== null) {
            $one = $ingredient?->weightOf($amount->piece);
            $grams = $one === null ? null : $amount->number->times($one);
        } elseif ($amount?->number !== null && $amount->unit !== null) {
            $grams = $ingredient === null
                ? self::gramsOfUnknown($amount, $tools)
                : $tools->grams($amount->number, $amount->unit, $ingredient->bulk);
        }

        return new WeighedLine(
            $position,
            $line,
            $ingredient,
            $line->phase ?? $ingredient->defaultPhase ?? $family->usualPhase(),
            $amount,
            $grams,
            null,
            $unread,
        );
    }

    /** A formula of the maker's own as an ingredient: weighed by the density of its mix. */
    private function formulaDraft(
        int $position,
        Line $line,
        Formula $formula,
        ?Amount $amount,
        ?string $unread,
        Tools $tools,
    ): WeighedLine {
        $inner = $this->of($formula);
        $bulk = new Bulk($inner->density(), null, 0.0);
        $grams = $amount?->number !== null && $amount->unit !== null
            ? $tools->grams($amount->number, $amount->unit, $bulk)
            : null;
        $unread ??= $inner->known() === [] ? 'formula_empty' : null;

        return new WeighedLine(
            $position,
            $line,
            null,
            $line->phase ?? ($inner->waterShare() >= 0.5 ? Phase::Water : Phase::Oil),
            $amount,
            $grams,
            null,
            $unread,
        );
    }

    /**
     * What is inside the lines that are formulas of their own, in the shares it has of the whole.
     *
     * @param  list<WeighedLine>  $lines
     * @return list<WeighedLine>
     */
    private function inside(array $lines): array
    {
        $inside = [];
        foreach ($lines as $outer) {
            if ($outer->line->formula === null || $outer->grams === null) {
                continue;
            }
            foreach ($this->of($outer->line->formula)->known() as $inner) {
                $part = $inner->share ?? Band::zero();
                $inside[] = new WeighedLine(
                    $outer->position,
                    $outer->line,
                    $inner->ingredient,
                    $outer->phase,
                    $outer->amount,
                    $outer->grams->times($part),
                    $outer->share?->times($part),
                    null,
                );
            }
        }

        return $inside;
    }

    private function ingredientOf(Line $line): ?Material
    {
        if ($line->ingredient !== null) {
            return $this->catalogue->has($line->ingredient) ? $this->catalogue->get($line->ingredient) : null;
        }

        return $line->name === null ? null : $this->catalogue->named($line->name);
    }

    /** What nobody knows can still be weighed. */
    private static function gramsOfUnknown(Amount $amount, Tools $tools): ?Band
    {
        return $amount->number !== null && $amount->unit?->grams() !== null
            ? $tools->grams($amount->number, $amount->unit, new Bulk(null, null, 0.0))
            : null;
    }

    /** Fraction of the batch a percent line asks for. */
    private static function percentOf(WeighedLine $line): Band
    {
        return $line->amount?->kind === AmountKind::Percent && $line->amount->number !== null && $line->isInBatch()
            ? $line->amount->number->times(0.01)
            : Band::zero();
    }

    private static function basis(?float $batch, bool $hasRest, bool $hasGrams, bool $hasPercent): Basis
    {
        return match (true) {
            $hasRest && $batch !== null, $hasPercent && $batch !== null => Basis::Given,
            $hasRest && $hasGrams => Basis::Unknown,
            $hasRest || ! $hasGrams => Basis::Hundred,
            default => Basis::Lines,
        };
    }

    private static function total(Basis $basis, ?float $batch, Band $weighed, Band $percents): ?Band
    {
        return match ($basis) {
            Basis::Given => Band::exact((float) $batch),
            Basis::Hundred => Band::exact(self::HUNDRED_G),
            Basis::Unknown => null,
            Basis::Lines => $percents->high >= 1.0 ? null : Band::of(
                $weighed->low / (1 - $percents->low),
                $weighed->likely / (1 - $percents->likely),
                $weighed->high / (1 - $percents->high),
            ),
        };
    }

    private static function settle(
        WeighedLine $line,
        ?Band $total,
        Basis $basis,
        Band $weighed,
        Band $percents,
    ): WeighedLine {
        $grams = $line->grams;
        $share = null;
        if (! $line->isInBatch()) {
            return $line;
        }
        if ($line->amount?->kind === AmountKind::Percent) {
            $share = self::percentOf($line);
            $grams = $total === null ? null : $share->times($total);
        } elseif ($line->amount?->kind === AmountKind::Rest && $total !== null) {
            $grams = $total->minus($weighed)->minus($percents->times($total))->notBelowZero();
            $share = $grams->times(1 / $total->likely);
        } elseif ($grams !== null && $total !== null) {
            $share = $basis === Basis::Lines
                ? self::shareAmongWeighed($grams, $weighed, $percents)
                : $grams->times(1 / $total->likely);
        }

        return new WeighedLine(
            $line->position,
            $line->line,
            $line->ingredient,
            $line->phase,
            $line->amount,
            $grams,
            $share,
            $line->unread,
        );
    }

    /** The line is in its own total: its bounds meet the opposite bounds of the other weighed lines. */
    private static function shareAmongWeighed(Band $grams, Band $weighed, Band $percents): Band
    {
        $others = Band::of(
            max(0.0, $weighed->low - $grams->low),
            max(0.0, $weighed->likely - $grams->likely),
            max(0.0, $weighed->high - $grams->high),
        );

        return Band::share($grams, $others)->times(Band::of(
            1 - $percents->high,
            1 - $percents->likely,
            1 - $percents->low,
        ));
    }
}
