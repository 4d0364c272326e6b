<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;

/**
 * What a formula's preservative does where it is: how far what is free reaches for each group, and what dose in a plain
 * lotion would do the same. It may lower what the supplier's range says, never raise it. An estimate.
 */
final readonly class PreservativeEffect
{
    /** The lotion a supplier's range is thought for: 15 % triglyceride, a little under the upper end of its pH. */
    private const LOTION_OIL = 0.15;

    private const UNDER_UPPER_PH = 0.5;

    private const LOTION_PH = 6.5;

    /** Of the lowest dose: from here as the supplier says, from there on possibly. Fitted. */
    private const AS_SAID = 0.9;

    private const HALF = 0.5;

    /** More milk or yoghurt than this binds a chelator with its calcium. */
    private const HARD = 0.20;

    private const NEUTRAL = 7.0;

    /**
     * @param  float|null  $worksLike  percent in a plain lotion that would do the same; null for what has no range
     * @param  string  $word  yes, possibly or no
     * @param  list<string>  $acting  forms of what the preservatives of the formula bring, by INCI name
     */
    private function __construct(
        public FreePreservative $free,
        public ?PreservativeDose $main,
        public ?float $worksLike,
        public string $word,
        private array $acting,
    ) {
    }

    /**
     * @param  list<PreservativeDose>  $doses
     * @param  float|null  $ph  meant or measured; null where it is estimated with the doses
     */
    public static function of(Catalogue $catalogue, Composition $composition, array $doses, ?float $ph): ?self
    {
        $activities = new Activities($catalogue);
        $parts = $activities->in($composition);
        $known = array_filter($parts, static fn (array $part): bool => $part[0]->needs !== []);
        if ($doses === [] || $known === []) {
            return null; // nothing the model has figures for
        }
        $medium = Medium::of($composition);
        $ph ??= self::phOf($doses);
        $free = FreePreservative::of($parts, $medium, $ph, self::isHard($composition));
        $main = self::main($doses);
        $worksLike = $main === null ? null : self::worksLike($activities, $main, $medium, $ph);
        $words = [FreePreservative::word(min($free->reach))];
        $range = $main?->range();
        if ($worksLike !== null && $range !== null) {
            $ratio = $worksLike / $range->min;
            $words[] = match (true) {
                $ratio >= self::AS_SAID - 1e-9 => 'yes',
                $ratio >= self::HALF - 1e-9 => 'possibly',
                default => 'no',
            };
        }

        return new self($free, $main, $worksLike, match (true) {
            in_array('no', $words, true) => 'no',
            in_array('possibly', $words, true) => 'possibly',
            default => 'yes',
        }, self::acting($catalogue, $doses));
    }

    /**
     * @param  list<PreservativeDose>  $doses
     * @return list<string>
     */
    private static function acting(Catalogue $catalogue, array $doses): array
    {
        $acting = [];
        foreach ($doses as $dose) {
            foreach ($dose->components as $component) {
                $inci = $component->component->inci;
                $acting[] = $catalogue->salts()[$inci][0] ?? $inci;
            }
        }

        return array_values(array_unique($acting));
    }

    public function whereItWent(): WhereItWent
    {
        return $this->free->whereItWent($this->acting);
    }

    /** @param  list<PreservativeDose>  $doses  whose pH is asked for elsewhere: here the one they are meant for */
    private static function phOf(array $doses): float
    {
        $ph = $doses[0]->acidity->likely ?? self::NEUTRAL;
        foreach ($doses as $dose) {
            $ph = $dose->dependsOnAcidity() ? min($ph, $dose->ingredient->phMax ?? $ph) : $ph;
        }

        return $ph;
    }

    /**
     * The one full system at its dose; null where there is none, or more.
     *
     * @param  list<PreservativeDose>  $doses
     */
    private static function main(array $doses): ?PreservativeDose
    {
        $full = array_values(array_filter(
            $doses,
            static fn (PreservativeDose $dose): bool => ($dose->ingredient->coverage?->isComplete() ?? false)
                && $dose->percent !== null
                && $dose->range() !== null,
        ));

        return count($full) === 1 ? $full[0] : null;
    }

    private static function worksLike(Activities $activities, PreservativeDose $dose, Medium $medium, float $ph): ?float
    {
        $percent = $dose->percent->likely ?? 0.0;
        $shares = [];
        foreach ($dose->ingredient->preservativeComponents as $component) {
            $shares[$component->inci] = $percent * $component->typical / 100;
        }
        $parts = $activities->of($shares);
        $upper = min(self::LOTION_PH, $dose->ingredient->phMax ?? self::LOTION_PH) - self::UNDER_UPPER_PH;
        $there = FreePreservative::of($parts, new Medium(oil: self::LOTION_OIL), $upper);
        $here = FreePreservative::of($parts, $medium, $ph);
        $least = null;
        foreach ($there->reach as $organism => $reach) {
            if ($reach > 0.0) {
                $ratio = $here->reach[$organism] / $reach;
                $least = min($least ?? $ratio, $ratio);
            }
        }

        return $least === null ? null : $percent * $least;
    }

    private static function isHard(Composition $composition): bool
    {
        return Composition::shareOfLines(array_values(array_filter(
            $composition->known(),
            static fn (WeighedLine $line): bool => $line->ingredient instanceof Material
                && Load::isFood($line->ingredient),
        )))->likely > self::HARD;
    }
}
