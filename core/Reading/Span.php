<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** A stretch of the text that was read, in bytes: from start up to, not including, end. */
final readonly class Span
{
    public function __construct(public int $start, public int $end)
    {
    }

    /**
     * From one token up to another, which it leaves out.
     *
     * @param  list<Token>  $tokens
     */
    public static function over(array $tokens, int $from, int $next): self
    {
        return new self($tokens[$from]->start, $tokens[$next - 1]->end);
    }

    public function with(self $other): self
    {
        return new self(min($this->start, $other->start), max($this->end, $other->end));
    }

    public function of(string $text): string
    {
        return substr($text, $this->start, $this->end - $this->start);
    }
}
