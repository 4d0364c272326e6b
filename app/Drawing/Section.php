<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * A vessel cut open: outline, strata to scale with their hatching, and leader lines to their names. Plain data for the
 * SVG partial; y grows downwards. Every stroke comes from the profile and the volumes.
 *
 * @phpstan-type Band array{key: string, label: string, figure: string, material: string, shape: string, hatch: string,
 *   depth: float, top: float, bottom: float}
 * @phpstan-type Leader array{key: string, label: string, figure: string, path: string, x: float, y: float}
 */
final readonly class Section
{
    /** Drawing units a full vessel stands high. */
    private const STANDS = 300.0;

    private const MARGIN = 8.0;

    /**
     * Half the width a vessel with names beside it may take; a wider one stands lower, so the names keep their size.
     */
    private const WIDEST_LABELLED = 96.0;

    /** Part of the drawing's height a lid takes. */
    private const LID = 0.1;

    /** Where the paper label sits, as parts of the inside height. */
    private const PAPER = [0.2, 0.58];

    private const LABEL_GAP = 15.5;

    /**
     * Part of the full height below which a vessel would no longer be made out; smaller ones are drawn as high as this.
     */
    private const STILL_SEEN = 0.42;

    /** A surface that moved less than this has not moved to the eye. */
    private const MOVED = 1.5;

    /** A stratum thinner than this still gets a hairline of its own. */
    private const THINNEST = 1.2;

    /**
     * @param  list<Band>  $bands
     * @param  list<Leader>  $leaders
     */
    private function __construct(
        public string $shape,
        public float $width,
        public float $height,
        public string $outline,
        public string $wall,
        public array $bands,
        public array $leaders,
        public float $level,
        public float $labelX,
        public string $lid,
        public string $paper,
        public string $ghost,
    ) {
    }

    /**
     * @param  list<Stratum>  $strata  bottom first
     * @param  float  $labels  room to the right for names, drawing units; 0 for none
     * @param  bool  $closed  with its lid on
     * @param  bool  $labelled  and a paper label, if closed
     * @param  list<Stratum>  $ghost  as they stood before, bottom first: their surfaces are drawn where they have moved
     * @param  float  $tallest  height of a vessel, mm, that stands as high as said; lower ones stand lower, to one
     *   scale. 0: each as high as said
     */
    public static function draw(
        Profile $profile,
        array $strata,
        float $labels = 0.0,
        float $stands = self::STANDS,
        bool $closed = false,
        bool $labelled = true,
        array $ghost = [],
        float $tallest = 0.0,
    ): self {
        $stands *= $tallest > 0 ? max(self::STILL_SEEN, min(1.0, $profile->height() / $tallest)) : 1.0;
        $lid = $closed ? self::LID * $stands : 0.0;
        $unit = ($stands - 2 * self::MARGIN - $lid) / $profile->height();
        if ($labels > 0 && $profile->widest() * $unit > self::WIDEST_LABELLED) {
            $unit = self::WIDEST_LABELLED / $profile->widest();
            $stands = max($profile->height() * $unit, count($strata) * self::LABEL_GAP) + 2 * self::MARGIN + $lid;
        }
        $centre = self::MARGIN + $profile->widest() * $unit + 4;
        $floor = $stands - self::MARGIN;
        $y = static fn (float $mm): float => $floor - $mm * $unit;
        $halfWidth = static fn (float $at): float => $profile->halfWidthAt(max(
            0.0,
            min($profile->height(), ($floor - $at) / $unit),
        )) * $unit;

        $bands = [];
        $sum = $level = 0.0;
        foreach ($strata as $stratum) {
            $from = $level;
            $sum += $stratum->ml;
            $level = $profile->levelOf($sum);
            [$top, $bottom] = [$y($level), $y($from)];
            $bands[] = [
                'key' => $stratum->key,
                'label' => $stratum->label,
                'figure' => $stratum->figure,
                'material' => $stratum->material,
                'shape' => self::region(
                    $profile->between($from, max($level, $from + self::THINNEST / $unit)),
                    $centre,
                    $unit,
                    $y,
                ),
                'hatch' => Hatch::path($stratum->material, $halfWidth, $centre, $top, $bottom),
                'depth' => $stratum->depth, 'top' => $top, 'bottom' => $bottom,
            ];
        }

        $labelX = $centre + $profile->widest() * $unit + 26;

        return new self(
            $profile->shape,
            $labels > 0 ? $labelX + $labels : 2 * $centre,
            $stands,
            self::line($profile->points, $centre, $unit, $y),
            self::line(self::outside($profile, 3.2 / $unit), $centre, $unit, $y),
            $bands,
            $labels > 0 ? self::leaders($bands, $halfWidth, $centre, $labelX, $stands) : [],
            $y($level),
            $labelX,
            $closed ? self::lid($profile, $centre, $unit, $y, $lid) : '',
            $closed && $labelled ? self::paper($profile, $centre, $unit, $y) : '',
            $ghost === [] ? '' : self::ghost($ghost, array_column($bands, 'top'), $profile, $halfWidth, $centre, $y),
        );
    }

    /**
     * @param  non-empty-list<Stratum>  $before
     * @param  list<float>  $tops  surfaces as they stand now
     * @param  callable(float): float  $halfWidth
     * @param  callable(float): float  $y
     */
    private static function ghost(
        array $before,
        array $tops,
        Profile $profile,
        callable $halfWidth,
        float $centre,
        callable $y,
    ): string {
        $path = '';
        $sum = 0.0;
        foreach ($before as $stratum) {
            $sum += $stratum->ml;
            $at = $y($profile->levelOf($sum));
            if (array_filter($tops, static fn (float $top): bool => abs($top - $at) < self::MOVED) === []) {
                $half = $halfWidth($at);
                $path .= 'M'
                    .Hatch::short($centre - $half - 7)
                    .' '
                    .Hatch::short($at)
                    .'H'
                    .Hatch::short($centre + $half + 7);
            }
        }

        return $path;
    }

    /**
     * Names to the right, spread so that none sits on another, each tied to the middle of its stratum.
     *
     * @param  list<Band>  $bands
     * @param  callable(float): float  $halfWidth
     * @return list<Leader>
     */
    private static function leaders(
        array $bands,
        callable $halfWidth,
        float $centre,
        float $labelX,
        float $stands,
    ): array {
        $places = [];
        $lowest = $stands - 6;
        foreach ($bands as $band) {
            $wanted = ($band['top'] + $band['bottom']) / 2;
            $places[] = $lowest = min($wanted, $lowest);
            $lowest -= self::LABEL_GAP;
        }
        // a crowd pushed past the top slides back down
        $top = 10.0;
        for ($i = count($places) - 1; $i >= 0; $i--) {
            $places[$i] = max($places[$i], $top);
            $top = $places[$i] + self::LABEL_GAP;
        }
        $leaders = [];
        foreach ($bands as $i => $band) {
            $middle = ($band['top'] + $band['bottom']) / 2;
            $edge = $centre + $halfWidth($middle) - 5;
            $leaders[] = [
                'key' => $band['key'], 'label' => $band['label'], 'figure' => $band['figure'],
                'path' => sprintf(
                    'M%s %sH%sL%s %s',
                    Hatch::short($edge),
                    Hatch::short($middle),
                    Hatch::short($labelX - 16),
                    Hatch::short($labelX - 4),
                    Hatch::short($places[$i]),
                ),
                'x' => $labelX, 'y' => $places[$i],
            ];
        }

        return $leaders;
    }

    /**
     * @param  list<array{float, float}>  $side
     * @param  callable(float): float  $y
     */
    private static function region(array $side, float $centre, float $unit, callable $y): string
    {
        $right = array_map(
            static fn (array $point): string => Hatch::short($centre + $point[1] * $unit)
                .' '
                .Hatch::short($y($point[0])),
            $side,
        );
        $left = array_map(
            static fn (array $point): string => Hatch::short($centre - $point[1] * $unit)
                .' '
                .Hatch::short($y($point[0])),
            array_reverse($side),
        );

        return 'M'.implode('L', [...$right, ...$left]).'Z';
    }

    /**
     * @param  list<array{float, float}>  $points
     * @param  callable(float): float  $y
     */
    private static function line(array $points, float $centre, float $unit, callable $y): string
    {
        $left = array_map(
            static fn (array $point): string => Hatch::short($centre - $point[1] * $unit)
                .' '
                .Hatch::short($y($point[0])),
            array_reverse($points),
        );
        $right = array_map(
            static fn (array $point): string => Hatch::short($centre + $point[1] * $unit)
                .' '
                .Hatch::short($y($point[0])),
            $points,
        );

        return 'M'.implode('L', [...$left, ...$right]);
    }

    /** @param  callable(float): float  $y */
    private static function lid(Profile $profile, float $centre, float $unit, callable $y, float $high): string
    {
        $half = $profile->halfWidthAt($profile->height()) * $unit + 5;
        $foot = $y($profile->height()) + $high * 0.35;

        return sprintf(
            'M%1$s %2$sV%3$sH%4$sV%2$sZ',
            Hatch::short($centre - $half),
            Hatch::short($foot),
            Hatch::short($foot - $high),
            Hatch::short($centre + $half),
        );
    }

    /** @param  callable(float): float  $y */
    private static function paper(Profile $profile, float $centre, float $unit, callable $y): string
    {
        [$foot, $head] = self::PAPER;
        $half = $profile->halfWidthAt($profile->height() * ($foot + $head) / 2) * $unit * 0.78;

        return sprintf(
            'M%1$s %2$sV%3$sH%4$sV%2$sZ',
            Hatch::short($centre - $half),
            Hatch::short($y($profile->height() * $foot)),
            Hatch::short($y($profile->height() * $head)),
            Hatch::short($centre + $half),
        );
    }

    /** @return list<array{float, float}> */
    private static function outside(Profile $profile, float $wall): array
    {
        $points = array_map(
            static fn (array $point): array => [$point[0] - ($point[0] <= 0.0 ? $wall : 0.0), $point[1] + $wall],
            $profile->points,
        );

        return array_values($points);
    }
}
