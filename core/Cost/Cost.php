<?php

declare(strict_types=1);

namespace Ilvane\Core\Cost;

use Ilvane\Core\Formula\Composition;

/** What goes in, priced. What is strained out costs too; what has no price is named, not counted as free. */
final readonly class Cost
{
    /**
     * @param  float  $known  money for the lines whose price is known
     * @param  float|null  $per100g  of the finished batch, known lines only; null without a total
     * @param  list<string>  $unpriced  keys or names
     */
    private function __construct(
        public float $known,
        public ?float $per100g,
        public array $unpriced,
    ) {
    }

    /** @param  callable(string): ?float  $pricePerGram  by catalogue key */
    public static function of(Composition $composition, callable $pricePerGram): self
    {
        $known = 0.0;
        $unpriced = [];
        foreach ($composition->opened() as $line) {
            if ($line->line->isMade() && $line->ingredient === null) {
                continue; // what is inside it is priced
            }
            $price = $line->ingredient === null ? null : $pricePerGram($line->ingredient->key);
            if ($price === null) {
                $unpriced[] = $line->ingredient->key ?? $line->line->spokenOf();
            }
            $known += ($price ?? 0.0) * $line->weighs();
        }
        $total = $composition->total?->likely;

        return new self(
            $known,
            $total === null || $total <= 0 ? null : 100 * $known / $total,
            array_values(array_unique($unpriced)),
        );
    }

    public function isKnown(): bool
    {
        return $this->unpriced === [];
    }
}
