<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Workroom\Kept;

/** Figures the maker has fixed: used as they are, whatever is learned later. By name, such as "bowl" or "uptake/calendula-dried". */
final class Pins
{
    private const NAME = 'pinned';

    public static function of(string $what): ?float
    {
        $value = Kept::values(self::NAME)[$what] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public static function set(string $what, float $value): void
    {
        Kept::keep(self::NAME, [...Kept::values(self::NAME), $what => $value]);
    }

    public static function clear(string $what): void
    {
        Kept::keep(self::NAME, array_diff_key(Kept::values(self::NAME), [$what => true]));
    }
}
