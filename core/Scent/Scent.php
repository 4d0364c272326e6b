<?php

declare(strict_types=1);

namespace Ilvane\Core\Scent;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;

/**
 * Scent oils in all, and the ceilings that hold for this use and these people, in percent of the batch.
 * Ceilings: published essential-oil safety texts, recalled; common practice for hair and scalp.
 */
final readonly class Scent
{
    public const ADULT_PLENTY = 1.0;

    public const ADULT_MOST = 2.0;

    public const CHILD_6_TO_11_MOST = 0.5;

    public const CHILD_3_TO_5_MOST = 0.25;

    public const PREGNANT_MOST = 1.0;

    /** @param  list<WeighedLine>  $lines */
    private function __construct(
        public array $lines,
        public Band $percent,
        public float $plenty,
        public float $most,
        private Application $use,
    ) {
    }

    public static function of(Formula $formula, Composition $composition): self
    {
        $lines = $composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isScent());
        [$plenty, $most] = match ($formula->audience) {
            Audience::ChildUnder3 => [0.0, 0.0],
            Audience::ChildUnder6 => [self::CHILD_3_TO_5_MOST, self::CHILD_3_TO_5_MOST],
            Audience::ChildUnder12 => [self::CHILD_6_TO_11_MOST, self::CHILD_6_TO_11_MOST],
            Audience::Pregnant => [self::PREGNANT_MOST, self::PREGNANT_MOST],
            Audience::Adult => [
                $formula->use === Application::RinseOff ? self::ADULT_MOST : self::ADULT_PLENTY,
                self::ADULT_MOST,
            ],
        };

        return new self($lines, Composition::shareOfLines($lines)->times(100.0), $plenty, $most, $formula->use);
    }

    /** What one scent oil may reach on its own, percent of the batch; null where nothing is known. */
    /**
     * Whole drops of the first of them that surely stay within what is plenty; null without a batch size or a density.
     */
    public function mostDrops(?Band $batch, Tools $tools): ?int
    {
        $ingredient = $this->lines[0]->ingredient ?? null;
        $drop = $ingredient === null ? null : $tools->grams(Band::exact(1.0), Unit::Drop, $ingredient->bulk);

        return $batch === null || $drop === null || $drop->high <= 0
            ? null
            : (int) floor($batch->low * $this->plenty / 100 / $drop->high);
    }

    public function ceilingOf(Material $ingredient): ?float
    {
        return $this->use === Application::RinseOff ? $ingredient->rinseOffMax : $ingredient->use?->max;
    }
}
