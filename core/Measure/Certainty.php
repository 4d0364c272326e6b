<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** Certain: the whole band is beyond the limit. Possible: part of it is. */
enum Certainty: string
{
    case Certain = 'certain';
    case Possible = 'possible';
}
