<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Emulsion;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Kind;

/**
 * Fatty alcohol to cationic surfactant, mole by mole: the two build the layers that make a conditioner thick (Barry;
 * Eccleston, recalled). What a blend is made of stands in data/blend_components.csv.
 */
final class GelNetwork
{
    /** g/mol by INCI name; cetearyl as half and half. */
    private const CATIONIC = ['Behentrimonium Methosulfate' => 494.8, 'Cetrimonium Chloride' => 320.0];

    private const ALCOHOL = [
        'Cetearyl Alcohol' => 256.5, 'Cetyl Alcohol' => 242.4, 'Stearyl Alcohol' => 270.5, 'Behenyl Alcohol' => 326.6,
    ];

    /** Below this it stays thin, above that it turns grainy. Textbook and common practice, recalled. */
    public const THIN = 2.0;

    public const GRAINY = 10.0;

    /** Moles of fatty alcohol to a mole of cationic; null where there is no cationic whose make-up is known. */
    public static function ratio(Composition $composition): ?float
    {
        $cationic = $alcohol = 0.0;
        foreach ($composition->known() as $line) {
            $material = $line->ingredient;
            $share = $line->part();
            $parts = $material->blendParts ?? [];
            if ($parts === [] && $material?->kind === Kind::WaxOrFattyAlcohol) {
                $parts = [$material->inci => 1.0];
            }
            foreach ($parts as $inci => $fraction) {
                $cationic += isset(self::CATIONIC[$inci]) ? $share * $fraction / self::CATIONIC[$inci] : 0.0;
                $alcohol += isset(self::ALCOHOL[$inci]) ? $share * $fraction / self::ALCOHOL[$inci] : 0.0;
            }
        }

        return $cationic > 0.0 ? $alcohol / $cationic : null;
    }
}
