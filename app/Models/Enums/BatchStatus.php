<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** Where a batch stands. Each case has a row in `batch_statuses`. */
enum BatchStatus: string
{
    case Making = 'making';
    case Finished = 'finished';
    case Abandoned = 'abandoned';
}
