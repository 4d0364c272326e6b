<?php

declare(strict_types=1);

namespace Ilvane\Core\Preparation;

use Ilvane\Core\Material\Bioburden;
use Ilvane\Core\Material\LeftOver;
use Ilvane\Core\Material\PartDefaults;

/** How long something made first is good, by where it stands; what is known of no making of its own plant. */
final readonly class Life
{
    private function __construct(
        public float $counterHours,
        public float $fridgeDays,
        public float $freezerDays,
        public ?Bioburden $bioburden = null,
        public ?float $ph = null,
    ) {
    }

    /**
     * @param  float|null  $hours  its maker's own word for it in the fridge; never longer than usual
     * @return self|null null where what is in it tells
     */
    public static function of(PartDefaults $usual, ?float $hours = null): ?self
    {
        if ($usual->counterHours === null || $usual->fridgeDays === null || $usual->freezerDays === null) {
            return null;
        }
        $own = $hours ?? INF;

        return new self(
            min($usual->counterHours, $own),
            min($usual->fridgeDays, $own / 24),
            $usual->freezerDays,
        );
    }

    /** Of what was strained out of something. */
    public static function ofLeftOver(LeftOver $left): self
    {
        return new self(self::WET_PLANT_HOURS, $left->fridgeDays, $left->freezerDays);
    }

    /** Wet plant out of hot water or oil spoils on the counter within hours. Common practice. */
    private const WET_PLANT_HOURS = 4.0;

    /** Of a finished product, by what its own derivation says for each place. */
    public static function ofProduct(float $roomDays, float $fridgeDays, float $freezerDays): self
    {
        return new self(24 * $roomDays, $fridgeDays, $freezerDays);
    }
}
