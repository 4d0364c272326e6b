<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Range;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Certainty;

/** One preservative in the formula: its dose on the whole batch, judged. */
final readonly class PreservativeDose
{
    /**
     * An acid-dependent system works only where enough of the acid is undissociated: those with a ceiling at or below
     * this.
     */
    private const ACID_DEPENDENT_PH = 6.0;

    /**
     * @param  Band|null  $percent  of the finished batch; null when it can't be told
     * @param  list<ComponentDose>  $components
     * @param  Band|null  $acidity  the pH as estimated from what is dissolved, where it is neither meant nor measured
     */
    public function __construct(
        public WeighedLine $line,
        public Material $ingredient,
        public ?Band $percent,
        public array $components,
        public bool $heatedPastCeiling,
        public ?float $ph,
        public ?Band $acidity = null,
    ) {
    }

    public function range(): ?Range
    {
        return $this->ingredient->use;
    }

    public function tooLow(): ?Certainty
    {
        return $this->range() === null ? null : $this->percent?->below($this->range()->min);
    }

    public function dependsOnAcidity(): bool
    {
        return $this->ingredient->phMax !== null && $this->ingredient->phMax <= self::ACID_DEPENDENT_PH;
    }

    /** Its pH is neither said nor can it be told from what is dissolved on which side of the range it lies. */
    public function needsPh(): bool
    {
        return $this->acidity !== null && $this->dependsOnAcidity()
            && $this->acidity->low <= $this->ingredient->phMax && $this->acidity->high > $this->ingredient->phMax;
    }

    /** false only when a pH is known, or estimated for sure, and it is outside the system's range. */
    public function suitsPh(): bool
    {
        if ($this->acidity !== null && $this->dependsOnAcidity()) {
            return $this->acidity->low <= $this->ingredient->phMax;
        }

        [$low, $high] = $this->ingredient->worksAtPh();

        return $this->ph === null || ($this->ph >= $low - 1e-9 && $this->ph <= $high + 1e-9);
    }

    /**
     * In it, enough of it, in its pH range and not spoilt by heat.
     *
     * @param  bool  $onBatch  a made batch: an acid-dependent system then counts only with a measured pH
     */
    public function works(bool $onBatch): bool
    {
        return $this->percent !== null
            && $this->tooLow() === null
            && $this->suitsPh()
            && ! $this->heatedPastCeiling
            && ! ($onBatch && $this->dependsOnAcidity() && $this->ph === null);
    }
}
