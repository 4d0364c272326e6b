<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Curves;
use App\Ground\Wording;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Process\Conditions;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\ShelfLife\Longer;
use Ilvane\Core\ShelfLife\ShelfLife;
use Ilvane\Core\ShelfLife\ShelfLifeStep;

/**
 * What stands behind the judgement: how the date came about and what would move it, and the curve that matters most.
 */
final readonly class Workings
{
    /** What a butter is told in where no container is chosen. */
    private const USUAL_TUB = 'pp-jar-100';

    /** The drawing is as wide as the vessel above it. */
    private const WIDTH = 328;

    /**
     * @param  string  $keeps  empty where nothing is dated
     * @param  list<array{what: string, days: string, part: float}>  $steps  part: of the longest bar, 0 to 100
     * @param  list<array{what: string, days: string, part: float, now: float}>  $ways
     * @param  string  $said  the curve in words
     * @param  list<array{season: string, feel: string}>  $seasons
     * @param  string  $whipped  what it comes to once air is in it
     */
    private function __construct(
        public string $keeps,
        public array $steps,
        public array $ways,
        public bool $isWatery,
        public ?Curves $curves = null,
        public string $title = '',
        public string $said = '',
        public string $window = '',
        public string $basis = '',
        public array $seasons = [],
        public string $whipped = '',
        public ?DoseAtWork $dose = null,
    ) {
    }

    public static function of(Evaluation $evaluation, Wording $wording): self
    {
        $it = $evaluation->assessment;
        $days = $it->keeping->days;
        if ($days === null || $evaluation->unknowns() !== [] || ! $evaluation->isDated()) {
            return new self('', [], [], $it->preservation->isWatery, ...self::curve($it, $wording));
        }
        $ways = Longer::of(
            $it->keeping,
            $it->formula,
            $it->composition,
            $it->preservation,
            $it->madeOn,
            $it->container,
        );
        $most = max(
            1.0,
            $ways[0]->days ?? 0.0,
            ...array_map(static fn (ShelfLifeStep $step): float => $step->days, $it->keeping->steps),
        );
        $part = static fn (float $days): float => round(100 * $days / $most, 1);

        return new self(
            $wording->days($days),
            array_map(
                static fn (ShelfLifeStep $step): array => [
                    'what' => $wording->keepingStep($step),
                    'days' => $wording->days($step->days),
                    'part' => $part($step->days),
                ],
                $it->keeping->steps,
            ),
            array_map(static fn (Longer $way): array => [
                'what' => say(
                    "ui.bench.longer_ways.$way->how",
                    [
                        'ingredient' => $way->ingredient === null ? '' : $wording->ingredient($way->ingredient),
                        'days' => $wording->days($days),
                    ],
                ),
                'days' => $wording->days($way->days), 'part' => $part($way->days), 'now' => $part($days),
            ], $ways),
            $it->preservation->isWatery,
            ...self::curve($it, $wording),
        );
    }

    /**
     * @return array{curves?: Curves, title?: string, said?: string, window?: string, basis?: string,
     *   seasons?: list<array{season: string, feel: string}>, whipped?: string, dose?: DoseAtWork|null}
     */
    private static function curve(Assessment $it, Wording $wording): array
    {
        $acids = $it->preservation->acids();
        if ($acids !== [] && $it->preservation->isWatery) {
            $ph = $it->formula->ph;

            return [
                'curves' => Curves::acids($acids, $ph, self::WIDTH),
                'title' => say('ui.bench.acids_title'),
                'said' => $ph === null ? say('ui.bench.acids_none') : '',
                'basis' => say('ui.bench.acids_basis'),
                'dose' => DoseAtWork::of($it, $wording),
            ];
        }
        $growth = self::growth($it, $wording);
        $dose = DoseAtWork::of($it, $wording);
        if ($dose !== null || $growth !== []) {
            return [...$growth, 'dose' => $dose];
        }
        $feel = $it->texture->feel(Conditions::ROOM_C);
        if (
            $it->texture->curve === null
            || $it->texture->curve === []
            || $feel === null
            || ! $it->formula->family->isSolid()
        ) {
            return self::oxidation($it, $wording);
        }
        $slump = $it->texture->slump();

        return [
            'curves' => Curves::solid(
                $it->texture->curve,
                $slump,
                Conditions::ROOM_C,
                self::WIDTH,
                $it->texture->solid[(int) Conditions::ROOM_C] ?? null,
            ),
            'title' => say('ui.bench.firm_title'),
            'said' => say(
                'ui.bench.firm_at',
                ['feel' => say("ui.bench.firm_feel.$feel"), 'celsius' => $wording->celsius(Conditions::ROOM_C)],
            ),
            'window' => $slump === null
                ? ''
                : say('ui.bench.firm_slump', ['celsius' => $wording->celsius(round($slump))]),
            'basis' => say('ui.bench.firm_basis'),
            'seasons' => array_map(static fn (string $season, float $celsius): array => [
                'season' => say(
                    'suggestions.figures.feel',
                    ['season' => say("suggestions.seasons.$season"), 'celsius' => $wording->celsius($celsius)],
                ),
                'feel' => say('ui.bench.firm_feel.'.$it->texture->feel($celsius)),
            ], array_keys(SolidFat::ROOMS), SolidFat::ROOMS),
            'whipped' => self::whipped($it, $wording),
        ];
    }

    /**
     * How microbes grow in what nothing preserves, in the fridge it stands in.
     *
     * @return array{curves?: Curves, title?: string, said?: string, window?: string, basis?: string}
     */
    private static function growth(Assessment $it, Wording $wording): array
    {
        $spoilage = $it->preservation->spoilage;
        $isChilled = ShelfLife::storage($it->formula, Regime::Fresh) === Storage::Fridge;
        if ($spoilage === null || $it->preservation->regime !== Regime::Fresh || ! $isChilled) {
            return [];
        }
        $celsius = $it->formula->process->conditions->fridge ?? Growth::FRIDGE_C;
        $growth = $spoilage->at($celsius, $it->preservation->effect->free->reach ?? []);
        $hours = $growth->hoursTo($growth->limit($it->formula->audience->isUnder3()));
        $points = array_map(
            static fn (int $quarter): array => [$quarter / 4, log10($growth->after($quarter * self::QUARTER))],
            range(0, 4 * self::DAYS_SHOWN),
        );

        return [
            'curves' => Curves::model(
                ['' => $points],
                range(0, self::DAYS_SHOWN),
                say('handbook.models.days'),
                [0, 2, 4, 6, 8],
                say('handbook.models.zeros'),
                $hours === null ? null : $hours / 24,
                self::WIDTH,
                spread: array_map(
                    static fn (int $quarter): array => [
                        $quarter / 4,
                        log10($growth->after($quarter * self::QUARTER * Growth::OFF)),
                        log10($growth->after($quarter * self::QUARTER / Growth::OFF)),
                    ],
                    range(0, 4 * self::DAYS_SHOWN),
                ),
            ),
            'title' => say('ui.bench.growth_title', ['celsius' => $wording->celsius($celsius)]),
            'said' => say('ui.bench.growth_said', [
                'start' => $wording->number(self::roughly($growth->after(0.0)), 0),
                'limit' => $wording->number(self::roughly($growth->limit($it->formula->audience->isUnder3())), 0),
            ]),
            'window' => $hours === null ? '' : say('ui.bench.growth_window'),
            'basis' => say('ui.bench.growth_basis'),
        ];
    }

    /**
     * How a blend of oils turns over the months, kept as it is and otherwise.
     *
     * @return array{curves?: Curves, title?: string, said?: string, window?: string, basis?: string}
     */
    private static function oxidation(Assessment $it, Wording $wording): array
    {
        $days = $it->keeping->days;
        $kept = $it->preservation->regime !== Regime::Dry || $days === null ? null : Oxidation::of(
            $it->formula,
            $it->composition,
            ShelfLife::storage($it->formula, Regime::Dry),
            $it->container,
        );
        if ($kept === null || $days === null) {
            return [];
        }
        $ways = ['' => $kept] + array_filter([
            say('ui.bench.oxidation_fridge') => $kept->isInTheFridge() ? null : $kept->inTheFridge(),
            say('ui.bench.oxidation_clear') => $kept->isClear ? null : $kept->inClearGlass(),
        ]);
        $months = (int) min(self::MOST_MONTHS, max(4, 2 * ceil(0.8 * $kept->days() / Oxidation::DAYS_PER_MONTH)));
        $month = Oxidation::DAYS_PER_MONTH;
        $points = static function (Oxidation $way) use ($months): array {
            $points = [[0.0, $way->peroxides(0.0)]];
            for ($at = 0.25; $at <= $months && $points[count($points) - 1][1] < self::MOST_PEROXIDES; $at += 0.25) {
                $points[] = [$at, min(self::MOST_PEROXIDES, $way->peroxides($at * Oxidation::DAYS_PER_MONTH))];
            }

            return $points;
        };

        return [
            'curves' => Curves::model(
                array_map($points, $ways),
                range(0, $months, $months > 12 ? 4 : 2),
                say('ui.bench.oxidation_months'),
                [0, 5, 10, 15],
                '',
                $days / Oxidation::DAYS_PER_MONTH < $months ? $days / Oxidation::DAYS_PER_MONTH : null,
                self::WIDTH,
                [say('ui.bench.oxidation_clear') => 0.95], // where the curves are wide apart
                array_map(static fn (int $quarter): array => [
                    $quarter / 4,
                    min(self::MOST_PEROXIDES, $kept->peroxides($quarter / 4 * $month * Oxidation::OFF)),
                    min(self::MOST_PEROXIDES, $kept->peroxides($quarter / 4 * $month / Oxidation::OFF)),
                ], range(0, 4 * $months)),
            ),
            'title' => say('ui.bench.oxidation_title'),
            'said' => say('ui.bench.oxidation_said', ['days' => $wording->days(floor($kept->days()))]),
            'window' => say('ui.bench.oxidation_window'),
            'basis' => say('ui.bench.oxidation_basis', [
                'fresh' => $wording->number(Oxidation::FRESH, 0), 'turned' => $wording->number(Oxidation::TURNED, 0),
            ]),
        ];
    }

    private const MOST_MONTHS = 24;

    private const MOST_PEROXIDES = 15.0;

    /** To two figures: no more is known of it. */
    private static function roughly(float $number): float
    {
        return round($number, 1 - (int) floor(log10(max(1.0, $number))));
    }

    /** Hours. */
    private const QUARTER = 6.0;

    private const DAYS_SHOWN = 7;

    /** Volume and jars by what mixers usually give. */
    private static function whipped(Assessment $it, Wording $wording): string
    {
        $total = $it->composition->total?->likely;
        $density = $it->composition->density();
        if ($it->formula->family !== Family::WhippedButter || $total === null || $density === null) {
            return '';
        }
        $ml = Whip::volume($total, $density, Whip::usualOverrun());
        $container = $it->container ?? $it->catalogue->containers()[self::USUAL_TUB] ?? null;

        return say('ui.bench.whipped', [
            'low' => $wording->number($ml->low, 0), 'high' => $wording->number($ml->high, 0),
            'jars' => $container === null
                ? ''
                : say(
                    'ui.bench.whipped_jars',
                    [
                        'count' => (string) Whip::containers($ml, $container, Scaling::USUAL_LOSS),
                        'container' => $wording->container($container->key),
                    ],
                ),
        ]);
    }
}
