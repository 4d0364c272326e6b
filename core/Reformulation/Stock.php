<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use DateTimeImmutable;

/** What the maker has: how much of each ingredient, what it cost, and when it turns. */
final readonly class Stock
{
    /** @param  list<Stocked>  $things */
    public function __construct(public array $things = [])
    {
    }

    public function has(string $ingredient): bool
    {
        return $this->gramsOf($ingredient) > 0;
    }

    public function gramsOf(string $ingredient): float
    {
        return array_sum(array_map(
            static fn (Stocked $thing): float => $thing->ingredient === $ingredient ? $thing->grams : 0.0,
            $this->things,
        ));
    }

    /** Of what was bought last with a price; null where no price is known. */
    public function pricePerGram(string $ingredient): ?float
    {
        $price = null;
        foreach ($this->things as $thing) {
            $price = $thing->ingredient === $ingredient ? $thing->pricePerGram ?? $price : $price;
        }

        return $price;
    }

    /** @return list<Stocked> what turns until a day, the first to turn in front */
    public function turningBy(DateTimeImmutable $day): array
    {
        $turning = array_filter(
            $this->things,
            static fn (Stocked $thing): bool => $thing->turns !== null && $thing->turns <= $day && $thing->grams > 0,
        );
        usort($turning, static fn (Stocked $a, Stocked $b): int => [$a->turns, $a->lot] <=> [$b->turns, $b->lot]);

        return $turning;
    }
}
