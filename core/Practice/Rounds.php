<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

/**
 * What to practise next: what went wrong last comes back first, what was right comes back after longer and longer, and
 * what was
 * never tried comes in between. The spacing is this workroom's own choice; that spaced repetition keeps better than
 * cramming is
 * common practice in learning.
 */
final readonly class Rounds
{
    /** Days until it comes round again, by how often in a row it was right. */
    private const AGAIN_AFTER_DAYS = [0.0, 1.0, 4.0, 12.0, 30.0];

    /**
     * @param  array<string, list<array{right: bool, day: float}>>  $answers  by what was practised, oldest first; days
     *   on any one scale
     */
    public function __construct(private array $answers, private float $today)
    {
    }

    /** How often in a row it was right, up to now. */
    public function inARow(string $key): int
    {
        $row = 0;
        foreach ($this->answers[$key] ?? [] as $answer) {
            $row = $answer['right'] ? $row + 1 : 0;
        }

        return $row;
    }

    public function wasTried(string $key): bool
    {
        return ($this->answers[$key] ?? []) !== [];
    }

    /** Days it is overdue, less than nothing while it rests; null for what was never tried. */
    public function overdue(string $key): ?float
    {
        $last = $this->answers[$key] ?? [];

        return $last === []
            ? null
            : $this->today - $last[count($last) - 1]['day'] - self::AGAIN_AFTER_DAYS[min(
                $this->inARow($key),
                count(self::AGAIN_AFTER_DAYS) - 1,
            )];
    }

    /** Known for now: right the last time, and not due again. */
    public function rests(string $key): bool
    {
        return $this->inARow($key) > 0 && ($this->overdue($key) ?? 0.0) < 0.0;
    }

    /**
     * The one to take next, and not the one just had unless there is no other.
     *
     * @param  non-empty-list<string>  $keys  in an order of one's own, which decides between equals
     */
    public function next(array $keys, ?string $justHad = null): string
    {
        $others = array_values(array_filter($keys, static fn (string $key): bool => $key !== $justHad));
        $keys = $others === [] ? $keys : $others;
        usort($keys, fn (string $a, string $b): int => $this->turn($a) <=> $this->turn($b));

        return $keys[0];
    }

    /**
     * @return array{int, float} wrong ones, then what is due again, then the untried, then the rest; longest overdue
     *   first
     */
    private function turn(string $key): array
    {
        $overdue = $this->overdue($key);

        return match (true) {
            $overdue === null => [2, 0.0],
            $this->inARow($key) === 0 => [0, -$overdue],
            $overdue >= 0.0 => [1, -$overdue],
            default => [3, -$overdue],
        };
    }
}
