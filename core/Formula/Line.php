<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use DateTimeImmutable;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\WithChanges;

/**
 * One line as the maker has it. It names its thing in exactly one of five ways: a catalogue key, a free name, a whole
 * recipe line, a formula of the maker's own, or a part of this formula.
 */
final readonly class Line
{
    use WithChanges;

    /**
     * @param  string  $amount  as written, "" where a recipe line holds it, or where all of a part is taken
     * @param  list<Prepared>  $prepared  each once
     * @param  DateTimeImmutable|null  $bestBefore  of the lot it is taken from
     * @param  string|null  $part  key of a part of the formula
     * @param  float|null  $freshGrams  what a plant that was dried weighed when it was picked
     * @param  string|null  $key  unique in the formula; null where it was given none
     */
    public function __construct(
        public ?string $ingredient = null,
        public ?string $name = null,
        public ?string $text = null,
        public ?Formula $formula = null,
        public string $amount = '',
        public ?Phase $phase = null,
        public array $prepared = [],
        public ?string $lot = null,
        public ?DateTimeImmutable $openedOn = null,
        public ?DateTimeImmutable $bestBefore = null,
        public ?string $part = null,
        public ?string $key = null,
        public ?float $freshGrams = null,
    ) {
    }

    /** What a person would call it when nothing better is known. */
    public function spokenOf(): string
    {
        return $this->text ?? $this->name ?? $this->formula->name ?? $this->ingredient ?? $this->part ?? '';
    }

    /** A row that was only opened: it names nothing and says no amount. */
    public function isBlank(): bool
    {
        return $this->ingredient === null
            && $this->text === null
            && ! $this->isMade()
            && trim($this->amount) === ''
            && in_array(trim($this->name ?? ''), ['', self::NO_NAME], true);
    }

    /** How the open form writes the name of a line that has none. */
    public const NO_NAME = '–';

    /** It is made of several things: what is inside it is mended there, not here. */
    public function isMade(): bool
    {
        return $this->formula !== null || $this->part !== null;
    }

    public function isPrepared(Prepared ...$ways): bool
    {
        return array_filter($ways, fn (Prepared $way): bool => in_array($way, $this->prepared, true)) !== [];
    }

    /** @return string|list<string> as the open form writes it, once it is prepared in this way too */
    public function preparedToo(Prepared $way): string|array
    {
        $still = array_filter(
            $this->prepared,
            static fn (Prepared $one): bool => $one !== Prepared::Wilted || ! $way->drivesWaterOut(),
        );
        $ways = [...array_column($still, 'value'), $way->value];

        return count($ways) > 1 ? array_values(array_unique($ways)) : $ways[0];
    }

    /** A plant so treated no longer carries free water into oil. */
    public function hasWaterDrivenOut(): bool
    {
        return array_filter($this->prepared, static fn (Prepared $way): bool => $way->drivesWaterOut()) !== [];
    }

    /** In a pot whose water is cooked out. */
    public function cookedOut(): self
    {
        return $this->with(prepared: array_values(array_unique(
            [...$this->prepared, Prepared::CookedOut],
            SORT_REGULAR,
        )));
    }

    /** A part goes by its name. */
    public function called(string $name): self
    {
        return $this->with(name: $name);
    }

    public function inPhase(Phase $phase): self
    {
        return $this->with(phase: $phase);
    }

    public function withAmount(string $amount): self
    {
        return $this->with(amount: $amount);
    }
}
