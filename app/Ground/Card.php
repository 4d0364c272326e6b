<?php

declare(strict_types=1);

namespace App\Ground;

use App\Drawing\Section;

/** One thing that stands in the workroom, drawn, with what is to be said of it. */
final readonly class Card
{
    /** Cards of one kind on a page. */
    public const SHOWN = 12;

    /** Drawing units the tallest thing on a shelf stands high. */
    public const STANDS = 120.0;

    /** A vessel of so many millimetres stands the full height; the others to the same scale. */
    public const TALLEST_MM = 130.0;

    /**
     * @param  string  $kind  making | jar | planned | lot | made | formula
     * @param  string  $brief  the state in a word, where there is room for no more
     * @param  float|null  $life  how much of its life is left, 0 to 1; null where it has no date
     * @param  float|null  $celsius  °C, where it was measured just now
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $href,
        public Section $vessel,
        public string $state = '',
        public string $brief = '',
        public string $detail = '',
        public string $code = '',
        public bool $isUrgent = false,
        public bool $leans = false,
        public ?float $life = null,
        public ?float $celsius = null,
    ) {
    }
}
