<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\UnitSystem;

/**
 * Looks at all lines together: what stands twice, or is far too much of its kind, is doubtful however well it was
 * read.
 */
final class LineDoubts
{
    private const DROP_G = 0.03;

    /** Percent of the whole that nobody means. Common practice. */
    private const FAR_TOO_MUCH = [
        'preservative' => 6.0, 'essential_oil' => 15.0, 'fragrance' => 15.0, 'thickener_gum' => 15.0,
        'antioxidant' => 10.0,
        'solubiliser' => 40.0,
    ];

    /** What is never the rest of a batch. */
    private const BY_NEED = [
        Kind::AcidOrBase, Kind::ThickenerGum, Kind::EssentialOil, Kind::Fragrance, Kind::Preservative,
        Kind::Antioxidant,
    ];

    /**
     * @param  list<ReadLine>  $lines
     * @return list<ReadLine>
     */
    public static function of(array $lines, Catalogue $catalogue): array
    {
        $lines = self::asMuchAsNeeded($lines, $catalogue);
        $grams = array_map(self::grams(...), $lines);
        $percent = array_map(
            static fn (ReadLine $line): ?float => $line->amount?->kind === AmountKind::Percent
                ? $line->amount->number?->likely : null,
            $lines,
        );
        $sum = array_sum($grams);
        $hasMore = array_filter($lines, static fn (ReadLine $line): bool => $line->amount === null
                || ($line->amount->number === null && $line->amount->kind !== AmountKind::Rest)
                || $line->amount->piece !== null) !== [];
        $seen = [];
        foreach ($lines as $i => $line) {
            $place = ($line->ingredient ?? '').'/'.($line->phase->value ?? '').'/'.($line->in->number ?? '');
            $isTwice = $line->ingredient !== null && isset($seen[$place]);
            $seen[$place] = true;
            $most = $line->ingredient === null ? null
                : self::FAR_TOO_MUCH[$catalogue->get($line->ingredient)->kind->value] ?? null;
            $share = $percent[$i] ?? ($sum > 0 && ! $hasMore && count($lines) > 1 ? 100 * $grams[$i] / $sum : 0.0);
            if ($isTwice || ($most !== null && $share > $most)) {
                $lines[$i] = $line->doubted(Sureness::DOUBTED);
            }
        }

        return $lines;
    }

    /**
     * "Citric acid qs": as much as is needed, and no rest of the batch.
     *
     * @param  list<ReadLine>  $lines
     * @return list<ReadLine>
     */
    private static function asMuchAsNeeded(array $lines, Catalogue $catalogue): array
    {
        return array_map(
            static fn (ReadLine $line): ReadLine => $line->amount?->kind === AmountKind::Rest
                && $line->ingredient !== null
                && in_array($catalogue->get($line->ingredient)->kind, self::BY_NEED, true)
                    ? $line->of(Amount::open('as needed'), Sureness::NO_AMOUNT)
                    : $line,
            $lines,
        );
    }

    /** Roughly: what is told by volume as if it were water. */
    private static function grams(ReadLine $line): float
    {
        $unit = $line->amount?->unit;
        $number = $line->amount?->number?->likely;

        return $unit === null || $number === null ? 0.0
            : $number * ($unit->grams() ?? $unit->millilitres(UnitSystem::MetricKitchen) ?? self::DROP_G);
    }
}
