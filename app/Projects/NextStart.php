<?php

declare(strict_types=1);

namespace App\Projects;

use App\Models\Formula;
use Illuminate\Support\Carbon;

/** Something a project wants of the maker at an hour. */
final readonly class NextStart
{
    /**
     * @param  string  $uid  unlike any other's, for calendars
     * @param  string  $what  begin, ready (what was begun, to be strained and put away) or make (the product)
     * @param  string  $name  of what is begun: a part, or the product
     */
    public function __construct(
        public string $uid,
        public string $what,
        public string $name,
        public Formula $formula,
        public Carbon $at,
    ) {
    }
}
