<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** How a sample looked; Undo takes an observation back. Each case has a row in `sample_looks`. */
enum SampleLook: string
{
    case Sound = 'sound';
    case Parted = 'parted';
    case Grainy = 'grainy';
    case Smell = 'smell';
    case Colour = 'colour';
    case Mould = 'mould';
    case Undo = 'undo';
}
