<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Process\Process;
use Ilvane\Core\Process\StepKind;

/**
 * Wet plants whose water is cooked out in oil, of one part or of the formula's own lines, and what the pot has weighed:
 * only the weight tells that the water is gone.
 */
final readonly class WaterOut
{
    /**
     * @param  string  $part  key of the part; "" for the formula's own lines
     * @param  list<WeighedLine>  $plants
     * @param  float|null  $potBefore  grams of the pot with oil and plants, before heating
     * @param  float|null  $potNow  grams of the same when it was weighed last
     */
    private function __construct(
        public string $part,
        public string $name,
        public array $plants,
        private ?float $potBefore,
        private ?float $potNow,
    ) {
    }

    /** @return list<self> none where nothing wet is cooked out */
    public static function all(Formula $formula, Composition $composition): array
    {
        $all = [];
        foreach ($composition->parts as $part) {
            if (! $part->isOfOldLines() && $part->part->isCookedOut()) {
                $all[] = self::of($part->part->key, $part->part->name, $part->lines, $part->part->process);
            }
        }
        $all[] = self::of('', $formula->name, array_values(array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => $line->line->isPrepared(Prepared::CookedOut),
        )), $formula->process);

        return array_values(array_filter($all, static fn (self $one): bool => $one->water() > 0.0));
    }

    /** @param  list<WeighedLine>  $lines */
    private static function of(string $key, string $name, array $lines, Process $process): self
    {
        $details = null;
        foreach ($process->steps as $step) {
            $details ??= $step->kind === StepKind::CookOut ? $step->details : null;
        }

        return new self($key, $name, array_values(array_filter(
            $lines,
            static fn (WeighedLine $line): bool => $line->ingredient?->kind === Kind::FreshBotanical,
        )), $details?->potGrams, $details?->potNowGrams);
    }

    /** Grams of water in the plants when they go in. */
    public function water(): float
    {
        return array_sum(array_map(
            static fn (WeighedLine $line): float => $line->weighs()
                * ($line->ingredient?->water() ?? 0.0),
            $this->plants,
        ));
    }

    /** null until the pot was weighed twice. */
    public function cookOut(): ?CookOut
    {
        return ($this->potBefore ?? 0.0) <= 0.0 || ($this->potNow ?? 0.0) <= 0.0
            ? null
            : new CookOut($this->water(), (float) $this->potBefore, (float) $this->potNow);
    }

    /** The weight says that the water is gone. */
    public function isShown(): bool
    {
        return $this->cookOut()?->isDone() ?? false;
    }

    /** @param  list<self>  $all */
    public static function areShown(array $all): bool
    {
        return array_filter($all, static fn (self $one): bool => ! $one->isShown()) === [];
    }

    /** Grams that have to leave the pot, or still have to. */
    public function left(): float
    {
        return $this->cookOut()?->left() ?? Infusion::WATER_TO_DRIVE_OUT * $this->water();
    }
}
