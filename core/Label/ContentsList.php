<?php

declare(strict_types=1);

namespace Ilvane\Core\Label;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;

/**
 * The contents for a label, by INCI name, in descending share at the time of making, blends opened where their make-up
 * is known, one name once. Order rule: Regulation (EC) No 1223/2009, Article 19(1)(g); below 1 % any order is allowed
 * and this one is among them.
 */
final readonly class ContentsList
{
    private const JOIN = ' (and) ';

    private const WATER = 'Aqua';

    /** How the catalogue writes a name that only the maker knows. */
    private const TO_BE_NAMED = '[';

    /** @param  array<string, float>  $shares fraction of the batch by INCI name, descending */
    private function __construct(public array $shares)
    {
    }

    public static function of(Composition $composition): self
    {
        return self::ofParts($composition->known(), $composition->extracts);
    }

    /**
     * @param  list<WeighedLine>  $lines  with their shares
     * @param  list<Extract>  $extracts  drawn into them
     */
    public static function ofParts(array $lines, array $extracts): self
    {
        $shares = [];
        foreach ($lines as $line) {
            if ($line->ingredient === null || $line->share === null) {
                continue;
            }
            foreach (self::partsOf($line->ingredient) as $inci => $fraction) {
                $shares[$inci] = ($shares[$inci] ?? 0.0) + $fraction * $line->share->likely;
            }
        }
        foreach ($extracts as $extract) {
            // how much of a plant stays in is not known: it comes last
            $shares[$extract->plant->inciOfExtract()] ??= 0.0;
        }
        arsort($shares);

        return new self($shares);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->shares);
    }

    /** A name the catalogue can't know: which plant a tea or a flower water is of. */
    public static function isToBeNamed(string $name): bool
    {
        return str_starts_with($name, self::TO_BE_NAMED);
    }

    /** @return array<string, float> fraction by INCI name */
    private static function partsOf(Material $ingredient): array
    {
        if ($ingredient->preservativeComponents !== []) {
            $parts = [];
            foreach ($ingredient->preservativeComponents as $component) {
                $parts[$component->inci] = $component->typical / 100;
            }

            return $parts;
        }
        $names = explode(self::JOIN, $ingredient->inci);
        if ($ingredient->blendParts !== []) {
            return $ingredient->blendParts;
        }
        if (count($names) === 2 && in_array(self::WATER, $names, true) && $ingredient->waterFraction !== null) {
            $other = $names[0] === self::WATER ? $names[1] : $names[0];

            return [$other => 1 - $ingredient->waterFraction, self::WATER => $ingredient->waterFraction];
        }

        // Shares inside the blend unknown: its names stand together, in the blend's own order.
        $parts = [];
        foreach ($names as $i => $name) {
            $parts[$name] = (1 / count($names)) * (1 - 1e-6 * $i);
        }

        return $parts;
    }
}
