<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** What a part is taken to be where nobody has said otherwise: one row of data/parts.csv. */
final readonly class PartDefaults
{
    /**
     * @param  bool|null  $isOily  its carrier is oil; false for water, null where it has none of its own
     * @param  list<string>  $preparations  kinds of data/preparations.csv it may be made like, the likeliest first
     * @param  string|null  $standsFor  key of the material it behaves like, where data/preparations.csv knows no
     *   making of its plant
     * @param  float|null  $counterHours  null where what is in it tells
     * @param  LeftOver|null  $leftOver  what is strained out; null where nothing is
     * @param  float  $usualMinutes  from the first hand on it until it can be used, common practice
     */
    public function __construct(
        public bool $isStrained,
        public ?bool $isOily,
        public array $preparations,
        public ?string $standsFor,
        public ?float $counterHours,
        public ?float $fridgeDays,
        public ?float $freezerDays,
        public float $usualMinutes,
        public string $source,
        public ?LeftOver $leftOver = null,
    ) {
    }
}
