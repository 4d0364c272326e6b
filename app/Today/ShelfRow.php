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

    /** Something is under way at the hob. */
    public function isMaking(): bool
    {
        return in_array('making', array_map(static fn (Card $thing): string => $thing->kind, $this->things), true);
    }
}
