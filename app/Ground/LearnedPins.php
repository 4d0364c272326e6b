<?php

declare(strict_types=1);

namespace App\Ground;

/**
 * Figures the maker has fixed: used as they are, whatever is learned later. By name, such as "bowl" or
 * "uptake/calendula-dried".
 */
final class LearnedPins
{
    private const NAME = 'pinned';

    public static function of(string $what): ?float
    {
        $value = Settings::values(self::NAME)[$what] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public static function set(string $what, float $value): void
    {
        Settings::keep(self::NAME, [...Settings::values(self::NAME), $what => $value]);
    }

    public static function clear(string $what): void
    {
        Settings::keep(self::NAME, array_diff_key(Settings::values(self::NAME), [$what => true]));
    }
}
