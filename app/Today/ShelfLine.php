<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Card;
use App\Models\Batch;
use App\Models\Jar;
use App\Models\Lot;

/** What stands in the workroom, what wants something first: whole on Today, small along the foot of every other page. */
final readonly class ShelfLine
{
    /** Of each kind, along the foot. */
    private const MOST = 6;

    /** Drawing units, along the foot. */
    private const STANDS = 62.0;

    /** @param  list<Card>  $things */
    private function __construct(public array $things, public int $more)
    {
    }

    public static function small(Shelf $shelf): self
    {
        return self::of($shelf->sized(self::STANDS), self::MOST);
    }

    /** @param  int  $most  of each kind */
    public static function of(Shelf $shelf, int $most): self
    {
        $things = [...$shelf->making(), ...$shelf->standing($most), ...$shelf->lots('preparation', $most), ...$shelf->onShelf($most), ...$shelf->lots('infused_oil', $most)];
        // what wants something stands in front; else the order of the kinds is kept
        $rank = static fn (Card $thing): int => match (true) {
            $thing->kind === 'making' => 0,
            $thing->isUrgent => 1,
            $thing->leans => 2,
            default => 3,
        };
        usort($things, static fn (Card $a, Card $b): int => $rank($a) <=> $rank($b));

        return new self($things, max(0, self::all() - count($things)));
    }

    private static function all(): int
    {
        return Batch::query()->where('status', 'making')->count() + Jar::query()->where('status', 'standing')->count()
            + Lot::atHand()->whereIn('kind', ['preparation', 'infused_oil'])->count() + Batch::query()->where('status', 'finished')->whereNull('gone_at')->count();
    }
}
