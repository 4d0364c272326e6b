<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Measure\Piece;

/** What one of something weighs in this maker's hand: a handful of nettle, a leaf of their own aloe. Weighed once. */
final class OwnPieces
{
    public const LEAST = 0.01;

    public const MOST = 5000.0;

    /** The next one differs from the one that was weighed. A guess. */
    private const DIFFERS = 0.25;

    private const NAME = 'pieces';

    private const MAX = 200;

    /** @return array<string, array<string, float>> grams of one, by catalogue key and piece */
    public static function all(): array
    {
        $pieces = [];
        foreach (Settings::values(self::NAME) as $key => $weights) {
            foreach (is_array($weights) ? $weights : [] as $piece => $grams) {
                if (Piece::tryFrom((string) $piece) !== null && is_numeric($grams)) {
                    $pieces[(string) $key][(string) $piece] = (float) $grams;
                }
            }
        }

        return $pieces;
    }

    /**
     * @param  array<string, array<string, array{float, float, float}>>  $pieces  of the catalogue, by key
     * @return array<string, array<string, array{float, float, float}>> with the maker's own before them
     */
    public static function over(array $pieces): array
    {
        foreach (self::all() as $key => $weights) {
            foreach ($weights as $piece => $grams) {
                $pieces[$key][$piece] = [
                    $grams * (1 - self::DIFFERS), $grams, $grams * (1 + self::DIFFERS),
                ];
            }
        }

        return $pieces;
    }

    /**
     * Keeps what was typed where it can be read; an empty field forgets.
     *
     * @param  array<mixed>  $typed  grams by catalogue key and piece
     * @return array<string, string> what was typed and can't be read, by "key/piece"
     */
    public static function keep(array $typed): array
    {
        $kept = self::all();
        $problems = [];
        foreach (array_slice($typed, 0, self::MAX, true) as $key => $weights) {
            foreach (is_array($weights) ? $weights : [] as $piece => $grams) {
                if (! is_string($grams) || Piece::tryFrom((string) $piece) === null) {
                    continue;
                }
                $grams = trim($grams);
                $number = Typed::number($grams);
                if ($grams === '') {
                    unset($kept[$key][$piece]);
                } elseif ($number !== null && $number >= self::LEAST && $number <= self::MOST) {
                    $kept[$key][$piece] = $number;
                } else {
                    $problems["$key/$piece"] = mb_substr(mb_scrub($grams), 0, 40);
                }
            }
        }
        Settings::keep(self::NAME, array_slice(array_filter($kept), 0, self::MAX, true));

        return $problems;
    }
}
