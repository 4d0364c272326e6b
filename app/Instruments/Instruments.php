<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * Scale, thermometers and pH meter, whatever they hang on. Reading never waits long: what does not answer is silent.
 */
interface Instruments
{
    /** @param  string  $what  scale, thermometer water, thermometer oil, thermometer mix, ph */
    public function read(string $what): ?float;

    /** There is something to read at all. */
    public function arePresent(): bool;
}
