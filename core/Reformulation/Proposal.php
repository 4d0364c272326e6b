<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;

/** What a solver has found: a change that can be looked at before it is taken, or why there is none. */
final readonly class Proposal
{
    /**
     * @param  string  $said  word key: what was found, or why nothing was
     * @param  array<string, Term>  $terms
     */
    private function __construct(
        public ?Fix $fix,
        public string $said,
        public array $terms,
    ) {
    }

    /** @param  array<string, Term>  $terms */
    public static function change(Fix $fix, string $said, array $terms = []): self
    {
        return new self($fix, $said, $terms);
    }

    /** @param  array<string, Term>  $terms */
    public static function none(string $said, array $terms = []): self
    {
        return new self(null, $said, $terms);
    }
}
