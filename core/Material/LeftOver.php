<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** What is strained out of a part: how long it is still good, and what for. data/parts.csv, common practice. */
final readonly class LeftOver
{
    /**
     * @param  string  $what  word key
     * @param  list<string>  $uses  word keys
     */
    public function __construct(
        public string $what,
        public float $fridgeDays,
        public float $freezerDays,
        public array $uses,
    ) {
    }
}
