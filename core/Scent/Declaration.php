<?php

declare(strict_types=1);

namespace Ilvane\Core\Scent;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Band;

/**
 * Fragrance allergens a label has to name: each above 0.001 % in what stays on, 0.01 % in what is rinsed off
 * (Regulation (EC) No 1223/2009, Annex III; names added by Regulation (EU) 2023/1545; recalled). From the constituent
 * ranges of the oils and plants, so a name is certain or possible; a real label goes by the batch's own certificate.
 */
final class Declaration
{
    public const LEAVE_ON = 0.001;

    public const RINSE_OFF = 0.01;

    /**
     * Of what a plant holds, so much may have gone into the oil or the water it was drawn in, lowest and highest share.
     * A guess: oil takes them up well, water hardly.
     */
    private const TAKEN = ['oil' => [0.05, 1.0], 'water' => [0.0, 0.3]];

    /** @return array<string, bool> of a whole composition: its scents, plants left in it and plants drawn into it */
    public static function ofAll(Composition $composition, Application $use, Catalogue $catalogue): array
    {
        return self::of(
            $composition->linesWith(
                static fn (Material $material): bool => $material->kind->isScent() || $material->kind->isPlant(),
            ),
            $use,
            $catalogue,
            $composition->extracts,
        );
    }

    /**
     * @param  list<WeighedLine>  $lines  scents, and plants that stay in
     * @param  list<Extract>  $extracts  plants that were strained out again
     * @return array<string, bool> true: must be named, false: may need to be; the names in order of the alphabet
     */
    public static function of(array $lines, Application $use, Catalogue $catalogue, array $extracts = []): array
    {
        $sums = [];
        $add = static function (string $key, Band $percent, float $least, float $most) use (&$sums, $catalogue): void {
            foreach ($catalogue->constituentsOf($key) as [$name, $low, $high]) {
                $sums[$name] = [
                    ($sums[$name][0] ?? 0.0) + $percent->low * $least * $low / 100,
                    ($sums[$name][1] ?? 0.0) + $percent->high * $most * $high / 100,
                ];
            }
        };
        foreach ($lines as $line) {
            $percent = $line->percent();
            if ($percent !== null && $line->ingredient !== null) {
                $add($line->ingredient->key, $percent, 1.0, 1.0);
            }
        }
        foreach ($extracts as $extract) {
            if ($extract->perGram !== null) {
                $add($extract->plant->key, $extract->perGram->times(100.0), ...self::TAKEN[
                    $extract->isInOil ? 'oil' : 'water'
                ]);
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
