<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;

/** A batch was filled at the hob, into containers that its maker told apart. */
final readonly class BatchFilled
{
    /** @param  list<array{what: string, count: float|null, grams: float, storage: string, stands: string}>  $rows */
    public function __construct(public Batch $batch, public array $rows, public string $clientKey)
    {
    }
}
