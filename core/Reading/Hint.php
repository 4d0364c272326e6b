<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Something the recipe says of the making: a temperature in °C, a duration in minutes, or words like "overnight". */
final readonly class Hint
{
    public function __construct(
        public string $kind,
        public ?float $value,
        public Span $span,
    ) {
    }
}
