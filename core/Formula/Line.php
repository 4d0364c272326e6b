<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use DateTimeImmutable;
use Ilvane\Core\Material\Phase;

/**
 * One line as the maker has it. It names its thing in exactly one of four ways: a catalogue key, a free name, a whole
 * recipe line, or a formula of the maker's own.
 */
final readonly class Line
{
    /**
     * @param  string  $amount  as written, "" where a recipe line holds it
     * @param  DateTimeImmutable|null  $bestBefore  of the lot it is taken from
     */
    public function __construct(
        public ?string $ingredient = null,
        public ?string $name = null,
        public ?string $text = null,
        public ?Formula $formula = null,
        public string $amount = '',
        public ?Phase $phase = null,
        public ?Prepared $prepared = null,
        public ?string $lot = null,
        public ?DateTimeImmutable $openedOn = null,
        public ?DateTimeImmutable $bestBefore = null,
    ) {
    }

    /** What a person would call it when nothing better is known. */
    public function spokenOf(): string
    {
        return $this->text ?? $this->name ?? $this->formula->name ?? $this->ingredient ?? '';
    }

    /** A row that was only opened: it names nothing and says no amount. */
    public function isBlank(): bool
    {
        return $this->ingredient === null
            && $this->text === null
            && $this->formula === null
            && trim($this->amount) === ''
            && in_array(trim($this->name ?? ''), ['', self::NO_NAME], true);
    }

    /** How the open form writes the name of a line that has none. */
    public const NO_NAME = '–';

    public function withAmount(string $amount): self
    {
        return new self(
            $this->ingredient,
            $this->name,
            $this->text,
            $this->formula,
            $amount,
            $this->phase,
            $this->prepared,
            $this->lot,
            $this->openedOn,
            $this->bestBefore,
        );
    }
}
