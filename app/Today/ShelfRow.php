<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Card;

/** Cards side by side, what needs something first in front. */
final readonly class ShelfRow
{
    /**
     * @param  list<Card>  $things
     * @param  int  $more  that are not shown
     */
    public function __construct(public array $things, public int $more)
    {
    }
}
