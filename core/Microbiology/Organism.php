<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/** Groups a preservative has to hold: the same four a challenge test takes one or two strains of. */
enum Organism: string
{
    case GramNegative = 'gram_negative';
    case GramPositive = 'gram_positive';
    case Yeast = 'yeast';
    case Mould = 'mould';
}
