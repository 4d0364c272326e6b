<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** A name as it is compared: lower case, no accents, no punctuation, single spaces. */
final class Folded
{
    private const PLAIN = [
        'à' => 'a',
        'á' => 'a',
        'â' => 'a',
        'ä' => 'a',
        'ã' => 'a',
        'ç' => 'c',
        'è' => 'e',
        'é' => 'e',
        'ê' => 'e',
        'ë' => 'e',
        'ì' => 'i',
        'í' => 'i',
        'î' => 'i',
        'ï' => 'i',
        'ñ' => 'n',
        'ò' => 'o',
        'ó' => 'o',
        'ô' => 'o',
        'ö' => 'o',
        'õ' => 'o',
        'ù' => 'u',
        'ú' => 'u',
        'û' => 'u',
        'ü' => 'u',
        'ÿ' => 'y',
        'œ' => 'oe',
        'æ' => 'ae',
        "'" => ' ',
        "\u{2019}" => ' ',
    ];

    public static function of(string $name): string
    {
        $plain = strtr(mb_strtolower($name), self::PLAIN);

        return trim(preg_replace('/[^a-z0-9]+/', ' ', $plain) ?? '');
    }
}
