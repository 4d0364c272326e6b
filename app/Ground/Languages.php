<?php

declare(strict_types=1);

namespace App\Ground;

/** The languages the workroom speaks. */
final class Languages
{
    public const ALL = ['en', 'fr'];

    /**
     * What is said in each of them.
     *
     * @template T
     *
     * @param  callable(): T  $words
     * @return array<string, T> by language
     */
    public static function inEach(callable $words): array
    {
        $spoken = app()->getLocale();
        $said = [];
        try {
            foreach (self::ALL as $language) {
                app()->setLocale($language);
                $said[$language] = $words();
            }
        } finally {
            app()->setLocale($spoken);
        }

        return $said;
    }
}
