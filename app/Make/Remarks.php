<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Simulation\Simulation;

/** What the simulation has against a step, as it is planned: said where the step is done. */
final readonly class Remarks
{
    /** Steps at which something may go wrong by heat, order or time. */
    private const KINDS = [
        StepKind::Heat, StepKind::Combine, StepKind::Gate, StepKind::Add, StepKind::Whip, StepKind::Strain,
        StepKind::Fill,
    ];

    public function __construct(private LiveReading $liveReading, private Wording $wording)
    {
    }

    /** @return list<array{severity: string, message: string}> */
    public function of(MakeState $state, Step $step): array
    {
        if (! in_array($step->kind, self::KINDS, true)) {
            return [];
        }
        $simulation = $this->liveReading->rehearse($state);
        $at = self::numberOf($simulation, $state, $step);
        $remarks = [];
        foreach ($simulation->findings as $found) {
            if ($found['step'] === $at && $found['finding']->severity !== Severity::Note) {
                $remarks[] = [
                    'severity' => $found['finding']->severity->value,
                    'message' => $this->wording->message($found['finding']),
                ];
            }
        }

        return $remarks;
    }

    /** Which step of the simulation it is, counted from 1; 0 for none. */
    private static function numberOf(Simulation $simulation, MakeState $state, Step $step): int
    {
        $isSame = static fn (StepKind $kind): bool => $kind === $step->kind
            || ($step->kind === StepKind::Gate && $kind === StepKind::Cool);
        $before = 0;
        foreach ($state->plan->steps as $one) {
            if ($one->key === $step->key) {
                break;
            }
            $before += $isSame($one->kind) ? 1 : 0;
        }
        foreach ($simulation->course->steps as $i => $planned) {
            if ($isSame($planned->kind) && $before-- === 0) {
                return $i + 1;
            }
        }

        return 0;
    }
}
