<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;

/** Finds ingredient names in a line, whole words, longest first, plural or not; and names near to what was written. */
final class NameIndex
{
    /** Shorter names are too easily something else to be guessed from a slip. */
    private const GUESSED_FROM = 5;

    private const CANDIDATES = 4;

    /** What stands between the parts of a name, and between those of a blend. */
    private const BETWEEN = ['-', "'", '’', '/', '+', '&'];

    private const BETWEEN_PARTS = [...self::BETWEEN, '(', ')', ',', 'and', 'with', 'et', 'avec', 'w'];

    /** "HE de la menthe". */
    private const OF = ['.', 'de', 'd', 'du', 'la', 'l'];

    /** Bought ready mixed. */
    private const BLENDS = [Kind::Preservative, Kind::Emulsifier, Kind::Surfactant];

    /**
     * Names by their first word, longest first, with their key and whether they name a blend.
     *
     * @var array<string, list<array{list<string>, string, bool}>>
     */
    private array $byFirst = [];

    /** @var array<string, string> key by name in stems */
    private array $byStems = [];

    /** @var array<string, list<string>> names by a pair of letters they hold, for near misses */
    private array $byPair = [];

    public function __construct(Catalogue $catalogue)
    {
        foreach ($catalogue->names() as $name => $key) {
            $words = self::stems((string) $name);
            if ($words === []) {
                continue;
            }
            $joined = implode(' ', $words);
            if (isset($this->byStems[$joined])) {
                continue;
            }
            $this->byStems[$joined] = $key;
            $isBlend = in_array($catalogue->get($key)->kind, self::BLENDS, true);
            // what joins the parts of a blend may be written in any way
            $words = $isBlend ? array_values(array_diff($words, self::BETWEEN_PARTS)) : $words;
            $this->byFirst[$words[0]][] = [$words, $key, $isBlend];
        }
        $this->addShortOils();
        foreach ($this->byFirst as &$names) {
            usort($names, static fn (array $a, array $b): int => count($b[0]) <=> count($a[0]));
        }
    }

    /** "HE de lavande", "lavender EO": short for the whole name of an essential oil. */
    private function addShortOils(): void
    {
        foreach ($this->byStems as $name => $key) {
            $short = preg_replace(
                ['/^huile essentielle (?:de |d )?(?:la |l )?(?=.)/', '/(?<=.) essential oil$/'],
                ['he ', ' eo'],
                (string) $name,
            );
            if ($short === $name || $short === null || isset($this->byStems[$short])) {
                continue;
            }
            $words = explode(' ', $short);
            $this->byFirst[$words[0]][] = [$words, $key, false];
        }
    }

    /**
     * The longest name that begins at a token.
     *
     * @param  list<Token>  $tokens
     * @return array{string, int}|null key and the place after the name
     */
    public function at(array $tokens, int $at): ?array
    {
        foreach ($this->byFirst[self::stem($tokens[$at]->folded)] ?? [] as [$words, $key, $isBlend]) {
            $between = $isBlend ? self::BETWEEN_PARTS : self::BETWEEN;
            $between = $words[0] === 'he' ? [...$between, ...self::OF] : $between;
            $next = $at;
            foreach ($words as $i => $word) {
                while (
                    $i > 0
                    && isset($tokens[$next])
                    && ($tokens[$next]->is(...$between) || self::isDot($tokens, $next))
                    && self::stem($tokens[$next]->folded) !== $word
                ) {
                    $next++;
                }
                if (! isset($tokens[$next]) || self::stem($tokens[$next]->folded) !== $word) {
                    continue 2;
                }
                $next++;
            }

            return [$key, $next];
        }

        return null;
    }

    /**
     * Ingredients whose names lie near to what was written, nearest first, with how many letters they differ by.
     *
     * @return list<array{string, int, string}> key, letters, and the name in stems
     */
    public function near(string $written): array
    {
        $wanted = implode(' ', self::stems($written));
        if (strlen($wanted) < self::GUESSED_FROM || strlen($wanted) > 60) {
            return [];
        }
        $most = self::tolerance($wanted) + 1;
        $distances = $byKey = [];
        foreach ($this->sharing($wanted) as $name) {
            if (abs(strlen($name) - strlen($wanted)) > $most) {
                continue;
            }
            $distance = levenshtein($wanted, $name);
            $key = $this->byStems[$name];
            if ($distance <= $most && $distance < ($distances[$key] ?? 99)) {
                $distances[$key] = $distance;
                $byKey[$key] = $name;
            }
        }
        asort($distances);

        return array_map(
            static fn (string $key): array => [$key, $distances[$key], $byKey[$key]],
            array_slice(array_keys($distances), 0, self::CANDIDATES),
        );
    }

    /** As many slips as a name of this length may hold and still be taken for it. */
    public static function tolerance(string $name): int
    {
        return match (true) {
            strlen($name) >= 12 => 2,
            strlen($name) >= self::GUESSED_FROM => 1,
            default => 0,
        };
    }

    /** @return list<string> names that share the beginning of some word with what is wanted */
    private function sharing(string $wanted): array
    {
        if ($this->byPair === []) {
            foreach (array_keys($this->byStems) as $name) {
                foreach (self::pairs((string) $name) as $pair) {
                    $this->byPair[$pair][] = (string) $name;
                }
            }
        }
        $names = [];
        foreach (self::pairs($wanted) as $pair) {
            foreach ($this->byPair[$pair] ?? [] as $name) {
                $names[$name] = ($names[$name] ?? 0) + 1;
            }
        }

        return array_map(strval(...), array_keys($names));
    }

    /** @return list<string> the first two and the last two letters of each word */
    private static function pairs(string $name): array
    {
        $pairs = [];
        foreach (explode(' ', $name) as $word) {
            if (strlen($word) > 3) {
                $pairs['<'.substr($word, 0, 2)] = true;
                $pairs['>'.substr($word, -2)] = true;
            }
        }

        return array_keys($pairs);
    }

    /** @return list<string> */
    private static function stems(string $folded): array
    {
        $parts = preg_split('/\s+|(?<=[a-z])(?=\d)|(?<=\d)(?=[a-z])/', $folded, -1, PREG_SPLIT_NO_EMPTY);

        return array_map(self::stem(...), $parts === false ? [] : $parts);
    }

    /**
     * The dot of a short word: "vit. E".
     *
     * @param  list<Token>  $tokens
     */
    private static function isDot(array $tokens, int $at): bool
    {
        return $tokens[$at]->is('.') && $tokens[$at - 1]->is(...Clauses::SHORT);
    }

    /** One form for one and many. */
    public static function stem(string $word): string
    {
        return strlen($word) > 3 && str_ends_with($word, 's') && ! str_ends_with($word, 'ss')
            ? substr($word, 0, -1)
            : $word;
    }
}
