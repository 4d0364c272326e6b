<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** A change that mends a finding: an RFC 6902 patch on the formula document (indices from 0). */
final readonly class Fix
{
    /**
     * @param  string  $label  word key
     * @param  array<string, Term>  $terms
     * @param  non-empty-list<array{op: string, path: string, value?: mixed}>  $patch
     * @param  list<string>  $ends  the findings it ended when it was tried, "code@keys"
     * @param  FixOutcome|null  $after  what was found when it was tried; null where it wasn't
     */
    public function __construct(
        public string $label,
        public array $patch,
        public array $terms = [],
        public array $ends = [],
        public ?FixOutcome $after = null,
    ) {
    }

    /**
     * @param  int  $line  counts from 1
     * @param  array<string, Term>  $terms
     */
    public static function amount(int $line, string $amount, string $label, array $terms = []): self
    {
        return new self(
            $label,
            [['op' => 'replace', 'path' => '/lines/'.($line - 1).'/amount', 'value' => $amount]],
            $terms,
        );
    }

    /**
     * @param  int  $line  counts from 1
     * @param  array<string, Term>  $terms
     */
    public static function phase(int $line, string $phase, string $label, array $terms = []): self
    {
        return new self($label, [['op' => 'add', 'path' => '/lines/'.($line - 1).'/phase', 'value' => $phase]], $terms);
    }

    /**
     * @param  array<string, string>  $line
     * @param  array<string, Term>  $terms
     */
    public static function addLine(array $line, string $label, array $terms = []): self
    {
        return new self($label, [['op' => 'add', 'path' => '/lines/-', 'value' => $line]], $terms);
    }

    /**
     * @param  int  $line  counts from 1
     * @param  array<string, Term>  $terms
     */
    public static function removeLine(int $line, string $label, array $terms = []): self
    {
        return new self($label, [['op' => 'remove', 'path' => '/lines/'.($line - 1)]], $terms);
    }
}
