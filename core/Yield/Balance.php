<?php

declare(strict_types=1);

namespace Ilvane\Core\Yield;

use Ilvane\Core\Measure\Band;

/**
 * Where everything went, grams: in = filled + samples + strained out + steamed off + left in bowl and tools +
 * unexplained. Steam is
 * as rehearsed, bowl and tools as this maker's usually keep; what is left over is shown, never spread over the rest.
 */
final readonly class Balance
{
    /** What bowl, blender and spoons keep where nothing is known of this maker's own. Common practice, a guess. */
    public const USUAL_BOWL = [0.02, 0.05, 0.09];

    /** Scales and hands are off by so much of it. Common practice. */
    private const SCALES_OFF = 0.02;

    /** The rehearsal's steam is right to about a half. */
    private const STEAM_OFF = 0.5;

    public function __construct(
        public float $in,
        public float $filled,
        public float $samples,
        public float $strained,
        public float $steamed,
        public Band $bowl,
    ) {
    }

    /** @param  Band  $bowlShare  of what went in */
    public static function of(
        float $in,
        float $filled,
        float $samples,
        float $strained,
        float $steamed,
        Band $bowlShare,
    ): self {
        // steam can't be more than what is not otherwise there
        return new self(
            $in,
            $filled,
            $samples,
            $strained,
            max(0.0, min($steamed, $in - $filled - $samples - $strained)),
            $bowlShare->times($in),
        );
    }

    /** Less than nothing where more came out than can be. */
    public function unexplained(): float
    {
        return $this->in - $this->filled - $this->samples - $this->strained - $this->steamed - $this->bowl->likely;
    }

    /** What may be unexplained without a word. */
    public function tolerance(): float
    {
        return self::SCALES_OFF * $this->in + self::STEAM_OFF * $this->steamed + max(
            $this->bowl->high - $this->bowl->likely,
            $this->bowl->likely - $this->bowl->low,
        );
    }

    public function isExplained(): bool
    {
        return abs($this->unexplained()) <= $this->tolerance();
    }

    /**
     * What stayed in bowl and tools, as a part of what went in, if all else is right: what the next batch learns from.
     */
    public function bowlShare(): float
    {
        return $this->in > 0
            ? max(0.0, ($this->in - $this->filled - $this->samples - $this->strained - $this->steamed) / $this->in)
            : 0.0;
    }

    /**
     * @return array<string, float> they add up to what went in; what is within the tolerance is the bowl's, whose loss
     *   is only an estimate
     */
    public function parts(): array
    {
        $rest = $this->bowl->likely + $this->unexplained();
        $isBowl = $this->isExplained() && $rest >= 0;

        return [
            'filled' => $this->filled,
            'samples' => $this->samples,
            'strained' => $this->strained,
            'steamed' => $this->steamed,
            'bowl' => $isBowl ? $rest : $this->bowl->likely,
            'unexplained' => $isBowl ? 0.0 : $this->unexplained(),
        ];
    }
}
