<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** One limit of a material, and who says so: data/limits.csv, or the maker's own sheet. */
final readonly class Limit
{
    /** On skin that meets the sun. */
    public const PHOTOTOXIC = 'phototoxic';

    /** Grams of a plant in 100 g of oil beyond which the oil gets no stronger. */
    public const INFUSE = 'infuse';

    /**
     * @param  string  $what  what is limited, as in `ilvane.material/1`
     * @param  float|null  $min  percent of the finished product; null where there is no least
     * @param  float|null  $max  percent of the finished product; null where there is no most
     * @param  string  $use  leave_on, rinse_off, or "" for both
     * @param  string  $audience  as in `ilvane.formula/1`, or "" for everyone
     * @param  string  $confidence  law, measured, practice or recalled
     */
    public function __construct(
        public string $what,
        public ?float $min,
        public ?float $max,
        public string $use,
        public string $audience,
        public string $source,
        public string $confidence,
    ) {
    }
}
