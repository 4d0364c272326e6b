<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Measure\WithChanges;

/**
 * What a check has to say: a code, how grave and how sure, the lines it speaks of, the values for its words, and ways
 * out.
 */
final readonly class Finding
{
    use WithChanges;

    /**
     * @param  string  $code  as in docs/formats.md, e.g. "preservation.low"
     * @param  list<int>  $lines  count from 1
     * @param  array<string, Term>  $terms
     * @param  list<Fix>  $fixes
     * @param  string  $variant  which wording of the code
     * @param  list<string>  $keys  of the lines or parts it speaks of, where they are not lines of the formula itself
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public array $lines = [],
        public array $terms = [],
        public array $fixes = [],
        public Certainty $certainty = Certainty::Certain,
        public string $variant = 'usual',
        public array $keys = [],
    ) {
    }

    /** @param  list<Fix>  $fixes */
    public function offering(array $fixes): self
    {
        return $this->with(fixes: $fixes);
    }

    /** Nothing in the formula alone can mend it: it puts a question to the maker instead. */
    public function asks(): bool
    {
        return $this->fixes === [] && $this->severity !== Severity::Note;
    }
}
