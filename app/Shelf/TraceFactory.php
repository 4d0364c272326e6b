<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Lot;
use App\Pantry\LotPageFactory;

/** Builds a Trace: back from a batch, or forward from a lot. */
final readonly class TraceFactory
{
    public function __construct(private Wording $wording, private LotPageFactory $lotPages)
    {
    }

    public function back(Batch $batch): Trace
    {
        return (new Trace($this->wording, $this->lotPages))->back($batch);
    }

    public function forward(Lot $lot): Trace
    {
        return (new Trace($this->wording, $this->lotPages))->forward($lot);
    }
}
