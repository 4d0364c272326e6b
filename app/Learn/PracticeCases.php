<?php

declare(strict_types=1);

namespace App\Learn;

use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Judgement;
use Ilvane\Core\Practice\Mistakes;

/** Everything there is to practise: the mistakes and the kinds of judgement, in a fixed order. */
final readonly class PracticeCases
{
    private const HIGHEST_SEED = 99_999;

    public function __construct(private Mistakes $mistakes)
    {
    }

    /** @return list<string> */
    public function all(): array
    {
        return [...array_keys($this->mistakes->all()), ...Judgement::KINDS];
    }

    /** @return list<string> */
    public function ofSort(ExerciseKind $sort): array
    {
        return array_values(array_filter($this->all(), fn (string $what): bool => $this->sortOf($what) === $sort));
    }

    public function sortOf(string $what): ExerciseKind
    {
        return $this->mistakes->all()[$what]->sort ?? ExerciseKind::Judge;
    }

    public function of(string $what, ?int $seed = null): PracticeCase
    {
        $seed ??= random_int(1, self::HIGHEST_SEED);
        $number = (int) array_search($what, $this->all(), true) + 1;

        return new PracticeCase($what, $seed, $this->sortOf($what), "$number-$seed");
    }

    /** null where there is no such case */
    public function read(string $code): ?PracticeCase
    {
        [$number, $seed] = [...explode('-', $code), '', ''];
        $what = $this->all()[(int) $number - 1] ?? null;

        return $what === null ? null : $this->of($what, (int) $seed);
    }
}
