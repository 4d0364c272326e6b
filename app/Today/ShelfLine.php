<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Card;
use App\Infusions\JarCards;
use App\Make\MakeCards;
use App\Models\Batch;
use App\Models\Jar;
use App\Models\Lot;
use App\Pantry\LotCards;
use App\Shelf\BatchCards;

/**
 * What stands in the workroom, what wants something first: whole on Today, small along the foot of every other page.
 */
final readonly class ShelfLine
{
    /** Of each kind, along the foot. */
    private const MOST = 6;

    /** Drawing units, along the foot. */
    private const STANDS = 62.0;

    public function __construct(
        private MakeCards $makes,
        private JarCards $jars,
        private LotCards $lots,
        private BatchCards $batches,
    ) {
    }

    public function small(): ShelfRow
    {
        return $this->row(self::MOST, self::STANDS);
    }

    /** @param  int  $most  of each kind */
    public function row(int $most, float $stands = Card::STANDS): ShelfRow
    {
        $lots = $this->lots->sized($stands);
        $things = [
            ...$this->makes->sized($stands)->making(),
            ...$this->jars->sized($stands)->standing($most),
            ...$lots->lots('preparation', $most),
            ...$this->batches->sized($stands)->onShelf($most),
            ...$lots->lots('infused_oil', $most),
        ];
        // what wants something stands in front; else the order of the kinds is kept
        $rank = static fn (Card $thing): int => match (true) {
            $thing->kind === 'making' => 0,
            $thing->isUrgent => 1,
            $thing->leans => 2,
            default => 3,
        };
        usort($things, static fn (Card $a, Card $b): int => $rank($a) <=> $rank($b));

        return new ShelfRow($things, max(0, self::all() - count($things)));
    }

    private static function all(): int
    {
        return Batch::query()->where('status', 'making')->count() + Jar::query()->where('status', 'standing')->count()
            + Lot::atHand()
                ->whereIn('kind', ['preparation', 'infused_oil'])
                ->count() + Batch::query()
                ->where('status', 'finished')
                ->whereNull('gone_at')
                ->count();
    }
}
