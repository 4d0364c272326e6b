<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Card;
use App\Ground\Wording;
use App\Models\Lot;
use Illuminate\Support\Collection;

/** Lots at hand, drawn as full as they are. */
final readonly class LotCards
{
    public function __construct(
        private Wording $wording,
        private LotPageFactory $lotPages,
        private float $stands = Card::STANDS,
    ) {
    }

    /** The same cards drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self($this->wording, $this->lotPages, $stands);
    }

    /**
     * @param  string  $kind  infused_oil | preparation
     * @return list<Card> what is at hand, what turns first at the front
     */
    public function lots(string $kind, int $most = Card::SHOWN): array
    {
        return $this->lotsDrawn(Lot::atHand()
            ->where('kind', $kind)
            ->orderByRaw('good_until IS NULL, good_until')
            ->limit($most)
            ->get());
    }

    /**
     * @param  Collection<int, Lot>  $lots
     * @return list<Card>
     */
    public function lotsDrawn(Collection $lots): array
    {
        return array_values($lots->map(fn (Lot $lot): Card => new Card(
            'lot',
            $this->lotPages->nameOf($lot, $this->wording),
            route('lot', $lot),
            $this->lotPages->vessel($lot, $this->stands, Card::TALLEST_MM),
            LotPage::date($lot, $this->wording), LotPage::brief($lot, $this->wording),
            $this->wording->grams($lot->grams_left)
                .' '
                .say('pantry.left')
                .', '
                .say("pantry.stands.{$lot->storage->value}"),
            $lot->code,
            isUrgent: LotPage::isOver($lot), life: LotPage::lifeLeft($lot),
        ))->all());
    }

    /** @return list<Lot> */
    public function goneLots(): array
    {
        return array_values(Lot::query()
            ->whereNotNull('gone_at')
            ->orderByDesc('gone_at')
            ->limit(Card::SHOWN)
            ->get()
            ->all());
    }
}
