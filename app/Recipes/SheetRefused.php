<?php

declare(strict_types=1);

namespace App\Recipes;

use RuntimeException;

/** A spreadsheet that is not read. The reason is a word key. */
final class SheetRefused extends RuntimeException
{
    private function __construct(public readonly string $reason)
    {
        parent::__construct("Sheet refused ($reason)");
    }

    public static function tooLarge(): self
    {
        return new self('too_large');
    }

    public static function withoutHeadings(): self
    {
        return new self('no_headings');
    }

    public static function isNotText(): self
    {
        return new self('not_text');
    }

    public static function isNoSheet(): self
    {
        return new self('not_a_sheet');
    }

    public static function unpacksTooLarge(): self
    {
        return new self('bomb');
    }

    public function said(): string
    {
        return say("errors.sheet.$this->reason");
    }
}
