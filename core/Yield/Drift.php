<?php

declare(strict_types=1);

namespace Ilvane\Core\Yield;

/**
 * Whether a figure drifts from batch to batch: an exponentially weighted moving average against its control limits,
 * three
 * standard deviations of it away from the centre. NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.4 (recalled).
 */
final readonly class Drift
{
    /** Weight of the newest. The handbook's example; 0.2 to 0.3 is usual. */
    public const WEIGHT = 0.3;

    private const SIGMAS = 3.0;

    /** Fewer say nothing of their spread. */
    private const LEAST = 4;

    /** Mean moving range of two over the standard deviation (d2 for two). Control chart constant, recalled. */
    private const D2 = 1.128;

    /**
     * @param  list<float>  $smoothed  one for each value
     * @param  float|null  $within  so far from the centre it may go; null for too few values
     */
    private function __construct(public array $smoothed, public float $centre, public ?float $within)
    {
    }

    /**
     * @param  list<float>  $values  oldest first
     * @param  float|null  $centre  their mean where none is given
     * @param  float|null  $sigma  standard deviation of single values; from their moving ranges where none is given
     */
    public static function of(array $values, ?float $centre = null, ?float $sigma = null): self
    {
        $count = count($values);
        $centre ??= $count === 0 ? 0.0 : array_sum($values) / $count;
        if ($sigma === null && $count >= self::LEAST) {
            $ranges = 0.0;
            for ($i = 1; $i < $count; $i++) {
                $ranges += abs($values[$i] - $values[$i - 1]);
            }
            $sigma = $ranges / ($count - 1) / self::D2;
        }
        $smoothed = [];
        $last = $centre;
        foreach ($values as $value) {
            $smoothed[] = $last = self::WEIGHT * $value + (1 - self::WEIGHT) * $last;
        }

        return new self(
            $smoothed,
            $centre,
            $sigma === null ? null : self::SIGMAS * $sigma * sqrt(self::WEIGHT / (2 - self::WEIGHT)),
        );
    }

    /** -1 when it has fallen out of its limits, 1 when it has risen out of them, 0 otherwise. */
    public function direction(): int
    {
        $last = $this->smoothed === [] ? $this->centre : $this->smoothed[count($this->smoothed) - 1];

        return $this->within === null || abs($last - $this->centre) <= $this->within ? 0 : ($last <=> $this->centre);
    }
}
