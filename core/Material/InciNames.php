<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * The ingredient list printed on something bought, read name by name in its order. Percentages are never on it: what
 * is known is that it goes from much to little down to one percent (Regulation (EC) No 1223/2009, Article 19(1)(g)).
 */
final class InciNames
{
    public const MOST = 100;

    /** What stands before the list, and is no name. */
    private const HEAD = '/^\s*(ingredients?|ingrédients?|inci|composition|contains|contient)\s*(\([^)]*\))?\s*:/iu';

    /** Names of water, as they are printed. */
    private const WATER = ['aqua', 'water', 'eau', 'aqua/water', 'aqua/water/eau', 'water/aqua/eau', 'water/aqua'];

    /**
     * @return list<string> at most MOST, each once, without what only explains a name: "Aqua (Water)" is "Aqua"
     */
    public static function read(string $list): array
    {
        $list = preg_replace(self::HEAD, '', mb_substr($list, 0, 10_000)) ?? '';
        $names = [];
        foreach (preg_split('/[,;•·|\n]+|\s+\/\s+(?=\p{Lu})/u', $list) ?: [] as $part) {
            $name = trim(preg_replace(['/\([^)]*\)/u', '/[*†°+]+/u', '/\s+/u'], ['', '', ' '], $part) ?? '', " \t.-–:");
            if (in_array(mb_strtolower($name), self::WATER, true)) {
                $name = 'Aqua';
            }
            if (preg_match('/\p{L}{2}/u', $name) === 1 && mb_strlen($name) <= 120) {
                $names[mb_strtolower($name)] ??= self::cased($name);
            }
        }

        return array_slice(array_values($names), 0, self::MOST);
    }

    /** As labels are usually set: a list in capitals is hard to read. */
    private static function cased(string $name): string
    {
        return mb_strtoupper($name) === $name && mb_strlen($name) > 4
            ? mb_convert_case($name, MB_CASE_TITLE)
            : $name;
    }

    /**
     * An order kept, and no more: water as much as said where it comes first, the rest falling off name by name.
     *
     * @param  list<string>  $names
     * @param  float  $water  grams in a gram, where water is the first of them
     * @return array<string, float> fraction by name, falling
     */
    public static function shares(array $names, float $water): array
    {
        $isWatery = ($names[0] ?? '') === 'Aqua' && $water > 0.0 && $water < 1.0 && count($names) > 1;
        $rest = $isWatery ? array_slice($names, 1) : $names;
        $weights = array_map(static fn (int $i): float => 1 / ($i + 1) ** 2, array_keys($rest));
        $all = array_sum($weights);
        $shares = $isWatery ? ['Aqua' => $water] : [];
        foreach ($rest as $i => $name) {
            $shares[$name] = ($isWatery ? 1 - $water : 1.0) * $weights[$i] / $all;
        }

        return $shares;
    }
}
