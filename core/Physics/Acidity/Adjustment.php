<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Acidity;

use Ilvane\Core\Measure\Band;

/**
 * What brings a formula from the pH its estimate gives to the one it is meant to have: citric acid down, sodium
 * hydroxide up. The estimate leaves half open either way: a small sample tells.
 */
final readonly class Adjustment
{
    /** The estimate is no closer than this; with much plant water in it, farther off. A guess. */
    public const OFF_PH = 0.7;

    public const OFF_PH_WITH_PLANTS = 1.5;

    /** Of the amount, either way. A guess. */
    private const OFF = 0.5;

    /**
     * @param  bool  $isAcid  else it is an alkali that is needed
     * @param  Band  $percent  grams of citric acid, or of pure sodium hydroxide, for 100 g of the batch
     */
    private function __construct(public bool $isAcid, public Band $percent, public float $from)
    {
    }

    public static function offBy(Acidity $acidity): float
    {
        return $acidity->isPlantRich ? self::OFF_PH_WITH_PLANTS : self::OFF_PH;
    }

    /** null where the estimate holds the pH, or nothing is dissolved that an estimate could go by */
    public static function to(float $ph, Acidity $acidity): ?self
    {
        $from = $acidity->guess;
        if ($from === null || abs($from - $ph) <= self::offBy($acidity)) {
            return null;
        }
        $isAcid = $from > $ph;
        $percent = $isAcid ? $acidity->citricFor($ph) : $acidity->lyeFor($ph);

        return $percent === null || $percent <= 0.0
            ? null
            : new self($isAcid, Band::around($percent, self::OFF), $from);
    }
}
