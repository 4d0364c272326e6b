<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Drawing\Plot;
use App\Ground\Wording;
use App\Models\Enums\JarEntryKind;
use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\Steeping;
use Ilvane\Core\Infusion\StrengthPoint;
use Ilvane\Core\Person\SkinLimit;

/**
 * Strength over time, drawn: the curve of all that is in the oil, and under it the curve of what heat and light have
 * left
 * of its delicate part. Plain data for the SVG partial.
 *
 * @phpstan-type Series array{key: string, label: string, line: string, lost: string, kept: string, end: array{float,
 *   float}, name: array{float, float}, ready: array{float, float}|null, chosen: bool}
 * @phpstan-type Mark array{x: float, label: string, kind: string}
 */
final readonly class StrengthChart
{
    /** Minutes the axis begins with where minutes and months share it. */
    private const FIRST_MINUTE = 8.0;

    private const CURVE_POINTS = 48;

    /** What changes the oil; what was only seen stands in the list beside it. */
    private const MOVES_OIL = ['take_out', 'top_up', 'strain'];

    /**
     * @param  list<Series>  $series
     * @param  list<array{x: float, label: string}>  $ticks
     * @param  list<array{y: float, label: string}>  $levels
     * @param  list<Mark>  $marks
     * @param  array{y: float, label: string}|null  $limit
     * @param  array{x: float, wide: float}|null  $window  of straining
     * @param  array{y: float, label: string}|null  $own  what the maker's own skin bore
     * @param  string  $band  between quick plants and slow ones
     */
    private function __construct(
        public Plot $plot,
        public array $series,
        public array $ticks,
        public array $levels,
        public array $marks,
        public ?array $limit,
        public ?float $today,
        public ?array $window,
        public string $said,
        public string $band,
        public ?array $own = null,
    ) {
    }

    /**
     * The chosen school and the others on one axis of time, from minutes to weeks.
     *
     * @param  non-empty-array<string, Infusion>  $schools  by method, the chosen one first
     */
    public static function schools(array $schools, Wording $wording): self
    {
        $chosen = $schools[array_key_first($schools)];
        $strongest = max(array_map(static fn (Infusion $school): float => $school->end->strength(), $schools));
        $limit = $chosen->limit();
        $top = Plot::roundUp($strongest * 1.12);
        $longest = max(array_map(static fn (Infusion $school): float => $school->plan->minutes(), $schools));
        $plot = new Plot(
            640,
            222,
            34,
            14,
            14,
            28,
            self::FIRST_MINUTE,
            max($longest * 1.25, 60),
            $top,
            logarithmic: true,
        );
        $series = [];
        foreach ($schools as $key => $school) {
            $series[] = self::school((string) $key, $school, $plot, $school === $chosen);
        }

        $series = self::spread($series);

        return new self(
            $plot, array_reverse($series), self::timeTicks($plot, $longest), self::levels($plot, $top, $wording), [],
            $limit !== null && $limit <= $top
                ? [
                    'y' => $plot->y($limit),
                    'label' => say('infusions.limit', ['strength' => $wording->number($limit, 1)]),
                ]
                : null, null, null,
            say(
                'infusions.chart_said',
                [
                    'method' => say('words.infusion_method.'.$chosen->plan->method->value),
                    'strength' => $wording->number($chosen->end->strength(), 1),
                    'time' => $wording->duration($chosen->plan->days),
                ],
            ),
            self::band($chosen->steeping, $plot, array_map(
                static fn (float $minute): float => $minute / 1440,
                self::minutes($chosen->plan->minutes()),
            ), 1440.0),
        );
    }

    /**
     * Names that would sit on one another go one above the other.
     *
     * @param  list<Series>  $series
     * @return list<Series>
     */
    private static function spread(array $series): array
    {
        $order = array_keys($series);
        usort($order, static fn (int $a, int $b): int => $series[$b]['name'][1] <=> $series[$a]['name'][1]);
        foreach ($order as $n => $i) {
            foreach (array_slice($order, 0, $n) as $below) {
                $isNear = abs($series[$i]['name'][0] - $series[$below]['name'][0]) < self::NAME_WIDE;
                if ($isNear && $series[$i]['name'][1] > $series[$below]['name'][1] - self::NAME_HIGH) {
                    $series[$i]['name'][1] = $series[$below]['name'][1] - self::NAME_HIGH;
                }
            }
        }

        return $series;
    }

    /** Minutes a clock's face is parted by. */
    private const MINUTE_STEPS = [1, 2, 5, 10, 15, 20, 30, 60, 120, 240];

    private const SAME_PLACE = 3.0;

    private const NAME_WIDE = 90.0;

    private const NAME_HIGH = 15.0;

    /** @return Series */
    private static function school(string $key, Infusion $school, Plot $plot, bool $isChosen): array
    {
        $minutes = $school->plan->minutes();
        $points = [];
        foreach (self::minutes($minutes) as $minute) {
            $jar = $school->steeping->at(min($minute / 1440, $school->plan->days));
            $points[] = [$minute, $jar->strength(), $jar->strength() * $jar->kept];
        }
        $ready = $school->readyDay;
        $last = $points[self::CURVE_POINTS];

        return [
            'key' => $key, 'label' => say('words.infusion_method.'.$key), 'chosen' => $isChosen,
            'line' => $plot->line(array_map(static fn (array $point): array => [$point[0], $point[1]], $points)),
            'kept' => $isChosen
                ? $plot->line(array_map(static fn (array $point): array => [$point[0], $point[2]], $points))
                : '',
            'lost' => $isChosen ? $plot->between($points) : '',
            'end' => [$plot->x($last[0]), $plot->y($last[1])],
            'name' => [$plot->x($last[0]) - 5, $plot->y($last[1]) - 8],
            'ready' => $ready === null
                ? null
                : [$plot->x($ready * 1440), $plot->y($school->steeping->at($ready)->strength())],
        ];
    }

    /** @return list<float> minutes to draw a curve at, evenly by their logarithm */
    private static function minutes(float $minutes): array
    {
        return array_map(
            static fn (int $i): float => $minutes <= self::FIRST_MINUTE
                ? $minutes
                : self::FIRST_MINUTE * ($minutes / self::FIRST_MINUTE) ** ($i / self::CURVE_POINTS),
            range(0, self::CURVE_POINTS),
        );
    }

    /**
     * Between plants that give quickly and plants that give slowly.
     *
     * @param  list<float>  $days
     * @param  float  $unit  of the axis in a day
     */
    private static function band(Steeping $steeping, Plot $plot, array $days, float $unit = 1.0): string
    {
        $quick = $steeping->hastened(Extraction::PACE_OFF);
        $slow = $steeping->hastened(1 / Extraction::PACE_OFF);
        $most = $steeping->lasts();

        return $plot->between(array_map(static fn (float $day): array => [
            $unit * $day, $quick->at(min($day, $most))->strength(), $slow->at(min($day, $most))->strength(),
        ], $days));
    }

    /** The jar's own life, day by day, with what was done to it, today, and the window to strain in. */
    public static function life(
        JarStory $story,
        ?float $limit,
        ?float $ready,
        ?float $tooStrong,
        Wording $wording,
        float $width = 760.0,
        ?SkinLimit $own = null,
    ): self {
        $steeping = $story->steeping();
        $lasts = $steeping->lasts();
        $today = min($story->life->today, $lasts);
        $points = $steeping->points(max($lasts / 120, 1e-5));
        $top = Plot::roundUp(max([
            0.0,
            ...array_map(static fn (StrengthPoint $point): float => $point->index, $points),
        ]) * 1.15);
        $plot = new Plot($width, 260, 34, 16, 22, 32, 0.0, $lasts, $top);
        $past = array_values(array_filter(
            $points,
            static fn (StrengthPoint $point): bool => $point->day <= $today + 1e-9,
        ));
        $ahead = array_values(array_filter(
            $points,
            static fn (StrengthPoint $point): bool => $point->day >= $today - $lasts / 120,
        ));
        $curve = static fn (array $points): string => $plot->line(array_values(array_map(
            static fn (StrengthPoint $point): array => [$point->day, $point->index],
            $points,
        )));
        $now = $steeping->at($today);
        $series = [
            [
                'key' => 'ahead',
                'label' => '',
                'line' => $curve($ahead),
                'lost' => '',
                'kept' => '',
                'end' => [$plot->x($lasts), $plot->y($points[count($points) - 1]->index)],
                'name' => [0.0, 0.0],
                'ready' => $ready === null ? null : [$plot->x($ready), $plot->y($steeping->at($ready)->strength())],
                'chosen' => false,
            ],
            [
                'key' => 'past',
                'label' => '',
                'line' => $curve($past),
                'lost' => $plot->between(array_map(
                    static fn (StrengthPoint $point): array => [
                        $point->day,
                        $point->index,
                        $point->index * $point->kept,
                    ],
                    $past,
                )),
                'kept' => $plot->line(array_map(
                    static fn (StrengthPoint $point): array => [$point->day, $point->index * $point->kept],
                    $past,
                )),
                'end' => [$plot->x($today), $plot->y($now->strength())],
                'name' => [0.0, 0.0],
                'ready' => null,
                'chosen' => true,
            ],
        ];
        $open = $ready === null ? null : $ready;
        $close = min(
            $tooStrong !== null && $tooStrong > ($ready ?? 0.0) ? $tooStrong : INF,
            Infusion::LONGEST_DAYS,
            $lasts,
        );

        return new self(
            $plot,
            $series,
            self::dayTicks($plot, $story, $lasts, $wording),
            self::levels($plot, $top, $wording),
            self::marks($story, $plot),
            $limit !== null && $limit <= $top
                ? [
                    'y' => $plot->y($limit),
                    'label' => say('infusions.limit', ['strength' => $wording->number($limit, 1)]),
                ]
                : null,
            $story->jar->isStanding() ? $plot->x($today) : null,
            $open === null || $open >= $close
                ? null
                : ['x' => $plot->x($open), 'wide' => round($plot->x($close) - $plot->x($open), 1)],
            say(
                'infusions.life_said',
                [
                    'strength' => $wording->number($now->strength(), 1),
                    'time' => $wording->duration(max($story->life->today, 1 / 1440)),
                ],
            ),
            self::band($steeping, $plot, array_column($points, 'day')),
            self::own($own, $plot, $top, $wording),
        );
    }

    /** @return array{y: float, label: string}|null what the maker's own skin bore, where it is on the drawing */
    private static function own(?SkinLimit $own, Plot $plot, float $top, Wording $wording): ?array
    {
        $at = $own->fine ?? $own?->tooMuch;

        return $own === null || $at === null || $at > $top ? null : [
            'y' => $plot->y($at),
            'label' => say($own->fine !== null ? 'pantry.skin.line_fine' : 'pantry.skin.line_much', [
                'strength' => $wording->number($at, 1),
            ]),
        ];
    }

    /** @return list<Mark> */
    private static function marks(JarStory $story, Plot $plot): array
    {
        $marks = $events = [];
        foreach ($story->entries as $entry) {
            $x = $plot->x(JarStory::daysBetween($story->start(), $entry->happened_at));
            if ($entry->kind === JarEntryKind::Shake) {
                $marks[] = ['x' => $x, 'label' => '', 'kind' => 'shake'];
            } elseif (in_array($entry->kind->value, self::MOVES_OIL, true)) {
                // what was done at one go stands under one name
                $events[(int) round($x / self::SAME_PLACE)][] = [
                    'x' => $x,
                    'label' => say("infusions.log.{$entry->kind->value}"),
                ];
            }
        }
        foreach ($events as $at) {
            $marks[] = [
                'x' => $at[0]['x'],
                'label' => ucfirst(mb_strtolower(implode(', ', array_column($at, 'label')))),
                'kind' => 'oil',
            ];
        }

        return $marks;
    }

    /** @return list<array{x: float, label: string}> */
    private static function timeTicks(Plot $plot, float $longest): array
    {
        $ticks = [];
        foreach ([
            10 => '10 min',
            60 => '1 h',
            480 => '8 h',
            1440 => 'day_1',
            4320 => 'day_3',
            10080 => 'week_1',
            30240 => 'week_3',
            129600 => 'month_3',
        ] as $minutes => $label) {
            if ($minutes <= $longest * 1.25) {
                $ticks[] = [
                    'x' => $plot->x($minutes),
                    'label' => str_contains($label, '_') ? say("infusions.ticks.$label") : $label,
                ];
            }
        }

        return $ticks;
    }

    /** @return list<array{x: float, label: string}> */
    private static function dayTicks(Plot $plot, JarStory $story, float $lasts, Wording $wording): array
    {
        $ticks = [];
        if ($lasts < 2) {
            $wanted = $lasts * 1440 / 8;
            $step = (float) (current(array_filter(
                self::MINUTE_STEPS,
                static fn (int $minutes): bool => $minutes >= $wanted,
            )) ?: 240);
            for ($minute = 0.0; $minute <= $lasts * 1440 - $step / 2; $minute += $step) {
                $ticks[] = ['x' => $plot->x($minute / 1440), 'label' => $story->at($minute / 1440)->format('H:i')];
            }

            return $ticks;
        }
        $step = max(1, (int) (ceil($lasts / 8 / 7) * 7));
        if ($lasts <= 32) {
            $step = $lasts <= 16 ? 2 : 4;
        }
        for ($day = 0; $day <= $lasts - $step / 3; $day += $step) {
            $ticks[] = ['x' => $plot->x($day), 'label' => $wording->dayOfMonth($story->at($day))];
        }

        return $ticks;
    }

    /** @return list<array{y: float, label: string}> */
    private static function levels(Plot $plot, float $top, Wording $wording): array
    {
        $levels = [];
        for ($i = 1; $i <= 2; $i++) {
            $levels[] = ['y' => $plot->y($top * $i / 2), 'label' => $wording->number($top * $i / 2, 2)];
        }

        return $levels;
    }
}
