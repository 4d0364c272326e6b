<?php

declare(strict_types=1);

namespace Ilvane\Core\Infusion;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Material\Phase;

/**
 * What an infused oil is made of, as a formula that others may take in: its oils by weight, its plants strained out.
 */
final class InfusedOil
{
    /** @return array<string, mixed> ilvane.formula/1 */
    public static function document(string $name, JarContents $contents): array
    {
        return FormulaDocument::write(new Formula($name, Family::InfusedOil, [
            ...array_map(
                static fn (InPart $oil): Line => new Line(
                    $oil->ingredient->key,
                    amount: self::grams($oil),
                    phase: Phase::Oil,
                ),
                $contents->oils,
            ),
            ...array_map(self::plant(...), $contents->plants),
        ]));
    }

    private static function plant(InPart $plant): Line
    {
        $prepared = match ($plant->form) {
            PlantForm::FreshWet => Prepared::CookedOut,
            PlantForm::FreshWilted => Prepared::Wilted,
            default => Prepared::Dried,
        };

        return new Line(
            $plant->ingredient->key,
            amount: self::grams($plant),
            phase: Phase::Infusion,
            prepared: [$prepared],
        );
    }

    private static function grams(InPart $part): string
    {
        return round($part->grams->likely, 2).' g';
    }
}
