<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\ChangedElsewhere;
use App\Ground\Drafts\DraftHistory;
use App\Ground\PencilNotes;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Jar;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Safety\Severity;

/**
 * Builds what PlannerPage shows.
 *
 * @phpstan-import-type PlanLine from PlannerPage
 * @phpstan-import-type Note from PencilNotes
 */
final readonly class PlannerPageFactory
{
    /** Schools set side by side, whatever is chosen. */
    private const COMPARED = [Method::ColdDark, Method::SunnySill, Method::LowOven, Method::WarmBath];

    /** Times its usual time a school is looked at to say when it would be ready. */
    private const PATIENCE = 8;

    public function __construct(
        private Wording $wording,
        private Planner $planner,
        private PencilNotes $pencilNotes,
        private Vessels $vessels,
        private Catalogue $catalogue,
    ) {
    }

    public function of(
        Jar $jar,
        PlanDraft $draft,
        int $revision,
        ?ChangedElsewhere $elsewhere = null,
        string $refused = '',
    ): PlannerPage {
        $wording = $this->wording;
        [$infusion, $problems] = $draft->infusion($this->planner);
        $findings = $infusion === null ? [] : InfusionRules::examine($infusion);
        $schools = $infusion === null ? null : $this->compared($infusion);

        return new PlannerPage(
            $jar, $draft, $revision, $elsewhere, $infusion,
            $this->lanes($draft, $infusion, $findings, $problems, $wording), $problems,
            $this->pencilNotes->of($findings, $draft->lineKeys()),
            $infusion === null ? say('infusions.nothing_yet') : self::verdict($infusion, $findings, $wording),
            $infusion?->readyDay === null || self::isStopped($findings)
                ? ''
                : $wording->duration($infusion->readyDay),
            $infusion === null || self::isStopped($findings)
                ? ''
                : say(match (true) {
                    $infusion->readyDay === null => 'infusions.never_ready',
                    $infusion->plan->wishedStrength !== null => 'infusions.until_wished',
                    $infusion->plan->method->isHeated() => 'infusions.until_mild',
                    default => 'infusions.until_ready',
                }).self::between($infusion, $wording),
            $infusion === null ? [] : self::figures($infusion, $wording),
            $infusion === null
                ? null
                : $this->vessels->infusing($infusion->contents, $infusion->room, $infusion->end->extracted(), 118),
            $schools === null ? null : StrengthChart::schools($schools, $wording),
            $this->table($schools ?? [], $infusion, $wording),
            DraftHistory::of($jar)->ways(),
            $refused, wording: $this->wording,
        );
    }

    /** How sure that is. */
    private static function between(Infusion $infusion, Wording $wording): string
    {
        [$from, $to] = $infusion->readyBetween();

        return $infusion->readyDay === null || $from === null || $to === null ? '' : ' '.say('infusions.between', [
            'from' => $wording->duration($from), 'to' => $wording->duration($to),
        ]);
    }

    /**
     * The plan and the other schools with the same plants and oils, the plan first. A wet plant is only ever cooked
     * out.
     *
     * @return non-empty-array<string, Infusion>
     */
    private function compared(Infusion $infusion): array
    {
        $plan = $infusion->plan;
        $schools = [$plan->method->value => $infusion];
        $isWet = array_filter(
            $infusion->contents->plants,
            static fn (InPart $plant): bool => $plant->form === PlantForm::FreshWet,
        ) !== [];
        foreach ($isWet ? [Method::CookOut] : self::COMPARED as $method) {
            $schools[$method->value] ??= $this->planner->infusion($plan->by($method));
        }

        return $schools;
    }

    /**
     * Nothing gets ready that isn't to be begun.
     *
     * @param  list<Finding>  $findings
     */
    private static function isStopped(array $findings): bool
    {
        return in_array(Severity::Stop, array_column($findings, 'severity'), true);
    }

    /** @param  list<Finding>  $findings */
    private static function verdict(Infusion $infusion, array $findings, Wording $wording): string
    {
        $stops = array_values(array_filter(
            $findings,
            static fn (Finding $finding): bool => $finding->severity === Severity::Stop,
        ));
        if ($stops !== []) {
            return trans_choice('infusions.stops', count($stops), ['first' => $wording->message($stops[0])]);
        }

        return say('infusions.verdict', [
            'time' => $wording->duration($infusion->plan->days),
            'strength' => $wording->number($infusion->end->strength(), 1),
            'out' => $wording->grams(round($infusion->yield->likely)),
            'kept' => $wording->percent(round(100 * $infusion->end->kept)),
        ]);
    }

    /** @return list<array{label: string, figure: string, of: string}> */
    private static function figures(Infusion $infusion, Wording $wording): array
    {
        $headspace = $infusion->room->headspace();
        $add = $infusion->plainOilToAdd();
        $keeps = $infusion->keepsDays();
        $figures = [
            [
                'label' => say('infusions.figures.ratio'),
                'figure' => '1 : '.$wording->number(
                    $infusion->contents->oil() / array_sum($infusion->contents->plantGrams()),
                    1,
                ),
                'of' => '',
            ],
            [
                'label' => say('infusions.figures.headspace'),
                'figure' => $headspace === null
                    ? '–'
                    : ($headspace < 0 ? say('infusions.runs_over') : $wording->percent(round($headspace))),
                'of' => $infusion->room->isCovered() ? say('infusions.covered') : say('infusions.uncovered'),
            ],
            [
                'label' => say('infusions.figures.out'),
                'figure' => $wording->grams(round($infusion->yield->likely)),
                'of' => $wording->span($infusion->yield),
            ],
            [
                'label' => say('infusions.figures.strength'),
                'figure' => $wording->number($infusion->end->strength(), 1),
                'of' => $infusion->limit() === null
                    ? ''
                    : say('infusions.at_most', ['limit' => $wording->number((float) $infusion->limit(), 1)]),
            ],
            [
                'label' => say('infusions.figures.kept'),
                'figure' => $wording->percent(round(100 * $infusion->end->kept)),
                'of' => '',
            ],
        ];
        if ($infusion->earliestDay !== null) {
            $figures[] = [
                'label' => say('infusions.figures.earliest'),
                'figure' => $wording->duration($infusion->earliestDay),
                'of' => '',
            ];
        }
        if ($infusion->tooStrongDay !== null) {
            $figures[] = [
                'label' => say('infusions.figures.too_strong'),
                'figure' => $wording->duration($infusion->tooStrongDay),
                'of' => '',
            ];
        }
        if ($infusion->stopDay() !== null) {
            $figures[] = [
                'label' => say('infusions.figures.stop'),
                'figure' => $wording->duration($infusion->stopDay()),
                'of' => '',
            ];
        }
        if ($add !== null && $add > 0) {
            $figures[] = [
                'label' => say('infusions.figures.thin'),
                'figure' => $wording->grams(round($add)),
                'of' => say('infusions.to_strength', ['strength' => $wording->number((float) $infusion->aim(), 1)]),
            ];
        }
        if ($infusion->waterToDriveOut() > 0) {
            $figures[] = [
                'label' => say('infusions.figures.lighter'),
                'figure' => $wording->grams($infusion->waterToDriveOut()),
                'of' => '',
            ];
        }
        if ($keeps !== null) {
            $figures[] = [
                'label' => say('infusions.figures.keeps'),
                'figure' => $wording->days($keeps),
                'of' => $infusion->turnsFirst() === null
                    ? ''
                    : $wording->ingredient($infusion->turnsFirst()->ingredient->key),
            ];
        }

        return $figures;
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<string, string>  $problems
     * @return array<string, list<PlanLine>>
     */
    private function lanes(
        PlanDraft $draft,
        ?Infusion $infusion,
        array $findings,
        array $problems,
        Wording $wording,
    ): array {
        $catalogue = $this->catalogue;
        $keys = $draft->lineKeys();
        $weighed = array_combine(
            array_slice($keys, 0, $infusion === null ? 0 : count($keys)),
            $this->grams($infusion, count($keys)),
        );
        $gravest = [];
        foreach ($findings as $finding) {
            foreach ($finding->lines as $line) {
                $gravest[$keys[$line - 1] ?? ''] ??= $finding->severity->value;
            }
        }
        $lanes = [];
        $position = 0;
        foreach (['plants', 'oils'] as $part) {
            foreach ($draft->rows($part) as $row) {
                $ingredient = $row['ingredient'] !== '' && $catalogue->has($row['ingredient'])
                    ? $catalogue->get($row['ingredient'])
                    : null;
                $lanes[$part][] = [
                    'key' => $row['key'], 'ingredient' => $row['ingredient'], 'name' => $ingredient === null
                        ? $row['name']
                        : $wording->ingredient($ingredient->key), 'amount' => $row['amount'],
                    'form' => $part === 'oils'
                        ? ''
                        : (
                            $row['form'] !== ''
                                ? $row['form']
                                : (
                                    $ingredient === null ? PlantForm::DriedWhole : PlantForm::usualOf($ingredient)
                                )->value
                        ),
                    'fresh' => $row['fresh'],
                    'fresh_error' => $problems[$row['key'].'.fresh'] ?? '',
                    'grams' => $weighed[$row['key']] ?? '', 'caution' => $part === 'plants'
                        ? $wording->note((string) $ingredient?->cautionNote)
                        : '',
                    'error' => $problems[$row['key'].'.ingredient'] ?? $problems[$row['key'].'.amount'] ?? '',
                    'gravest' => $gravest[$row['key']] ?? '', 'position' => ++$position,
                ];
            }
        }

        return $lanes;
    }

    /** @return list<string> */
    private function grams(?Infusion $infusion, int $lines): array
    {
        if ($infusion === null) {
            return [];
        }
        $wording = $this->wording;
        $grams = array_map(
            static fn (InPart $part): string => $wording->grams($part->grams->likely),
            [...$infusion->contents->plants, ...$infusion->contents->oils],
        );

        return array_pad(array_slice($grams, 0, $lines), $lines, '');
    }

    /**
     * @param  array<string, Infusion>  $schools
     * @return list<array{method: string, name: string, time: string, ready: string, strength: string, kept: string,
     *   out: string, chosen: bool, doubt: string}>
     */
    private function table(array $schools, ?Infusion $chosen, Wording $wording): array
    {
        $table = [];
        foreach ($schools as $method => $school) {
            $worst = InfusionRules::examine($school)[0] ?? null;
            // where its usual time is too short to be ready, how long it would take
            $ready = $school->readyDay
                ?? $this->planner->infusion($school->plan->lasting(self::PATIENCE * $school->plan->days))->readyDay;
            $table[] = [
                'method' => $method,
                'name' => say("words.infusion_method.$method"),
                'time' => $wording->duration($school->plan->days),
                'ready' => $ready === null
                    ? '–'
                    : $wording->duration($ready), 'strength' => $wording->number($school->end->strength(), 1, 1),
                'kept' => $wording->percent(round(100 * $school->end->kept)),
                'out' => say("infusions.gains.$method"),
                'chosen' => $school === $chosen,
                'doubt' => $worst !== null && $worst->severity !== Severity::Note ? $worst->severity->value : '',
            ];
        }

        return $table;
    }
}
