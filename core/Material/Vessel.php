<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * A vessel to heat, mix and cool in. Heat goes through it in proportion to the difference in temperature; the figures
 * of
 * the shipped ones are fitted to common practice, the maker's own are learned from logged readings.
 */
final readonly class Vessel
{
    /**
     * @param  string  $shape  cylinder, bowl, jar, tray
     * @param  float|null  $diameterMm  inside, at the rim
     * @param  float  $bath  W/K standing in a hot bath
     * @param  float  $air  W/K standing in still air
     * @param  float  $coldBath  W/K standing in cold water and stirred
     */
    public function __construct(
        public string $key,
        public string $name,
        public float $volumeMl,
        public string $shape,
        public ?float $diameterMm,
        public string $wall,
        public float $wallGrams,
        public float $bath,
        public float $air,
        public float $coldBath,
        public string $note,
    ) {
    }

    /** Open surface, m²; 0 where the diameter is not known. */
    public function surface(): float
    {
        return $this->diameterMm === null ? 0.0 : M_PI * ($this->diameterMm / 2000) ** 2;
    }
}
