<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Measure\WithChanges;

/** What a recipe says of a step beyond what every step has. What it doesn't say is null. */
final readonly class StepDetails
{
    use WithChanges;

    /**
     * @param  list<string>  $lines  keys of the lines it concerns
     * @param  string|null  $part  key of the part it is done to
     * @param  string|null  $liquid  what it is washed or soaked in, as written
     * @param  string|null  $through  what it is strained or pressed through, as written
     * @param  string|null  $tool  what it is blended with, as written
     * @param  float|null  $potGrams  pot and all before the water is cooked out
     * @param  float|null  $potNowGrams  the same when it was weighed last
     * @param  float|null  $tareGrams  the empty pot
     * @param  string|null  $during  key of the step it is added during
     * @param  float|null  $atShare  how far into that step, 0 to 1
     * @param  string|null  $gum  key of the line that is wetted
     * @param  string|null  $in  key of the line it is wetted in
     * @param  string|null  $line  key of the line of which a little is added at a time
     * @param  string|null  $dose  how much at a time, as written
     * @param  string|null  $most  how much at the most, as written
     * @param  float|null  $waitSeconds  after each little
     * @param  string|null  $look  what to look at: thickness, ph, colour or scent
     * @param  float|null  $dilution  parts of water to one of the product
     * @param  string|null  $until  dent or time
     */
    public function __construct(
        public array $lines = [],
        public ?string $part = null,
        public ?bool $isCovered = null,
        public ?string $liquid = null,
        public ?string $through = null,
        public ?string $tool = null,
        public ?PourOrder $pour = null,
        public ?float $potGrams = null,
        public ?float $potNowGrams = null,
        public ?float $tareGrams = null,
        public ?string $during = null,
        public ?float $atShare = null,
        public ?string $gum = null,
        public ?string $in = null,
        public ?string $line = null,
        public ?string $dose = null,
        public ?string $most = null,
        public ?float $waitSeconds = null,
        public ?string $look = null,
        public ?float $dilution = null,
        public ?string $until = null,
        public ?int $cubes = null,
    ) {
    }

    public function poured(PourOrder $pour): self
    {
        return $this->with(pour: $pour);
    }

    public function ofPart(string $part): self
    {
        return $this->with(part: $part);
    }

    /** As the pot was weighed, before the water left it and last. */
    public function weighed(float $before, float $now): self
    {
        return $this->with(potGrams: $before, potNowGrams: $now);
    }
}
