<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/**
 * A group of microbes that spoils, with the temperatures, acidity and dryness it grows at. Pseudomonads: Neumeyer and
 * others 1997 (recalled); the others: working figures in the order of textbooks, from memory.
 */
enum Microbe
{
    case Pseudomonads;
    case Mesophiles;
    case Lactics;
    case Yeasts;
    case SugarYeasts;
    case Moulds;
    case DryMoulds;

    /** Per hour on food at its best. */
    public function growth(float $celsius): float
    {
        if ($this === self::Pseudomonads) {
            $root = 0.033 * max(0.0, $celsius + 7.6);

            return M_LN2 * $root * $root;
        }
        [$least, $best, $most] = match ($this) {
            self::Mesophiles => [5.0, 37.0, 1.7],
            self::Lactics => [0.0, 33.0, 0.7],
            self::Yeasts => [-2.0, 28.0, 0.45],
            self::SugarYeasts => [4.0, 28.0, 0.12],
            self::Moulds => [0.0, 25.0, 0.20],
            self::DryMoulds => [8.0, 28.0, 0.06],
        };
        $part = max(0.0, min(1.0, ($celsius - $least) / ($best - $least)));

        return $most * $part * $part;
    }

    /** 0 to 1: the cardinal model of Rosso and others (1995, recalled). */
    public function atPh(float $ph): float
    {
        [$least, $best, $most] = match ($this) {
            self::Pseudomonads => [4.5, 7.0, 9.5],
            self::Mesophiles => [4.4, 7.0, 9.0],
            self::Lactics => [3.6, 5.8, 8.0],
            self::Yeasts, self::SugarYeasts => [2.0, 5.0, 8.5],
            self::Moulds, self::DryMoulds => [2.0, 5.0, 9.0],
        };
        if ($ph <= $least || $ph >= $most) {
            return 0.0;
        }
        $span = ($ph - $least) * ($ph - $most);

        return $span / ($span - ($ph - $best) ** 2);
    }

    /** 0 to 1, by water activity. */
    public function atWaterActivity(float $activity): float
    {
        $least = match ($this) {
            self::Pseudomonads => 0.947,
            self::Mesophiles => 0.94,
            self::Lactics => 0.93,
            self::Yeasts => 0.87,
            self::SugarYeasts => 0.62,
            self::Moulds => 0.80,
            self::DryMoulds => 0.70,
        };

        return max(0.0, ($activity - $least) / (1 - $least));
    }

    /** Of all that are there at first, so many are of this group. A guess. */
    public function share(): float
    {
        return match ($this) {
            self::Mesophiles => 1.0,
            self::Pseudomonads, self::Lactics, self::Yeasts, self::SugarYeasts => 0.1,
            self::Moulds, self::DryMoulds => 0.01,
        };
    }

    /** @return list<Organism> whose preservative holds it back */
    public function heldAs(): array
    {
        return match ($this) {
            self::Pseudomonads, self::Lactics => [Organism::GramNegative, Organism::GramPositive],
            self::Mesophiles => [Organism::GramPositive],
            self::Yeasts, self::SugarYeasts => [Organism::Yeast],
            self::Moulds, self::DryMoulds => [Organism::Mould],
        };
    }
}
