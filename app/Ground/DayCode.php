<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\Carbon;

/** Day and letter: 261123-A, then B … Z, then AA; with a letter before it for what is no batch. */
final class DayCode
{
    /** @param  callable(string): bool  $isTaken */
    public static function next(Carbon $at, callable $isTaken, string $before = ''): string
    {
        $day = $before.$at->format('ymd');
        $letter = 'A';
        while ($isTaken("$day-$letter")) {
            $letter = self::after($letter);
        }

        return "$day-$letter";
    }

    private static function after(string $letter): string
    {
        $letter++; // PHP counts letters: Z is followed by AA

        return $letter;
    }
}
