<?php

declare(strict_types=1);

namespace App\Ground\Drafts;

use RuntimeException;

/** Something pressed on the bench can't be done as it was offered. */
final class ActionRefused extends RuntimeException
{
    /** @param  array<string, string>  $terms */
    private function __construct(private readonly string $why, private readonly array $terms = [])
    {
        parent::__construct("The bench can't do that: $why.");
    }

    /** What the offer was made for is gone, or the offer would look different by now. */
    public static function offerIsGone(): self
    {
        return new self('offer_gone');
    }

    public static function lineIsGone(): self
    {
        return new self('line_gone');
    }

    public static function noTotal(): self
    {
        return new self('no_total');
    }

    public static function noSize(): self
    {
        return new self('no_size');
    }

    public static function isFull(int $most): self
    {
        return new self('full', ['most' => (string) $most]);
    }

    public function said(): string
    {
        return say("ui.bench.refused.$this->why", $this->terms);
    }
}
