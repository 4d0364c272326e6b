<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** A jar, bottle or tin to fill: brimful millilitres, and the part of it that stays empty. */
final readonly class Container
{
    /** @param  list<string>  $suits  oil, butter, emulsion, spray */
    public function __construct(
        public string $key,
        public string $name,
        public string $material,
        public string $closure,
        public float $volumeMl,
        public float $maxFillC,
        public float $headspace,
        public array $suits,
        public string $note,
    ) {
    }

    public function fillMl(): float
    {
        return $this->volumeMl * (1 - $this->headspace);
    }
}
