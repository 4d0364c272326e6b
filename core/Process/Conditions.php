<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/**
 * Where and in what it is made. What nobody has said is null; its usual value has its one home here. Temperatures °C.
 */
final readonly class Conditions
{
    /** A room. The lives and the feel of fats are told for this temperature. Common practice. */
    public const ROOM_C = 20.0;

    public const FRIDGE_C = 5.0;

    public const FREEZER_C = -18.0;

    /** A water bath on medium heat, not boiling. Common practice. */
    public const BATH_C = 90.0;

    /**
     * @param  float|null  $altitude  metres above the sea
     * @param  float|null  $bath  °C of the water bath
     * @param  string|null  $waterVessel  key in data/vessels.csv
     * @param  float|null  $fridge  °C in it, as measured
     */
    public function __construct(
        public ?float $room = null,
        public ?float $altitude = null,
        public ?float $bath = null,
        public ?string $waterVessel = null,
        public ?string $oilVessel = null,
        public ?string $mixVessel = null,
        public ?bool $isCovered = null,
        public ?Cooling $cool = null,
        public ?PourOrder $pour = null,
        public ?float $fridge = null,
    ) {
    }

    /** Something said that changes how it is made; how cold the fridge is says only how long it keeps. */
    public function isTold(): bool
    {
        return $this != new self(fridge: $this->fridge);
    }

    public function room(): float
    {
        return $this->room ?? self::ROOM_C;
    }

    public function altitude(): float
    {
        return $this->altitude ?? 0.0;
    }

    public function bath(): float
    {
        return $this->bath ?? self::BATH_C;
    }

    public function isCovered(): bool
    {
        return $this->isCovered ?? true;
    }

    public function cool(): Cooling
    {
        return $this->cool ?? Cooling::Counter;
    }

    public function pour(): PourOrder
    {
        return $this->pour ?? PourOrder::OilIntoWater;
    }
}
