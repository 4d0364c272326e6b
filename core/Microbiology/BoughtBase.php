<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;

/**
 * A bought base (a conditioner, a mask) that something is stirred into. Its preservative was dosed and tested for the
 * base as it was sold; what is added thins it, and may feed what it held.
 */
final readonly class BoughtBase
{
    /** So much in all may go in and the base's own preservative still be trusted, share of the whole. A guess. */
    public const ADDED = 0.10;

    /** More water, plant or food than this, and nobody can say that it still holds. Share of the whole; a guess. */
    public const FEEDING = 0.01;

    /** Oil a base takes without an emulsifier of its own, share of the whole. Common practice, recalled. */
    public const OIL = 0.05;

    /** Held by a preservative that was dosed for something else, half the usual time at the most, days. A guess. */
    public const DAYS = 90.0;

    /** Water in it where nobody has said, grams in a gram: conditioners and lotions hold 60 to 90 %. Recalled. */
    public const WATER = 0.8;

    /**
     * @param  non-empty-list<WeighedLine>  $lines
     * @param  bool  $isPreserved  its list names a preservative, in every one of them
     * @param  float  $share  of the whole
     * @param  float  $feeding  water, plants, foods and proteins that were added, share of the whole
     */
    private function __construct(
        public array $lines,
        public bool $isPreserved,
        public float $share,
        public float $feeding,
    ) {
    }

    /** null where there is none */
    public static function of(Composition $composition): ?self
    {
        $lines = $composition->ofKind(Kind::BoughtBase);
        if ($lines === []) {
            return null;
        }
        $feeding = $composition->linesWith(self::feeds(...));

        return new self(
            $lines,
            array_filter(
                $lines,
                static fn (WeighedLine $line): bool => $line->ingredient?->is(MaterialTrait::PreservesItself) !== true,
            ) === [],
            Composition::shareOfLines($lines)->likely,
            Composition::shareOfLines($feeding)->high,
        );
    }

    /** Whether its own preservative is still trusted with what was added. */
    public function holds(): bool
    {
        return $this->isPreserved
            && $this->feeding <= self::FEEDING + 1e-9
            && 1 - $this->share <= self::ADDED + 1e-9;
    }

    /** Days it is good for once it is open, as far as is said. */
    public function days(): float
    {
        return min(self::DAYS, ...array_map(
            static fn (WeighedLine $line): float => $line->ingredient?->openedDays() ?? self::DAYS,
            $this->lines,
        ));
    }

    /** What microbes live on, or water they live in. */
    private static function feeds(Material $material): bool
    {
        return $material->kind->isWatery()
            || $material->kind->isPlant()
            || $material->kind === Kind::Protein
            || $material->kind === Kind::PlantMilkOrFood;
    }
}
