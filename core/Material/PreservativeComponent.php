<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** One component of a preservative blend with what the regulation allows of it in the finished product. */
final readonly class PreservativeComponent
{
    /**
     * @param  string  $inci  as in the contents list
     * @param  float  $low  lowest, $typical usual, $high highest percent of the blend
     * @param  float|null  $leaveOnLimit  percent of the finished product, null where the regulation lists none
     * @param  string  $limitAs  "as such" or "as acid …": how the limit is expressed
     * @param  float|null  $pka  of the acid, null for what is not an acid
     * @param  string  $source  where limit and fraction come from, with confidence
     */
    public function __construct(
        public string $inci,
        public float $low,
        public float $typical,
        public float $high,
        public ?float $leaveOnLimit,
        public ?float $rinseOffLimit,
        public string $limitAs,
        public ?float $pka,
        public string $notes,
        public string $source,
    ) {
    }

    public function limitIsAsAcid(): bool
    {
        return str_starts_with($this->limitAs, 'as acid');
    }
}
