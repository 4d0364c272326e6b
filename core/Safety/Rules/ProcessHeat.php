<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Not hot enough to melt what has to melt; hotter than a bath can get; a gate that opens too early. */
final class ProcessHeat implements Rule
{
    /** Scent and delicate preservatives bear this much more than the usual gate. Common practice. */
    private const GATE_SLACK_C = 2.0;

    public function examine(Assessment $assessment): iterable
    {
        $to = $assessment->formula->heatTo();
        $heat = $assessment->heat;
        if ($to !== null && $heat !== null) {
            $melts = $heat->highestMelting;
            $altitude = $assessment->formula->process['altitude_m'] ?? 0.0;
            $boils = round(Atmosphere::boils(is_float($altitude) ? $altitude : 0.0), 1);
            if ($to < $melts) {
                yield new Finding('heat.below_melting', Severity::Stop, terms: ['heat' => Term::celsius($to), 'melts' => Term::celsius($melts)], fixes: [self::heatTo(ceil($melts + PhaseHeat::ABOVE_MELTING_C))]);
            } elseif ($to > $boils) {
                $enough = max(PhaseHeat::USUAL_C, ceil($melts + PhaseHeat::ABOVE_MELTING_C));
                yield new Finding('heat.unreachable', Severity::Stop, terms: ['heat' => Term::celsius($to), 'boils' => Term::celsius($boils)], fixes: $enough < $boils ? [self::heatTo($enough)] : []);
            }
        }
        $gate = $assessment->formula->gate();
        $least = $this->leastCeiling($assessment);
        if ($gate !== null && $least !== null && $gate > $least + self::GATE_SLACK_C) {
            yield new Finding('heat.gate', Severity::Mind, terms: ['gate' => Term::celsius($gate), 'ceiling' => Term::celsius($least)], fixes: [
                new Fix('gate_to', [['op' => 'add', 'path' => '/process/gate_c', 'value' => CoolDown::USUAL_C]], ['celsius' => Term::celsius(CoolDown::USUAL_C)]),
            ]);
        }
    }

    private static function heatTo(float $celsius): Fix
    {
        return new Fix('heat_to', [['op' => 'add', 'path' => '/process/heat_to_c', 'value' => $celsius]], ['celsius' => Term::celsius($celsius)]);
    }

    /** The lowest ceiling of what goes in at the gate; never below the usual gate. */
    private function leastCeiling(Assessment $assessment): ?float
    {
        $ceilings = array_filter(array_map(static fn (WeighedLine $line): ?float => $line->ingredient?->maxProcessTemperature, $assessment->composition->inPhase(Phase::Cooldown)), static fn (?float $ceiling): bool => $ceiling !== null);

        return $ceilings === [] ? null : max(CoolDown::USUAL_C, min($ceilings));
    }
}
