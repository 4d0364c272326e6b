<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Evaluation\ClaimCheck;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Microbiology\ComponentDose;
use Ilvane\Core\Microbiology\FreePreservative;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Organism;
use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Microbiology\PreservativeEffect;
use Ilvane\Core\Physics\Acidity\Adjustment;
use Ilvane\Core\Physics\Dissolved;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Need;
use Ilvane\Core\ShelfLife\ShelfLife;
use Ilvane\Core\ShelfLife\ShelfLifeStep;

/** Writes the open form ilvane.evaluation/1. What can't be computed is null. */
final readonly class EvaluationDocument
{
    public const FORMAT = 'ilvane.evaluation/1';

    /** Digits kept: beyond them is floating-point noise. */
    private const DIGITS = 6;

    public function __construct(private Wording $wording, private Verdict $verdict, private FindingDocument $findings)
    {
    }

    /** @return array<string, mixed> */
    public function of(Evaluation $evaluation): array
    {
        $assessment = $evaluation->assessment;
        $composition = $assessment->composition;
        $emulsion = $assessment->emulsion;

        return [
            'format' => self::FORMAT,
            'family' => $assessment->formula->family->value,
            'regime' => $assessment->preservation->regime->value,
            'verdict' => $this->verdict->of($evaluation),
            'verdict_kind' => $evaluation->verdict()->value,
            'tense' => 'plan',
            'verdict_needs' => array_map(
                static fn (Need $need): array => ['line_key' => $need->lineKey, 'what' => $need->what],
                $evaluation->needs(),
            ),
            'total_g' => self::band($composition->total),
            'lines' => array_map(self::line(...), $composition->lines),
            'phases' => array_combine(
                array_column(Phase::cases(), 'value'),
                array_map(static fn (Phase $phase): ?array => self::phase($phase, $composition), Phase::cases()),
            ),
            'water_percent' => self::round(100 * $composition->waterShare()),
            'fat_percent' => self::round(100 * $composition->fatShare()),
            'emulsifier' => $emulsion->emulsifiers === [] ? null : [
                'percent_of_batch' => self::round(100 * $emulsion->emulsifierShare->likely),
                'percent_of_oil_phase' => $emulsion->percentOfOilPhase === null
                    ? null
                    : self::round($emulsion->percentOfOilPhase),
                'required_hlb' => self::roundOrNull($assessment->hlb->required),
                'blend_hlb' => self::roundOrNull($assessment->hlb->blend),
            ],
            'ph' => self::ph($assessment),
            'microbes' => self::microbes($assessment),
            'dissolves' => array_map(self::dissolved(...), $assessment->dissolution->lines),
            'preservation' => array_map(self::dose(...), $assessment->preservation->doses),
            'scent_percent' => self::band($assessment->scent->percent),
            'texture' => $assessment->texture->solid === null || ! $assessment->formula->family->isFatOnly() ? null : [
                'sfc' => array_map(
                    self::round(...),
                    array_combine(
                        array_map(strval(...), array_keys($assessment->texture->solid)),
                        $assessment->texture->solid,
                    ),
                ),
                'feel_20' => $assessment->texture->feel(20.0),
                'slump_c' => self::roundOrNull($assessment->texture->slump()),
            ],
            'keeping' => $assessment->keeping->days === null || ! $evaluation->isDated() ? null : [
                'days' => $assessment->keeping->days,
                'decided_by' => $this->wording->keepingStep($assessment->keeping->steps[0]),
                'steps' => array_map(
                    fn (ShelfLifeStep $step): array => [
                        'what' => $this->wording->keepingStep($step),
                        'days' => $step->days,
                    ],
                    $assessment->keeping->steps,
                ),
            ],
            'findings' => $this->findings->all($evaluation, $evaluation->findings),
            'parts' => array_map(
                fn (WeighedPart $part): array => $this->part($part, $evaluation),
                $composition->parts,
            ),
            'claims' => array_map(self::claim(...), ClaimCheck::all($evaluation)),
            'unread' => self::unread($composition->lines),
        ];
    }

    /** @return array<string, mixed> */
    private static function claim(ClaimCheck $check): array
    {
        $said = $check->claim->value;

        return array_filter([
            'what' => $check->claim->what->value,
            'of' => $check->claim->of === '' ? null : $check->claim->of,
            'text' => $check->claim->text === '' ? null : $check->claim->text,
        ], is_string(...)) + [
            'said' => $said->width() > 0 ? [$said->low, $said->high] : $said->likely,
            'computed' => self::band($check->computed),
            'agrees' => $check->agrees,
        ];
    }

    /** @return array<string, mixed>|null null where there is no water to have one */
    private static function ph(Assessment $assessment): ?array
    {
        $said = $assessment->formula->ph;
        $ph = $said === null ? $assessment->preservation->acidity : Band::exact($said);

        return $ph === null || ! $assessment->preservation->isWatery ? null : [
            ...self::band($ph) ?? [],
            'basis' => match (true) {
                $said === null => 'estimated',
                $assessment->isOnBatch => 'measured',
                default => 'target',
            },
            'acid_needed' => $said === null || $assessment->isOnBatch ? null : self::acidNeeded($assessment, $said),
        ];
    }

    /** @return array<string, mixed>|null null where the estimate holds the pH, or only an alkali would get there */
    private static function acidNeeded(Assessment $assessment, float $ph): ?array
    {
        $adjustment = Adjustment::to($ph, $assessment->preservation->dissolved);

        return $adjustment === null || ! $adjustment->isAcid ? null : [
            'ingredient' => $assessment->catalogue->choice(ChoiceRole::Acid)->key,
            'grams' => self::band(
                $adjustment->percent->times(($assessment->composition->total->likely ?? 100.0) / 100),
            ),
        ];
    }

    /** @return array<string, mixed>|null null where there is no water for them */
    private static function microbes(Assessment $assessment): ?array
    {
        $preservation = $assessment->preservation;
        $spoilage = $preservation->spoilage;
        if ($spoilage === null) {
            return null;
        }
        $isUnder3 = $assessment->formula->audience->isUnder3();
        $effect = $preservation->effect;
        $fridge = $assessment->formula->process->conditions->fridge ?? Growth::FRIDGE_C;
        $isFresh = $preservation->regime === Regime::Fresh;

        return [
            'start_cfu_g' => self::band($spoilage->start),
            'limit_cfu_g' => $isUnder3 ? Growth::LIMIT_UNDER_3 : Growth::LIMIT,
            'days_to_limit' => [
                'room' => $isFresh ? ShelfLife::ROOM_FRESH_DAYS : null,
                'fridge' => $isFresh
                    ? self::roundOrNull($spoilage->days($fridge, $isUnder3, $effect->free->reach ?? []))
                    : null,
                'freezer' => null,
            ],
            'decided_by' => $spoilage->worst?->key(),
            'preservative' => $effect === null ? [] : array_map(
                static fn (Organism $group): array => [
                    'group' => $group->value,
                    'effective' => self::band(Band::around($effect->free->reach[$group->value], self::REACH_OFF)),
                    'covered' => FreePreservative::word($effect->free->reach[$group->value]),
                ],
                Organism::cases(),
            ),
            'dose' => $effect === null ? null : self::whereItWent($effect),
        ];
    }

    /** The figures behind how far a preservative reaches are off by a factor of about one and a half. A guess. */
    private const REACH_OFF = 0.4;

    /** @return array<string, float|null> percent of the batch */
    private static function whereItWent(PreservativeEffect $effect): array
    {
        $went = $effect->whereItWent();

        return [
            'total_percent' => self::round($went->total),
            'at_work' => self::round($went->free),
            'in_oil' => self::round($went->inOil),
            'bound' => self::round($went->bound),
            'undissociated_share' => self::roundOrNull($went->undissociated),
        ];
    }

    /** @return array{line_key: string, in: ?string, state: string} */
    private static function dissolved(Dissolved $one): array
    {
        return ['line_key' => $one->line->key(), 'in' => $one->in, 'state' => $one->state];
    }

    /** @return array{grams: float, percent: float}|null null for what is strained out: it is a part */
    private static function phase(Phase $phase, Composition $composition): ?array
    {
        return $phase === Phase::Infusion ? null : [
            'grams' => self::round($composition->gramsOf($phase)->likely),
            'percent' => self::round(100 * $composition->shareOf($phase)->likely),
        ];
    }

    /** @return array<string, mixed> */
    private function part(WeighedPart $part, Evaluation $evaluation): array
    {
        $usual = $evaluation->assessment->catalogue->partDefaults($part->part->makes->value);
        $own = $part->part->goodForHours;

        return [
            'key' => $part->part->key,
            'makes' => $part->part->makes->value,
            'strained' => $part->isStrained,
            'total_g' => self::band($part->put->total),
            'yield_g' => self::band($part->gives),
            'days' => [
                'room' => self::roundOrNull($own ?? $usual->counterHours, 24),
                'fridge' => $own === null ? $usual->fridgeDays : self::round($own / 24),
                'freezer' => $usual->freezerDays,
            ],
            'lines' => array_map(static fn (WeighedLine $line): array => [
                'key' => $line->key(),
                'ingredient' => $line->ingredient?->key,
                'entered' => $line->amount->entered ?? $line->line->amount,
                'grams' => self::band($line->grams),
            ], $part->lines),
            'findings' => $this->findings->all($evaluation, $evaluation->findingsOf($part->part->key)),
            'material' => self::material($part),
        ];
    }

    /** @return array<string, mixed> what comes out, by what is in it */
    private static function material(WeighedPart $part): array
    {
        $of = ContentsList::ofParts($part->holds, $part->extracts);

        return [
            'inci' => array_map(
                static fn (string $name, float $share): array => [
                    'name' => $name,
                    'percent' => $share > 0 ? self::round(100 * $share) : null,
                ],
                array_keys($of->shares),
                array_values($of->shares),
            ),
            'strength_g_per_100g' => self::band(
                $part->extracts === [] ? null : Band::sum(array_map(
                    static fn (Extract $extract): Band => ($extract->perGram ?? Band::zero())->times(100.0),
                    $part->extracts,
                )),
            ),
            'density' => self::roundOrNull($part->density()),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(WeighedLine $line): array
    {
        return [
            'line' => $line->position,
            'key' => $line->key(),
            'part' => $line->line->part,
            'ingredient' => $line->ingredient?->key,
            'phase' => $line->phase->value,
            'entered' => $line->amount->entered ?? ($line->line->text ?? $line->line->amount),
            'grams' => self::band($line->grams),
            'percent' => self::band($line->percent()),
        ];
    }

    /** @return array<string, mixed> */
    private static function dose(PreservativeDose $dose): array
    {
        return [
            'ingredient' => $dose->ingredient->key,
            'percent' => self::band($dose->percent),
            'range' => $dose->range() === null ? null : ['min' => $dose->range()->min, 'max' => $dose->range()->max],
            'components' => array_map(static fn (ComponentDose $component): array => [
                'inci' => $component->component->inci,
                'percent' => self::round($component->percent->likely),
                'limit' => $component->limit,
            ], $dose->components),
        ];
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<array{line: int, text: string, why: string}>
     */
    private static function unread(array $lines): array
    {
        $unread = [];
        foreach ($lines as $line) {
            if ($line->unread !== null) {
                $unread[] = [
                    'line' => $line->position,
                    'text' => trim($line->line->amount.' '.$line->line->spokenOf()),
                    'why' => say('findings.unread.'.$line->unread),
                ];
            }
        }

        return $unread;
    }

    /** @return array{low: float, likely: float, high: float}|null */
    private static function band(?Band $band): ?array
    {
        return $band === null
            ? null
            : [
                'low' => self::round($band->low),
                'likely' => self::round($band->likely),
                'high' => self::round($band->high),
            ];
    }

    private static function roundOrNull(?float $value, float $per = 1.0): ?float
    {
        return $value === null ? null : self::round($value / $per);
    }

    private static function round(float $value): float
    {
        return round($value, self::DIGITS);
    }
}
