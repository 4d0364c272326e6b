<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** Where a sample of a stability test stands. Each case has a row in `sample_places`. */
enum SamplePlace: string
{
    case Cold = 'cold';
    case Room = 'room';
    case Warm = 'warm';
}
