<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Piece;

/** What numbers mean that were written without a unit: percent, or grams. */
final class BareNumbers
{
    private const SAID_PERCENT =
        '/\b(?:percent(?:ages?)?|pourcentages?|pour cent|per cent|in ?%|en ?%|all ?%|tout en ?%)|^\s*%/imu';

    private const SAID_GRAMS =
        '/\b(?:all |everything |weights? |tout |poids )?(?:in|en) (?:g|gr|grams?|grammes?)\b|\bgrams? throughout\b/iu';

    /** How far the numbers may be off what they should add up to. */
    private const SLACK = 0.02;

    /**
     * @param  list<ReadLine>  $lines
     * @param  callable(ReadLine): bool  $isCounted  whether it may be counted: an okra, a clove
     * @return list<ReadLine>
     */
    public static function told(array $lines, string $text, ?StatedYield $yield, callable $isCounted): array
    {
        $bare = array_filter($lines, static fn (ReadLine $line): bool => $line->bare !== null);
        if ($bare === []) {
            return $lines;
        }
        $sum = array_sum(array_map(static fn (ReadLine $line): float => (float) $line->bare, $bare));
        $others = array_filter($lines, static fn (ReadLine $line): bool => $line->bare === null);
        // a list of weights names things to be weighed; "5 dates" and "1 papaya" don't
        $weighed = array_filter(
            $bare,
            static fn (ReadLine $line): bool => $line->ingredient !== null && ! $isCounted($line),
        );
        if (count($weighed) < 2 || count($weighed) < count($others)) {
            return array_map(static fn (ReadLine $line): ReadLine => $line->bare === null ? $line : $line->of(
                Amount::pieces(Band::exact($line->bare), Piece::Whole),
                $isCounted($line) ? 1.0 : Sureness::DOUBTED,
            ), $lines);
        }
        $percents = array_sum(array_map(
            static fn (ReadLine $line): float => $line->amount?->kind === AmountKind::Percent
                ? (float) $line->amount->number?->likely : 0.0,
            $others,
        ));
        $isNear = static fn (float $whole): bool => abs($sum - $whole) <= self::SLACK * $whole;
        $grams = $yield?->grams();
        [$isPercent, $confidence] = match (true) {
            preg_match(self::SAID_PERCENT, $text) === 1 => [true, 1.0],
            preg_match(self::SAID_GRAMS, $text) === 1 => [false, 1.0],
            $grams !== null && $isNear($grams) && ! $isNear(100.0) => [false, 1.0],
            $percents > 0 && $isNear(100.0 - $percents) => [true, 1.0],
            array_filter($others, static fn (ReadLine $line): bool => $line->amount?->kind === AmountKind::Rest) !== []
                && $sum + $percents < 100.0 => [true, $grams === null
                || $sum + $percents < $grams / 2 ? 1.0 : Sureness::DOUBTED],
            $isNear(100.0) && $grams !== null && ! $isNear($grams) => [true, 1.0],
            $isNear(100.0) => [true, Sureness::DOUBTED],
            default => [false, Sureness::DOUBTED],
        };

        return array_map(static fn (ReadLine $line): ReadLine => $line->bare === null ? $line : $line->of(
            $isPercent && $line->bare <= 100 ? Amount::percent(Band::exact($line->bare)) : Amount::grams($line->bare),
            $confidence,
        ), $lines);
    }
}
