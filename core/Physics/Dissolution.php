<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;

/**
 * What becomes of each line in the water, the oil or the alcohol there is: dissolved, dispersed, suspended, afloat,
 * sunk or crystallised. Solubilities: data/solubility.csv, grams in 100 g at 20 °C.
 */
final readonly class Dissolution
{
    /** Less water than this is no water to dissolve in. Common practice. */
    public const WATER_FROM = 0.01;

    /** Grams of solubiliser to a gram of scent oil that hold it clear. Common practice, recalled: 4 to 10. */
    public const SOLUBILISER = 4.0;

    /** From this share of alcohol in alcohol and water on, it takes up scent oils by itself. Common practice. */
    private const ALCOHOL_HOLDS = 0.70;

    private const FLOATS_BELOW = 1.0;

    /** @param  list<Dissolved>  $lines */
    private function __construct(public array $lines)
    {
    }

    public static function of(Composition $composition): self
    {
        $water = $composition->waterShare();
        $fat = $composition->fatShare();
        $isEmulsified = $composition->ofKind(Kind::Emulsifier) !== [];
        $scents = Composition::shareOfLines($composition->linesWith(self::isOilSoluble(...)))->likely;
        $solubiliser = Composition::shareOfLines($composition->ofKind(Kind::Solubiliser))->likely;
        $alcohol = self::alcohol($composition);
        $isHeld = match (true) {
            $fat > 0.0 => 'oil',
            $isEmulsified => 'oil',
            $water < self::WATER_FROM => 'oil',
            $alcohol >= self::ALCOHOL_HOLDS * ($alcohol + $water) => 'alcohol',
            $scents > 0.0 && $solubiliser >= self::SOLUBILISER * $scents - 1e-9 => 'water',
            default => null,
        };
        $lines = [];
        foreach ($composition->known() as $line) {
            if ($line->ingredient !== null) {
                $lines[] = self::line($line, $line->ingredient, $water, $fat, $isHeld, $isEmulsified);
            }
        }

        return new self($lines);
    }

    /** Pure ethanol, as a share of the batch. */
    public static function alcohol(Composition $composition): float
    {
        $alcohol = 0.0;
        foreach ($composition->known() as $line) {
            $alcohol += $line->part() * ($line->ingredient->contents['Alcohol'] ?? 0.0);
        }

        return $alcohol;
    }

    /** Goes into oil, and not into water: scents, and what comes as an oil without being a fat. */
    public static function isOilSoluble(Material $material): bool
    {
        return ! $material->kind->isLipid()
            && $material->kind !== Kind::Emulsifier
            && $material->dissolves['water'] === 'insoluble'
            && $material->dissolves['oil'] === 'miscible';
    }

    /** @return list<Dissolved> */
    public function in(string ...$states): array
    {
        return array_values(array_filter(
            $this->lines,
            static fn (Dissolved $line): bool => in_array($line->state, $states, true),
        ));
    }

    private static function line(
        WeighedLine $line,
        Material $material,
        float $water,
        float $fat,
        ?string $holdsOils,
        bool $isEmulsified,
    ): Dissolved {
        ['water' => $inWater, 'oil' => $inOil] = $material->dissolves;
        $parts = ($material->bulk->density ?? 1.0) < self::FLOATS_BELOW ? 'floats' : 'sinks';
        $hasWater = $water >= self::WATER_FROM;
        $share = $line->part();

        return match (true) {
            $inWater === null && $inOil === null => new Dissolved($line, null, 'unknown'),
            $inWater === 'suspended' => new Dissolved($line, $hasWater ? 'water' : 'oil', 'suspended'),
            $material->kind->isLipid() => new Dissolved($line, 'oil', match (true) {
                ! $hasWater => 'dissolved',
                $isEmulsified => 'dispersed',
                default => $parts,
            }),
            self::isOilSoluble($material) => new Dissolved(
                $line,
                $holdsOils ?? 'water',
                $holdsOils === null ? $parts : 'dissolved',
            ),
            $inWater === 'insoluble' && is_float($inOil) => new Dissolved(
                $line,
                'oil',
                $share > $inOil / 100 * max($fat, 1e-9) + 1e-9 ? 'suspended' : 'dissolved',
            ),
            $inWater === 'dispersible' => new Dissolved($line, $hasWater ? 'water' : 'oil', match (true) {
                $hasWater, $inOil !== 'insoluble' => 'dispersed',
                default => 'sinks',
            }),
            ! $hasWater => new Dissolved($line, 'oil', match ($inOil) {
                'miscible' => 'dissolved',
                'dispersible' => 'dispersed',
                default => $material->isLiquid() ? 'sinks' : 'suspended',
            }),
            is_float($inWater) && $share > $inWater / 100 * $water + 1e-9 => new Dissolved(
                $line,
                $inOil === 'miscible' && $holdsOils !== null ? 'oil' : 'water',
                match (true) {
                    $inOil === 'miscible' && $holdsOils !== null => 'dissolved',
                    $material->isLiquid() && $inOil === 'miscible' => $parts,
                    default => 'crystallises',
                },
            ),
            $inWater === 'insoluble' => new Dissolved($line, 'water', 'suspended'),
            default => new Dissolved($line, 'water', 'dissolved'),
        };
    }
}
