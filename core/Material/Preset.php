<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * What is assumed of a maker's own material until the maker says otherwise: by its kind, and by words of its name.
 * data/presets.csv.
 */
final readonly class Preset
{
    /**
     * @param  list<string>  $words  one of them stands in the name or INCI name; none where the kind alone decides
     * @param  list<string>  $unless  none of them does
     * @param  string  $sets  caution, trait, or the field of a figure
     */
    public function __construct(
        public Kind $kind,
        public array $words,
        public array $unless,
        public string $sets,
        public string $value,
        public string $source,
    ) {
    }

    /** @param  string  $names  name and INCI name */
    public function isMeant(Kind $kind, string $names): bool
    {
        return $kind === $this->kind
            && ($this->words === [] || self::holdsOne($this->words, $names))
            && ! self::holdsOne($this->unless, $names);
    }

    /** @param  list<string>  $words */
    private static function holdsOne(array $words, string $names): bool
    {
        $padded = ' '.Folded::of($names).' ';
        foreach ($words as $word) {
            if (str_contains($padded, ' '.Folded::of($word).' ')) {
                return true;
            }
        }

        return false;
    }
}
