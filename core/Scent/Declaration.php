<?php

declare(strict_types=1);

namespace Ilvane\Core\Scent;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;

/**
 * Fragrance allergens a label has to name: each above 0.001 % in what stays on, 0.01 % in what is rinsed off
 * (Regulation (EC) No 1223/2009, Annex III; names added by Regulation (EU) 2023/1545; recalled). From the constituent
 * ranges of the oils, so a name is certain or possible; a real label goes by the batch's own certificate.
 */
final class Declaration
{
    public const LEAVE_ON = 0.001;

    public const RINSE_OFF = 0.01;

    /**
     * @param  list<WeighedLine>  $scents
     * @return array<string, bool> true: must be named, false: may need to be; the names in order of the alphabet
     */
    public static function of(array $scents, Application $use, Catalogue $catalogue): array
    {
        $sums = [];
        foreach ($scents as $line) {
            $percent = $line->percent();
            if ($percent === null || $line->ingredient === null) {
                continue;
            }
            foreach ($catalogue->constituentsOf($line->ingredient->key) as [$name, $low, $high]) {
                $sums[$name] = [
                    ($sums[$name][0] ?? 0.0) + $percent->low * $low / 100,
                    ($sums[$name][1] ?? 0.0) + $percent->high * $high / 100,
                ];
            }
        }
        $limit = $use === Application::RinseOff ? self::RINSE_OFF : self::LEAVE_ON;
        $named = [];
        foreach ($sums as $name => [$low, $high]) {
            if ($high > $limit + 1e-12) {
                $named[$name] = $low > $limit + 1e-12;
            }
        }
        ksort($named);

        return $named;
    }
}
