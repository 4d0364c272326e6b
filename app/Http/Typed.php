<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Reads a field as text, whatever shape was sent: lists and files are no text. */
final class Typed
{
    public static function text(Request $request, string $field, int $longest = 500): string
    {
        $value = $request->input($field);

        return is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, $longest) : '';
    }
}
