<?php

declare(strict_types=1);

namespace App\Simulation;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use App\Drawing\Timeline;
use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\LearnedMakes;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula as Written;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Making\Course;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Simulation\Simulation;
use Ilvane\Core\Simulation\Simulator;

/** Builds what SimulationPage shows. */
final readonly class SimulationPageFactory
{
    /** Minutes by which two plans differ before it is worth saying. */
    private const WORTH_SAYING = 1.0;

    /** Grams of steam below which no scale would show it. */
    private const STEAM_WORTH_SAYING = 0.05;

    /** How high a vessel stands here, drawing units. */
    private const STANDS = 150.0;

    public function __construct(
        private Catalogue $catalogue,
        private Wording $wording,
        private Evaluator $evaluator,
        private DraftReader $draftReader,
    ) {
    }

    public function of(Formula $formula, string $beside = '', ?ProcessForm $typed = null): SimulationPage
    {
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));
        $it = $this->assess($read);
        $rehearsal = Simulator::formula($it, $this->catalogue, own: LearnedMakes::flows());
        $school = Course::SCHOOLS[$beside] ?? null;
        $other = $school === null
            ? null
            : Simulator::formula(
                $this->assess(self::with($read, $school)),
                $this->catalogue,
                own: LearnedMakes::flows(),
            );
        $wording = $this->wording;
        $gate = null;
        foreach ($rehearsal->course->steps as $step) {
            $gate = $step->kind === StepKind::Gate ? $step->celsius : $gate;
        }

        return new SimulationPage(
            $formula,
            $typed ?? ProcessForm::of($read, $rehearsal->kitchen, $rehearsal->course),
            Timeline::of($rehearsal, $other, $gate),
            self::events($rehearsal, $wording),
            self::steps($rehearsal, $wording),
            $this->pots($rehearsal, $it->composition),
            json_encode(
                array_map(
                    static fn (array $sample): array => [
                        round($sample['minute'], 2),
                        $sample['water_c'] === null ? null : round($sample['water_c'], 1),
                        $sample['oil_c'] === null ? null : round($sample['oil_c'], 1),
                        $sample['mix_c'] === null ? null : round($sample['mix_c'], 1),
                        round($sample['solid'], 3),
                        round($sample['dried'], 2),
                    ],
                    $rehearsal->samples,
                ),
                JSON_THROW_ON_ERROR,
            ),
            [
                'minutes' => self::hours($rehearsal->minutes), 'hands' => self::hours($rehearsal->handsOn),
                'gate' => $rehearsal->gateMinute === null ? '' : self::hours($rehearsal->gateMinute),
                'firm' => $rehearsal->firmMinute === null ? '' : self::hours($rehearsal->firmMinute),
                'water' => $rehearsal->waterLost < self::STEAM_WORTH_SAYING
                    ? ''
                    : $wording->gramsBand($rehearsal->steam()),
            ],
            $other === null ? '' : $beside,
            self::schools($rehearsal, $it->composition),
            $other === null ? [] : self::compared($rehearsal, $other, $wording),
            array_map(
                static fn (Vessel $vessel): string => $wording->vessel($vessel->key),
                $this->catalogue->vessels(),
            ),
            $it->composition->known() === [],
        );
    }

    private function assess(Written $formula): Assessment
    {
        return $this->evaluator->assess($formula, madeOn: Carbon::now()->toDateTimeImmutable());
    }

    /** @param  array<string, mixed>  $change */
    private static function with(Written $formula, array $change): Written
    {
        $document = FormulaDocument::write($formula);
        $process = is_array($document['process'] ?? null) ? $document['process'] : [];
        // a way of cooling chosen for a step of its own counts for less than the one looked at
        $process['steps'] = array_map(
            static fn (mixed $step): mixed => is_array($step)
                && isset($change['cool'])
                && in_array($step['do'] ?? '', ['gate', 'cool'], true)
                ? array_diff_key($step, ['how' => true])
                : $step,
            is_array($process['steps'] ?? null) ? $process['steps'] : [],
        );

        return FormulaDocument::read([
            ...$document,
            'process' => array_filter([...$process, ...$change], static fn (mixed $value): bool => $value !== []),
        ]);
    }

    private static function hours(float $minutes): string
    {
        $minutes = (int) round($minutes);

        return $minutes < 100
            ? say('simulation.minutes', ['count' => (string) $minutes])
            : say(
                'simulation.hours',
                ['hours' => (string) intdiv($minutes, 60), 'minutes' => sprintf('%02d', $minutes % 60)],
            );
    }

    /** @return list<array{number: int, minute: float, at: string, words: string}> */
    private static function events(Simulation $rehearsal, Wording $wording): array
    {
        $events = [];
        foreach (Timeline::inOrder($rehearsal) as $i => $event) {
            $events[] = [
                'number' => $i + 1,
                'minute' => round($event['minute'], 2),
                'at' => (string) (int) round($event['minute']),
                'words' => say(
                    "simulation.events.{$event['what']}",
                    [
                        'ingredient' => $event['ingredient'] === null ? '' : $wording->ingredient($event['ingredient']),
                        'celsius' => $event['celsius'] === null ? '' : $wording->celsius(round($event['celsius'])),
                    ],
                ),
            ];
        }

        return $events;
    }

    /**
     * @return list<array{what: string, minutes: string, notes: list<array{severity: string, message: string,
     *   because: string}>}>
     */
    private static function steps(Simulation $rehearsal, Wording $wording): array
    {
        $notes = [];
        foreach ($rehearsal->findings as ['step' => $step, 'finding' => $finding]) {
            $notes[$step][] = [
                'severity' => $finding->severity->value,
                'message' => $wording->message($finding),
                'because' => $wording->because($finding),
            ];
        }

        return array_map(static fn (array $stretch): array => [
            'what' => say('simulation.do.'.$rehearsal->course->steps[$stretch['step'] - 1]->kind->value),
            'minutes' => $wording->number(
                round($stretch['to'] - $stretch['from'], $stretch['to'] - $stretch['from'] < 10 ? 1 : 0),
                1,
            ),
            'notes' => $notes[$stretch['step']] ?? [],
        ], $rehearsal->stretches);
    }

    /** @return array<string, array{vessel: Section, name: string}> */
    private function pots(Simulation $rehearsal, Composition $composition): array
    {
        $ml = static fn (Phase ...$phases): float => array_sum(array_map(
            static fn (Phase $phase): float => $composition->gramsOf($phase)->likely,
            $phases,
        )) / ($composition->density() ?? 1.0);
        $draw = fn (Vessel $vessel, string $material, float $ml): array => [
            'vessel' => Section::draw(
                Profile::of(self::shape($vessel), max($vessel->volumeMl, 1.02 * $ml)),
                $ml > 0 ? [new Stratum($material, '', '', $material, $ml)] : [],
                0,
                self::STANDS,
            ),
            'name' => $this->wording->vessel($vessel->key),
        ];
        $kitchen = $rehearsal->kitchen;
        $pots = [
            'water' => $ml(Phase::Water) > 0 ? $draw($kitchen->water, 'water', $ml(Phase::Water)) : null,
            'oil' => $ml(Phase::Oil) > 0 ? $draw($kitchen->oil, 'oil', $ml(Phase::Oil)) : null,
            'mix' => $ml(Phase::Water) > 0 && $ml(Phase::Oil) > 0
                ? $draw(
                    $kitchen->pour->value === 'oil_into_water' ? $kitchen->water : $kitchen->oil,
                    'water',
                    $ml(Phase::Water, Phase::Oil, Phase::Cooldown),
                )
                : null,
        ];

        return array_filter($pots);
    }

    private static function shape(Vessel $vessel): string
    {
        return match ($vessel->shape) {
            'bowl' => 'bowl',
            'jar' => 'jar',
            'tray' => 'tub',
            default => 'beaker',
        };
    }

    /** @return list<string> */
    private static function schools(Simulation $rehearsal, Composition $composition): array
    {
        $kitchen = $rehearsal->kitchen;
        $planned = [
            'pour' => $kitchen->pour->value,
            'cool' => $kitchen->cool->value,
            'covered' => $kitchen->isCovered,
            'bath_c' => $kitchen->bath,
        ];
        $does = array_map(static fn (Step $step): StepKind => $step->kind, $rehearsal->course->steps);
        $bears = [
            'pour' => in_array(StepKind::Combine, $does, true),
            'cool' => in_array(StepKind::Gate, $does, true) || in_array(StepKind::Cool, $does, true),
            'covered' => $composition->waterShare() > 0 && in_array(StepKind::Heat, $does, true),
            'bath_c' => in_array(StepKind::Heat, $does, true),
        ];

        return array_keys(array_filter(Course::SCHOOLS, static function (array $school) use ($planned, $bears): bool {
            $field = array_key_first($school);

            return $bears[$field] && ! in_array($planned[$field], $school, true);
        }));
    }

    /** @return list<string> */
    private static function compared(Simulation $one, Simulation $other, Wording $wording): array
    {
        $said = [];
        foreach ([
            'minutes' => [$one->minutes, $other->minutes],
            'gate' => [$one->gateMinute, $other->gateMinute],
            'firm' => [$one->firmMinute, $other->firmMinute],
        ] as $what => [$a, $b]) {
            if ($a !== null && $b !== null && abs($a - $b) >= self::WORTH_SAYING) {
                $said[] = say(
                    "simulation.compared.$what.".($b < $a ? 'sooner' : 'later'),
                    ['by' => self::hours(abs($a - $b))],
                );
            }
        }
        if (abs($one->waterLost - $other->waterLost) >= 0.5) {
            $said[] = say(
                'simulation.compared.water',
                [
                    'one' => $wording->grams(round($one->waterLost, 1)),
                    'other' => $wording->grams(round($other->waterLost, 1)),
                ],
            );
        }
        $grave = static fn (Simulation $rehearsal): array => array_map(
            static fn (array $found): string => $wording->message($found['finding']),
            array_filter(
                $rehearsal->findings,
                static fn (array $found): bool => $found['finding']->severity !== Severity::Note,
            ),
        );
        foreach (array_diff($grave($other), $grave($one)) as $new) {
            $said[] = $new;
        }

        return $said === [] ? [say('simulation.compared.same')] : $said;
    }
}
