<?php

declare(strict_types=1);

namespace App\Today;

use Illuminate\Support\Carbon;

/** One thing the workroom needs from the maker. */
final readonly class Due
{
    /**
     * @param  int  $urgency  0 to 9, the smaller the more it presses
     * @param  array{href: string, label: string, fields: array<string, string>}|null  $act  what one tap does
     * @param  string  $open  word of the button that leads to it, where it does not simply open
     */
    public function __construct(
        public string $title,
        public string $what,
        public Carbon $at,
        public string $when,
        public string $href,
        public int $urgency,
        public ?array $act = null,
        public string $open = '',
    ) {
    }

    /** @param  array{href: string, label: string, fields: array<string, string>}|null  $act */
    public function with(?array $act): self
    {
        return new self(
            $this->title,
            $this->what,
            $this->at,
            $this->when,
            $this->href,
            $this->urgency,
            $act,
            $this->open,
        );
    }
}
