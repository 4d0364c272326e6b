<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** What a line says of the making: temperatures, durations, "overnight", "until melted". */
final class Hints
{
    private const MINUTES = [
        'minute' => 1,
        'minutes' => 1,
        'min' => 1,
        'mins' => 1,
        'mn' => 1,
        'hour' => 60,
        'hours' => 60,
        'hr' => 60,
        'hrs' => 60,
        'h' => 60,
        'heure' => 60,
        'heures' => 60,
        'day' => 1440,
        'days' => 1440,
        'jour' => 1440,
        'jours' => 1440,
        'week' => 10080,
        'weeks' => 10080,
        'semaine' => 10080,
        'semaines' => 10080,
        'second' => 1 / 60,
        'seconds' => 1 / 60,
        'sec' => 1 / 60,
        'secondes' => 1 / 60,
    ];

    private const WORDS = [
        'overnight' => [['overnight'], ['over', 'night'], ['toute', 'la', 'nuit'], ['une', 'nuit']],
        'until_melted' => [
            ['until', 'melted'],
            ['until', 'fully', 'melted'],
            ['jusqu', 'a', 'fonte'],
            ['until', 'it', 'melts'],
            ['until', 'they', 'melt'],
        ],
    ];

    /**
     * @param  list<Token>  $tokens
     * @return array{Hint, int}|null with the place after it
     */
    public static function at(array $tokens, int $at): ?array
    {
        foreach (self::WORDS as $kind => $phrases) {
            foreach ($phrases as $phrase) {
                $next = $at;
                foreach ($phrase as $word) {
                    while ($next > $at && isset($tokens[$next]) && $tokens[$next]->is("'", '’')) {
                        $next++;
                    }
                    if (! isset($tokens[$next]) || ! $tokens[$next]->is($word)) {
                        continue 2;
                    }
                    $next++;
                }

                return [new Hint($kind, null, Span::over($tokens, $at, $next)), $next];
            }
        }
        $number = Numbers::at($tokens, $at);
        if ($number === null) {
            return null;
        }
        [$band, $next] = $number;

        return self::temperature(
            $tokens,
            $at,
            $next,
            $band->likely,
        ) ?? self::duration($tokens, $at, $next, $band->likely);
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Hint, int}|null
     */
    private static function temperature(array $tokens, int $at, int $next, float $value): ?array
    {
        $marked = false;
        while (isset($tokens[$next]) && $tokens[$next]->is('°', 'degrees', 'degree', 'degres', 'deg', '.')) {
            $marked = true;
            $next++;
        }
        $scale = isset($tokens[$next]) && $tokens[$next]->is('c', 'f', 'celsius', 'fahrenheit')
            ? $tokens[$next]->folded[0]
            : null;
        if (! $marked && ($scale === null || $value < 30)) {
            return null; // "1 c" is a cup to some
        }
        $celsius = $scale === 'f' || ($scale === null && $value > 110) ? ($value - 32) / 1.8 : $value;
        $next += $scale === null ? 0 : 1;

        return $celsius > 300
            ? null
            : [
                new Hint('temperature', round($celsius, 1), Span::over($tokens, $at, $next)),
                $next,
            ];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Hint, int}|null
     */
    private static function duration(array $tokens, int $at, int $next, float $value): ?array
    {
        $unit = isset($tokens[$next]) ? self::MINUTES[$tokens[$next]->folded] ?? null : null;

        return $unit === null
            ? null
            : [
                new Hint('minutes', round($value * $unit, 2), Span::over($tokens, $at, $next + 1)),
                $next + 1,
            ];
    }
}
