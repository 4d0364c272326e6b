<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** What is always to be said: patch test, nuts, dust, hot fat. */
final class Cautions implements InfusionRule
{
    /** Hot enough to hurt. */
    private const HOT_C = 45.0;

    public function examine(Infusion $infusion): iterable
    {
        yield new Finding('safety.patch_test', Severity::Note);
        if ($infusion->plan->celsius >= self::HOT_C) {
            yield new Finding('safety.hot_fat', Severity::Note);
        }
        $parts = [...$infusion->contents->plants, ...$infusion->contents->oils];
        $nut = self::those(
            $parts,
            static fn (Material $ingredient): bool => $ingredient->hasAllergen(Allergen::TreeNut)
                || $ingredient->hasAllergen(Allergen::Peanut),
        );
        if ($nut !== []) {
            yield new Finding(
                'safety.nut',
                Severity::Note,
                array_keys($nut),
                ['ingredients' => Term::ingredients(array_values($nut))],
            );
        }
        $dusty = self::those(
            $parts,
            static fn (Material $ingredient): bool => $ingredient->hasCaution(Caution::DustMask),
        );
        if ($dusty !== []) {
            yield new Finding(
                'safety.dust',
                Severity::Note,
                array_keys($dusty),
                ['ingredients' => Term::ingredients(array_values($dusty))],
            );
        }
    }

    /**
     * @param  list<InPart>  $parts
     * @param  callable(Material): bool  $are
     * @return array<int, string> ingredient key by line
     */
    private static function those(array $parts, callable $are): array
    {
        $those = [];
        foreach ($parts as $i => $part) {
            if ($are($part->ingredient)) {
                $those[$i + 1] = $part->ingredient->key;
            }
        }

        return $those;
    }
}
