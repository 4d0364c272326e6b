<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

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
    public function examine(Assessment $assessment): iterable
    {
        $to = $assessment->formula->process->heatTo;
        $heat = $assessment->heat;
        if ($to !== null && $heat !== null) {
            $melts = $heat->highestMelting;
            $boils = round(Atmosphere::boils($assessment->formula->process->conditions->altitude()), 1);
            if ($to < $melts) {
                yield new Finding(
                    'heat.below_melting',
                    Severity::Stop,
                    terms: ['heat' => Term::celsius($to), 'melts' => Term::celsius($melts)],
                    fixes: [self::heatTo(ceil($melts + PhaseHeat::ABOVE_MELTING_C))],
                );
            } elseif ($to > $boils) {
                $enough = max(PhaseHeat::USUAL_C, ceil($melts + PhaseHeat::ABOVE_MELTING_C));
                yield new Finding(
                    'heat.unreachable',
                    Severity::Stop,
                    terms: ['heat' => Term::celsius($to), 'boils' => Term::celsius($boils)],
                    fixes: $enough < $boils ? [self::heatTo($enough)] : [],
                );
            }
        }
        yield from self::coolDown($assessment);
    }

    /** @return iterable<Finding> what goes in hotter than it should */
    private static function coolDown(Assessment $assessment): iterable
    {
        $limit = CoolDown::lowestLimit($assessment->composition);
        $said = $assessment->formula->process->coolDown;
        $gate = CoolDown::of($assessment->formula, $assessment->composition);
        $bears = max(CoolDown::USUAL_C, $limit ?? INF);
        if ($limit === null || $gate <= $bears + CoolDown::SLACK_C) {
            return;
        }
        $terms = ['gate' => Term::celsius($gate), 'ceiling' => Term::celsius($bears)];
        if ($said === null || CoolDown::isPouredHot($assessment->formula, $assessment->composition)) {
            yield new Finding('heat.gate', Severity::Note, terms: $terms, variant: 'balm');
        } else {
            yield new Finding('heat.gate', Severity::Mind, terms: $terms, fixes: [
                new Fix(
                    'gate_to',
                    [['op' => 'add', 'path' => '/process/gate_c', 'value' => CoolDown::USUAL_C]],
                    ['celsius' => Term::celsius(CoolDown::USUAL_C)],
                ),
            ]);
        }
    }

    private static function heatTo(float $celsius): Fix
    {
        return new Fix(
            'heat_to',
            [['op' => 'add', 'path' => '/process/heat_to_c', 'value' => $celsius]],
            ['celsius' => Term::celsius($celsius)],
        );
    }
}
