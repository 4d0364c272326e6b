<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

/**
 * Limits for salts and esters are expressed as the acid: factor = molar mass of acid / molar mass of the salt or ester.
 * Molar masses in g/mol from IUPAC standard atomic weights.
 */
final class AsAcid
{
    /** INCI => [acid, salt or ester] */
    private const MOLAR_MASS = [
        'Sodium Benzoate' => [122.123, 144.105],
        'Potassium Sorbate' => [112.128, 150.218],
        'Methylparaben' => [138.122, 152.149],
        'Propylparaben' => [138.122, 180.203],
        'Sodium Dehydroacetate' => [168.148, 190.13],
        'Sodium Salicylate' => [138.122, 160.104],
    ];

    /** Grams of acid in a gram of the component; 1 for what already is the acid. */
    public static function factor(string $inci): float
    {
        [$acid, $salt] = self::MOLAR_MASS[$inci] ?? [1.0, 1.0];

        return $acid / $salt;
    }
}
