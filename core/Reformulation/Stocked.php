<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use DateTimeImmutable;

/** One lot of one ingredient at hand. */
final readonly class Stocked
{
    /**
     * @param  string  $ingredient  catalogue key
     * @param  float|null  $pricePerGram  null where nobody wrote down what it cost
     * @param  DateTimeImmutable|null  $turns  the day it is no longer good
     */
    public function __construct(
        public string $lot,
        public string $ingredient,
        public float $grams,
        public ?float $pricePerGram = null,
        public ?DateTimeImmutable $turns = null,
        public ?DateTimeImmutable $openedOn = null,
    ) {
    }
}
