<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\Facades\App;

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
        $spoken = App::getLocale();
        $said = [];
        try {
            foreach (self::ALL as $language) {
                App::setLocale($language);
                $said[$language] = $words();
            }
        } finally {
            App::setLocale($spoken);
        }

        return $said;
    }
}
