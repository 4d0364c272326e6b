<?php

declare(strict_types=1);

namespace App\Workroom\Practice;

use Ilvane\Core\Practising\Judgement;
use Ilvane\Core\Practising\Mistakes;
use Ilvane\Core\Practising\Sort;

/** One case to practise on: which mistake or question, and the seed it is made from. Its code does not give the answer away. */
final readonly class PracticeCase
{
    public const HIGHEST_SEED = 99_999;

    public function __construct(public string $what, public int $seed)
    {
    }

    /** @return list<string> everything there is to practise, in a fixed order */
    public static function all(): array
    {
        return [...array_keys(Mistakes::all()), ...Judgement::KINDS];
    }

    /** @return list<string> */
    public static function ofSort(Sort $sort): array
    {
        return array_values(array_filter(self::all(), static fn (string $what): bool => self::sortOf($what) === $sort));
    }

    public static function sortOf(string $what): Sort
    {
        return Mistakes::all()[$what]->sort ?? Sort::Judge;
    }

    /** null where there is no such case */
    public static function read(string $code): ?self
    {
        [$number, $seed] = [...explode('-', $code), '', ''];
        $what = self::all()[(int) $number - 1] ?? null;

        return $what === null ? null : new self($what, (int) $seed);
    }

    public function code(): string
    {
        return ((int) array_search($this->what, self::all(), true) + 1)."-$this->seed";
    }

    public function sort(): Sort
    {
        return self::sortOf($this->what);
    }
}
