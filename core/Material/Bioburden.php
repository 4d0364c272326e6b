<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use Ilvane\Core\Measure\Band;

/** What microbes find in a material, and how many of them come with it: data/bioburden.csv. An estimate. */
final readonly class Bioburden
{
    /**
     * @param  Band  $start  colony-forming units in a gram
     * @param  float  $food  how well it feeds them: 1 as food does, a quarter for a hydrosol
     * @param  bool  $isRaw  neither boiled nor bottled: what comes with it grows at once
     * @param  float|null  $ph  usual of it, for what grows in it where no pH is said
     */
    public function __construct(
        public Band $start,
        public float $food,
        public bool $isRaw,
        public ?float $ph = null,
    ) {
    }
}
