<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;

/** One line as it was read: what, how much, how sure, and where in the text it stands. */
final readonly class ReadLine
{
    /** From here on a reading is taken as it is; below it is shown to be looked at. */
    public const SURE = 0.9;

    /**
     * @param  string|null  $ingredient  catalogue key; null when only a name could be kept
     * @param  string  $name  as written
     * @param  Amount|null  $amount  null when none was given
     * @param  float  $confidence  0 to 1
     * @param  list<string>  $candidates  catalogue keys it may mean instead, likeliest first
     * @param  Amount|null  $other  a second measure given beside the first
     */
    public function __construct(
        public ?string $ingredient,
        public string $name,
        public ?Amount $amount,
        public ?Phase $phase,
        public float $confidence,
        public array $candidates,
        public Span $span,
        public ?Amount $other = null,
    ) {
    }

    public function isDoubtful(): bool
    {
        return $this->ingredient === null || $this->amount === null || $this->confidence < self::SURE;
    }
}
