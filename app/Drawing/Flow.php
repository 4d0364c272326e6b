<?php

declare(strict_types=1);

namespace App\Drawing;

/** What went in, as one stream that parts: each band as wide as its share, none lost from sight. */
final readonly class Flow
{
    public const WIDTH = 560.0;

    private const STREAM = 120.0;

    /** Between the ends of two bands, for their words. */
    private const GAP = 16.0;

    private const IN_X = 96.0;

    private const OUT_X = 330.0;

    /** @param  list<array{part: string, path: string, y: float, wide: float}>  $bands */
    private function __construct(public float $height, public float $top, public float $stream, public array $bands)
    {
    }

    /**
     * @param  list<array{part: string, share: float}>  $parts  share of what went in, 0 to 1; what is less than nothing
     *   has no band
     */
    public static function of(array $parts): self
    {
        $parts = array_values(array_filter($parts, static fn (array $part): bool => $part['share'] > 0));
        $height = self::STREAM + self::GAP * (count($parts) + 1);
        $top = ($height - self::STREAM) / 2;
        $from = $top;
        $to = self::GAP;
        $bands = [];
        foreach ($parts as $part) {
            $wide = self::STREAM * min(1.0, $part['share']);
            $middle = (self::IN_X + self::OUT_X) / 2;
            $bands[] = [
                'part' => $part['part'], 'y' => round($to + $wide / 2, 1), 'wide' => round($wide, 1),
                'path' => sprintf(
                    'M%.1f %.1fC%.1f %.1f %.1f %.1f %.1f %.1fV%.1fC%.1f %.1f %.1f %.1f %.1f %.1fZ',
                    self::IN_X,
                    $from,
                    $middle,
                    $from,
                    $middle,
                    $to,
                    self::OUT_X,
                    $to,
                    $to + $wide,
                    $middle,
                    $to + $wide,
                    $middle,
                    $from + $wide,
                    self::IN_X,
                    $from + $wide,
                ),
            ];
            $from += $wide;
            $to += $wide + self::GAP;
        }

        return new self(round($height, 1), $top, self::STREAM, $bands);
    }
}
