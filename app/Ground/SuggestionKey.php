<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;

/**
 * How a page names a finding and an offer so that a press finds them again: by the keys of their lines and by what the
 * offer
 * changes, never by a place in a list.
 */
final class SuggestionKey
{
    private const DIGITS = 10;

    /** @param  list<string>  $keys  key of the row of each line */
    public static function idOf(Finding $finding, array $keys): string
    {
        return $finding->code.'@'.implode('-', [
            ...array_map(static fn (int $line): string => $keys[$line - 1] ?? '', $finding->lines),
            ...$finding->keys,
        ]);
    }

    /** @param  list<string>  $keys */
    public static function press(Finding $finding, Fix $fix, array $keys): string
    {
        return 'fix:'.self::idOf($finding, $keys).'#'.self::nameOf($fix, $keys);
    }

    /** The finding a press is about: "code@keys" of "fix:code@keys#offer". */
    public static function about(string $press): string
    {
        return explode('#', substr($press, strlen('fix:')), 2)[0];
    }

    /**
     * @param  iterable<Finding>  $findings
     * @param  list<string>  $keys
     * @param  string  $what  "code@keys#offer"
     */
    public static function find(iterable $findings, array $keys, string $what): ?Fix
    {
        [$id, $name] = [...explode('#', $what, 2), ''];
        foreach ($findings as $finding) {
            if (self::idOf($finding, $keys) !== $id) {
                continue;
            }
            foreach ($finding->fixes as $fix) {
                if (self::nameOf($fix, $keys) === $name) {
                    return $fix;
                }
            }
        }

        return null;
    }

    /** @param  list<string>  $keys */
    private static function nameOf(Fix $fix, array $keys): string
    {
        $keyed = array_map(static fn (array $change): array => [
            $change['op'],
            preg_replace_callback(
                '#^(/(?:lines|plants|oils))/(\d+)#',
                static fn (array $found): string => $found[1]
                    .'/'
                    .($found[1] === '/lines' ? $keys[(int) $found[2]] ?? '' : $found[2]),
                $change['path'],
            ),
            $change['value'] ?? null,
        ], $fix->patch);

        return substr(hash('sha256', (string) json_encode([$fix->label, $keyed])), 0, self::DIGITS);
    }
}
