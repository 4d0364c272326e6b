<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Http\Request;

/** Reads a field as text, whatever shape was sent: lists and files are no text. */
final class Typed
{
    public static function text(Request $request, string $field, int $longest = 500): string
    {
        $value = $request->input($field);

        return is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, $longest) : '';
    }

    /** A number as typed, comma or point; null where none was. */
    public static function decimal(Request $request, string $field): ?float
    {
        return self::number(self::text($request, $field, 30));
    }

    /** A number as typed, comma or point, with g or °C behind it or not; null where it is none. */
    public static function number(string $text): ?float
    {
        $number = str_replace(',', '.', trim(preg_replace('/\s*(g|°c|°)\s*$/iu', '', $text) ?? ''));

        return is_numeric($number) && is_finite((float) $number) ? (float) $number : null;
    }

    /**
     * Grams as typed; 0 where nothing was.
     *
     * @throws Refused when it is no number, less than nothing, or more than any kitchen holds
     */
    public static function grams(Request $request, string $field): float
    {
        $grams = self::decimal($request, $field);
        if ($grams === null && trim(self::text($request, $field)) !== '') {
            throw Refused::noNumber($field);
        }
        if ($grams < 0) {
            throw Refused::negative($field);
        }

        return $grams > 100_000 ? throw Refused::tooLarge($field) : $grams ?? 0.0;
    }

    /**
     * Money as typed, without its sign; null where none was.
     *
     * @throws Refused when it is no sum of money
     */
    public static function price(Request $request, string $field): ?float
    {
        $text = str_replace(',', '.', preg_replace('/[^\d.,-]/u', '', self::text($request, $field, 30)) ?? '');
        if ($text === '' && trim(self::text($request, $field)) === '') {
            return null;
        }

        return is_numeric($text) && (float) $text >= 0 && (float) $text <= 1_000_000
            ? (float) $text
            : throw Refused::noPrice($field);
    }

    /** What the page made up so that a form sent twice is recorded once. */
    public static function key(Request $request): string
    {
        $key = self::text($request, 'client_key', 40);

        return preg_match('/^[A-Za-z0-9-]{8,40}$/', $key) === 1 ? $key : throw Refused::noKey('jar');
    }
}
