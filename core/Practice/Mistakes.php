<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

/**
 * All mistakes there are to practise on, in a fixed order: a case is named by its place in it. What they are stands in
 * data/mistakes.json; what is right and wrong the checks decide anew each time.
 *
 * @phpstan-import-type Operation from Mistake
 * @phpstan-import-type Steps from Mistake
 *
 * @phpstan-type Row array{
 *   key: string, code: string, frames: list<string>, spoil?: list<Operation>, percent?: array{float, float},
 *   ways?: array<string, list<Operation>>, done?: Steps, next?: Steps, instead?: array<string, Steps>,
 *   kitchen?: array<string, mixed>
 * }
 */
final readonly class Mistakes
{
    /** @param  array<string, Mistake>  $all  by key */
    private function __construct(private array $all)
    {
    }

    /** @param  list<Row>  $rows  one with `next` is a mistake at the hob, any other one in the formula */
    public static function of(array $rows): self
    {
        return new self(array_column(array_map(self::mistake(...), $rows), null, 'key'));
    }

    /** @param  Row  $row */
    private static function mistake(array $row): Mistake
    {
        return isset($row['next'])
            ? Mistake::inMaking(
                key: $row['key'],
                code: $row['code'],
                frames: $row['frames'],
                before: $row['done'] ?? [],
                next: $row['next'],
                instead: $row['instead'] ?? [],
                spoil: $row['spoil'] ?? [],
                kitchen: $row['kitchen'] ?? [],
            )
            : Mistake::inFormula(
                key: $row['key'],
                code: $row['code'],
                frames: $row['frames'],
                spoil: $row['spoil'] ?? [],
                range: $row['percent'] ?? [0.0, 0.0],
                ways: $row['ways'] ?? [],
            );
    }

    /** @return array<string, Mistake> by key */
    public function all(): array
    {
        return $this->all;
    }

    /** @return list<string> keys of the mistakes found under a code */
    public function under(string $code): array
    {
        return array_keys(array_filter($this->all, static fn (Mistake $mistake): bool => $mistake->code === $code));
    }

    /** @return list<string> every code a sort of mistake is found under, once */
    public function codes(ExerciseKind $sort): array
    {
        $ofSort = array_filter($this->all, static fn (Mistake $mistake): bool => $mistake->sort === $sort);

        return array_values(array_unique(array_column($ofSort, 'code')));
    }
}
