<?php

declare(strict_types=1);

namespace Ilvane\Core\ShelfLife;

use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Preparation\Life;
use Ilvane\Core\Preparation\Perishing;

/**
 * How long one product keeps in each place it may stand, and how long once it has stood in several: what is used up of
 * its life in one place is gone in the next. A fresh one that was frozen is good for a day once thawed.
 */
final readonly class Places
{
    /**
     * @param  array<string, float|null>  $days  by Storage, from the day it is made; null where it can't be dated
     * @param  bool  $isFresh  nothing but the cold keeps it
     */
    public function __construct(public array $days, public bool $isFresh)
    {
    }

    /**
     * Days from the making until it is to be gone; null where one of the places can't be dated.
     *
     * @param  non-empty-list<array{hour: float, storage: Storage}>  $stays  where it stood from which hour on, the
     *   first from 0
     */
    public function lasts(array $stays): ?float
    {
        foreach ($stays as $stay) {
            if (($this->days[$stay['storage']->value] ?? null) === null) {
                return null;
            }
        }
        $life = Life::ofProduct(...array_map(
            fn (Storage $place): float => $this->days[$place->value] ?? 0.0,
            [Storage::Room, Storage::Fridge, Storage::Freezer],
        ));

        return ($this->isFresh
            ? Perishing::lasts($life, $stays)
            : Perishing::lasts($life, $stays, thawed: INF)) / 24;
    }
}
