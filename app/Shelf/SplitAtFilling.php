<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Refused;
use App\Make\BatchFilled;
use Illuminate\Support\Carbon;

/** What was told apart at the hob stands apart on the shelf. */
final readonly class SplitAtFilling
{
    public function __construct(private ContainerBook $containers)
    {
    }

    /** @throws Refused when it is more than was filled, or a row says only half */
    public function handle(BatchFilled $filled): void
    {
        $this->containers->split($filled->batch, $filled->rows, Carbon::now(), "{$filled->clientKey}-split");
    }
}
