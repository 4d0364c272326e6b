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
        $parts = (new PartWeighing($this, $this->catalogue, $this->tools))->of($formula);

        return $this->with($parts, $formula);
    }

    /** @param  array<string, WeighedPart>  $parts  those its lines may take of, by key */
    public function with(array $parts, Formula $formula): Composition
    {
        $tools = $formula->scaleResolutionG === null ? $this->tools : $this->tools->onScale($formula->scaleResolutionG);
        $drafts = [];
        $hasRest = false;
        foreach ($formula->lines as $i => $line) {
            $drafts[] = $draft = $this->draft($i + 1, $line, $formula->family, $tools, $hasRest, $parts);
            $hasRest = $hasRest || $draft->amount?->kind === AmountKind::Rest;
        }

        $weighed = Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->isInBatch() ? $line->grams ?? Band::zero() : Band::zero(),
            $drafts,
        ));
        $percents = Band::sum(array_map(self::percentOf(...), $drafts));
        $basis = self::basis($formula->batchGrams, $hasRest, $weighed->likely > 0, $percents->likely > 0);
        $total = self::total($basis, $formula->batchGrams, $weighed, $percents);
        $accounted = self::accounted($basis, $total, $weighed, $percents);
        $lines = array_map(
            static fn (WeighedLine $line): WeighedLine => self::settle($line, $total, $basis, $weighed, $percents),
            $drafts,
        );

        $strained = StrainedOut::of($lines, $formula->family, $total);
        $inner = $extracts = [];
        foreach ($lines as $outer) {
            foreach ($this->inside($outer, $parts) as $inside) {
                $inside instanceof Extract ? $extracts[] = $inside : $inner[] = $inside;
            }
        }

        return new Composition(
            $lines,
            $total,
            $basis,
            $accounted,
            $hasRest,
            $inner,
            [...array_values($parts), ...($strained === null ? [] : [$strained])],
            [...$extracts, ...StrainedOut::extracts($strained, $total)],
        );
    }

    /** @param  array<string, WeighedPart>  $parts */
    private function draft(
        int $position,
        Line $line,
        Family $family,
        Tools $tools,
        bool $restTaken,
        array $parts,
    ): WeighedLine {
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
        if ($line->part !== null) {
            return self::partDraft($position, $line, $parts[$line->part] ?? null, $amount, $unread, $tools);
        }
        if ($line->text !== null && $ingredient === null) {
            $unread = 'recipe_line';
        } elseif ($ingredient === null) {
            $unread = match (true) {
                $line->ingredient !== null => 'unknown_key',
                $this->catalogue->meantBy($line->name ?? '') !== [] => 'several_meant',
                default => 'unknown_name',
            };
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
            StrainedOut::phaseOf($line->phase ?? $ingredient->defaultPhase ?? $family->usualPhase(), $ingredient),
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

    /** All of a part where no amount is said; else so much of it, by its density. */
    private static function partDraft(
        int $position,
        Line $line,
        ?WeighedPart $part,
        ?Amount $amount,
        ?string $unread,
        Tools $tools,
    ): WeighedLine {
        $grams = null;
        if (trim($line->amount) === '') {
            [$amount, $unread, $grams] = [null, null, $part?->gives];
        } elseif ($amount?->number !== null && $amount->unit !== null) {
            $grams = $tools->grams($amount->number, $amount->unit, new Bulk($part?->density(), null, 0.0));
        }
        $unread ??= match (true) {
            $part === null => 'unknown_part',
            $part->holds === [], $part->gives?->likely <= 0 && $part->gives !== null => 'part_empty',
            default => null,
        };

        return new WeighedLine(
            $position,
            $line,
            null,
            $line->phase ?? ($part?->isOily() ?? false ? Phase::Oil : Phase::Water),
            $amount,
            $grams,
            null,
            $unread,
        );
    }

    /**
     * What is inside a line that is a formula of its own or takes of a part, in the shares it has of the whole.
     *
     * @param  array<string, WeighedPart>  $parts
     * @return iterable<WeighedLine|Extract>
     */
    private function inside(WeighedLine $outer, array $parts): iterable
    {
        $part = $outer->line->part === null ? null : ($parts[$outer->line->part] ?? null);
        foreach ($outer->grams === null ? [] : $part->holds ?? [] as $inner) {
            yield $inner->within($outer);
        }
        foreach ($part->extracts ?? [] as $extract) {
            yield $extract->within($outer);
        }
        if ($outer->line->formula === null || $outer->grams === null) {
            return;
        }
        $formula = $this->of($outer->line->formula);
        foreach ($formula->known() as $inner) {
            $share = $inner->share ?? Band::zero();
            yield new WeighedLine(
                $outer->position,
                $outer->line,
                $inner->ingredient,
                $outer->phase,
                $outer->amount,
                $outer->grams->times($share),
                $outer->share?->times($share),
                null,
            );
        }
        foreach ($formula->extracts as $extract) {
            yield $extract->within($outer);
        }
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

    /** Fraction of the batch that its lines make up, a "to 100" line aside. */
    private static function accounted(Basis $basis, ?Band $total, Band $weighed, Band $percents): Band
    {
        return match (true) {
            $basis === Basis::Lines => Band::exact($total === null ? $percents->likely : 1.0),
            $total === null, $total->low <= 0 => Band::zero(),
            default => Band::of(
                $weighed->low / $total->high + $percents->low,
                $weighed->likely / $total->likely + $percents->likely,
                $weighed->high / $total->low + $percents->high,
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

        return $line->weighing($grams, $share);
    }

    /** The line is in its own total: its bounds meet the opposite bounds of the other weighed lines. */
    private static function shareAmongWeighed(Band $grams, Band $weighed, Band $percents): Band
    {
        $likely = max(0.0, $weighed->likely - $grams->likely);
        $others = Band::of( // what is weighed has no width: the last digits of a sum are not one
            min($likely, max(0.0, $weighed->low - $grams->low)),
            $likely,
            max($likely, $weighed->high - $grams->high),
        );

        return Band::share($grams, $others)->times(Band::of(
            1 - $percents->high,
            1 - $percents->likely,
            1 - $percents->low,
        ));
    }
}
