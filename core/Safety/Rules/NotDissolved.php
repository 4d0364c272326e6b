<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Dissolution;
use Ilvane\Core\Physics\Dissolved;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** What floats on water, sinks in oil or comes out as crystals. */
final class NotDissolved implements Rule
{
    /** Shaken before use, no more than this of a scent oil may float. Percent of the batch; common practice. */
    public const SHAKEN = 0.5;

    /** So much gum holds droplets where they are. Percent of the batch; common practice. */
    private const HOLDING_GUM = 0.2;

    /** With a little to spare over what just holds. */
    private const COMFORT = 1.25;

    /** Less than this of something in oil is nothing to mind. Fraction of the batch. */
    private const TRACE = 0.001;

    /**
     * A weak acid comes out where more than twice what water dissolves of it would have to be in there: ppm at 20 °C.
     * CRC Handbook, recalled.
     */
    private const ACIDS = ['Benzoic Acid' => 2900.0, 'Sorbic Acid' => 1600.0, 'Salicylic Acid' => 1800.0];

    private const SUPERSATURATED = 2.0;

    public function examine(Assessment $assessment): iterable
    {
        $dissolution = $assessment->dissolution;
        $afloat = array_values(array_filter(
            $dissolution->in('floats', 'sinks'),
            static fn (Dissolved $one): bool => $one->in === 'water'
                && ! self::isLipid($one) && ! self::isPreservative($one),
        ));
        if ($afloat !== []) {
            yield self::afloat($assessment, self::lines($afloat));
        }
        $sunk = array_values(array_filter(
            $dissolution->in('sinks', 'suspended'),
            static fn (Dissolved $one): bool => $one->in === 'oil' && self::isStranger($one->line),
        ));
        if ($sunk !== [] && $assessment->emulsion->emulsifiers === [] && $assessment->emulsion->fats !== []) {
            yield new Finding('solubility.not_in_oil', Severity::Mind, self::positions(self::lines($sunk)), [
                'ingredients' => Term::ingredients(self::keys(self::lines($sunk))),
            ]);
        }
        foreach ($dissolution->in('crystallises') as $one) {
            if (self::isPreservative($one)) {
                continue; // its dose is judged elsewhere
            }
            $dissolves = $one->line->ingredient->dissolves['water'] ?? 0.0;
            $holds = is_float($dissolves) ? $dissolves * $assessment->composition->waterShare() : 0.0;
            $isEnough = $holds >= ($one->line->ingredient?->leastUse() ?? 0.0); // else less of it would do nothing
            yield new Finding('solubility.crystallises', Severity::Mind, [$one->line->position], [
                'ingredient' => Term::ingredient($one->line->ingredient->key ?? ''),
                'percent' => Term::percent($one->line->percent() ?? 0.0),
                'limit' => Term::percent($holds),
            ], ! $isEnough || $one->line->isInside() ? [] : (new Remedy($assessment))->dose(
                $one->line,
                $holds,
                'dose_to',
                ['percent' => Term::percent($holds)],
            ), keys: $one->line->insideKeys());
        }
        yield from self::acids($assessment);
    }

    /** Oil on water is for the emulsifier to hold. */
    private static function isLipid(Dissolved $one): bool
    {
        return $one->line->ingredient?->kind->isLipid() ?? false;
    }

    private static function isPreservative(Dissolved $one): bool
    {
        return $one->line->ingredient?->kind === Kind::Preservative;
    }

    /** @param  list<WeighedLine>  $lines */
    private static function afloat(Assessment $assessment, array $lines): Finding
    {
        $percent = 100 * Composition::shareOfLines($lines)->likely;
        $gum = 100 * Composition::shareOfLines($assessment->composition->ofKind(Kind::ThickenerGum))->likely;
        $isScent = array_filter(
            $lines,
            static fn (WeighedLine $line): bool => $line->ingredient?->kind->isScent() ?? false,
        ) !== [];
        $isHeld = $gum >= self::HOLDING_GUM || ! $isScent
            || $assessment->formula->use === Application::RinseOff
            || ($percent <= self::SHAKEN + 1e-9 && self::saysShake($assessment->formula->directions));

        return new Finding(
            'solubility.floats',
            $isHeld ? Severity::Mind : Severity::Stop,
            self::positions($lines),
            [
                'ingredients' => Term::ingredients(self::keys($lines)),
                'percent' => Term::percent(round($percent, 2)),
                'needed' => Term::percent(round(Dissolution::SOLUBILISER * self::COMFORT * $percent, 1)),
                'most' => Term::percent(self::SHAKEN),
            ],
            self::solubilised($assessment, $percent),
            variant: $gum >= self::HOLDING_GUM ? 'gel' : ($isScent ? 'scent' : 'usual'),
        );
    }

    /** @return list<Fix> */
    private static function solubilised(Assessment $assessment, float $percent): array
    {
        $needed = ceil(10 * Dissolution::SOLUBILISER * self::COMFORT * $percent - 1e-9) / 10;
        $there = $assessment->composition->ofKind(Kind::Solubiliser)[0] ?? null;
        $material = $there->ingredient ?? $assessment->catalogue->choice(ChoiceRole::Solubiliser);
        if ($needed > $material->mostUse() || ($there?->isInside() ?? false)) {
            return [];
        }
        $terms = ['ingredient' => Term::ingredient($material->key), 'percent' => Term::percent($needed)];
        $remedy = new Remedy($assessment);

        return $there === null
            ? [$remedy->add($material->key, $needed, Phase::Cooldown, 'add_solubiliser', $terms)]
            : $remedy->dose($there, $needed, 'dose_to', $terms, isLeast: true);
    }

    /** @return iterable<Finding> */
    private static function acids(Assessment $assessment): iterable
    {
        foreach ($assessment->preservation->effect->free->free ?? [] as $inci => $ppm) {
            $limit = self::SUPERSATURATED * (self::ACIDS[$inci] ?? INF);
            if ($ppm > $limit) {
                yield new Finding('solubility.crystallises', Severity::Mind, array_map(
                    static fn ($dose): int => $dose->line->position,
                    $assessment->preservation->doses,
                ), [
                    'ingredient' => Term::text($inci),
                    'percent' => Term::percent(round($ppm / 10_000, 2)),
                    'limit' => Term::percent($limit / 10_000),
                ], variant: 'acid');
            }
        }
    }

    public static function saysShake(string $directions): bool
    {
        return preg_match('/\b(shake|shaken|agite|agitez|agiter|secoue|secouez|secouer)\b/iu', $directions) === 1;
    }

    /** Neither fat nor plant nor gum, and enough of it to see: what has no business in pure fat. */
    private static function isStranger(WeighedLine $line): bool
    {
        $material = $line->ingredient;

        return $material !== null
            && $line->part() >= self::TRACE
            && ! $material->kind->isPlant()
            && ! $material->bringsFreeWater()
            && $material->water() < Dissolution::WATER_FROM
            && ! in_array($material->kind, [Kind::Preservative, Kind::ThickenerGum], true);
    }

    /**
     * @param  list<Dissolved>  $found
     * @return list<WeighedLine>
     */
    private static function lines(array $found): array
    {
        return array_map(static fn (Dissolved $one): WeighedLine => $one->line, $found);
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<int>
     */
    private static function positions(array $lines): array
    {
        return array_values(array_unique(array_map(
            static fn (WeighedLine $line): int => $line->position,
            $lines,
        )));
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<string>
     */
    private static function keys(array $lines): array
    {
        return array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines);
    }
}
