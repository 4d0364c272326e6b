<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * A figure that begins as a default and moves towards the maker's own records: n/(n + 2) of the way to the mean of the
 * last five, n being how many of them there are. The band narrows to the spread of the records in the same measure.
 */
final readonly class Learned
{
    /** Older records say less about how this maker works now. */
    public const LAST = 5;

    private const SLOWNESS = 2.0;

    private function __construct(
        public Band $value,
        public Band $default,
        public int $count,
        public ?float $ownMean,
        public ?float $spread,
    ) {
    }

    /** A figure the maker has fixed, whatever the records say. */
    public function pinnedTo(?float $value): self
    {
        return $value === null
            ? $this
            : new self(Band::exact($value), $this->default, $this->count, $this->ownMean, $this->spread);
    }

    /** @param  list<float>  $records  oldest first */
    public static function from(Band $default, array $records): self
    {
        $records = array_slice($records, -self::LAST);
        $count = count($records);
        if ($count === 0) {
            return new self($default, $default, 0, null, null);
        }
        $mean = array_sum($records) / $count;
        $spread = $count < 2
            ? null
            : sqrt(array_sum(array_map(
                static fn (float $value): float => ($value - $mean) ** 2,
                $records,
            )) / ($count - 1));
        $own = $count / ($count + self::SLOWNESS);
        $blend = static fn (float $usual, float $mine): float => (1 - $own) * $usual + $own * $mine;

        return new self(Band::of(
            $blend($default->low, min($records)),
            $blend($default->likely, $mean),
            $blend($default->high, max($records)),
        ), $default, $count, $mean, $spread);
    }
}
