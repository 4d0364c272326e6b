<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Material\Material;

/**
 * How much a humectant binds: by how much a tenth of it lowers the activity of the water it is in, by Raoult's law
 * (textbook). Molar masses from their formulas; salts count as two particles. It tells two humectants apart; what a
 * formula's water does as a whole is WaterActivity's.
 */
final class WaterBinding
{
    private const WATER = 18.015;

    private const SHARE = 0.1;

    /** INCI name => molar mass, and particles it gives in water. */
    private const SOLUTES = [
        'Glycerin' => [92.094, 1],
        'Propanediol' => [76.095, 1],
        'Panthenol' => [205.25, 1],
        'Sodium Lactate' => [112.06, 2],
        'Sucrose' => [342.30, 1],
        'Sorbitol' => [182.17, 1],
        'Betaine' => [117.15, 1],
        'Urea' => [60.056, 1],
        'Sodium PCA' => [151.10, 2],
        'Propylene Glycol' => [76.095, 1],
        'Butylene Glycol' => [90.121, 1],
        'Pentylene Glycol' => [104.15, 1],
        '1,2-Hexanediol' => [118.17, 1],
    ];

    /** Activity lost, 0 to 1; null for what isn't in the table. */
    public static function of(Material $material): ?float
    {
        $name = trim(str_replace(['(and)', 'Aqua'], '', $material->inci));
        if (! isset(self::SOLUTES[$name])) {
            return null;
        }
        [$mass, $particles] = self::SOLUTES[$name];
        $solute = self::SHARE * (1 - ($material->waterFraction ?? 0.0)) * $particles / $mass;
        $water = (1 - self::SHARE + self::SHARE * ($material->waterFraction ?? 0.0)) / self::WATER;

        return $solute / ($solute + $water);
    }
}
