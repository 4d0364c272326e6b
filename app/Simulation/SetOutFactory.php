<?php

declare(strict_types=1);

namespace App\Simulation;

use App\Ground\Wording;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Simulation\Simulator;

/** Builds what SetOut shows. */
final readonly class SetOutFactory
{
    private const TOOLS = [
        'heat' => ['bath', 'thermometer', 'lids'],
        'combine' => ['whisk'],
        'blend' => ['blender'],
        'gate' => ['thermometer'],
        'whip' => ['mixer', 'spatula'],
        'strain' => ['cloth'],
        'test_ph' => ['ph'],
        'chill' => ['cold'],
        'fill' => ['spatula', 'labels'],
    ];

    public function __construct(
        private Wording $wording,
        private Catalogue $catalogue,
    ) {
    }

    public function of(Assessment $it): SetOut
    {
        $wording = $this->wording;
        $rehearsal = Simulator::formula($it, $this->catalogue);
        $does = array_values(array_unique(array_map(
            static fn (Step $step): string => $step->kind->value,
            $rehearsal->course->steps,
        )));
        $tools = [say('simulation.tools.scale'), say('simulation.tools.alcohol')];
        foreach ($does as $do) {
            foreach (self::TOOLS[$do] ?? [] as $tool) {
                $tools[] = say("simulation.tools.$tool");
            }
        }
        foreach ([
            [Phase::Water, $rehearsal->kitchen->water],
            [Phase::Oil, $rehearsal->kitchen->oil],
        ] as [$phase, $vessel]) {
            if ($it->composition->inPhase($phase) !== []) {
                $tools[] = say(
                    'simulation.tools.vessel',
                    [
                        'vessel' => $this->wording->vessel($vessel->key),
                        'phase' => mb_strtolower(say('words.phase.'.$phase->value)),
                    ],
                );
            }
        }
        if (in_array(StepKind::Fill->value, $does, true)) {
            $tools[] = $it->container === null
                ? say('simulation.tools.jars')
                : say(
                    'simulation.tools.containers',
                    [
                        'count' => (string) $it->formula->containerCount,
                        'container' => $this->wording->container($it->container->key),
                    ],
                );
        }
        $phases = [];
        foreach (Phase::cases() as $phase) {
            $lines = $it->composition->inPhase($phase);
            if ($lines !== []) {
                $phases[] = [
                    'phase' => $phase->value,
                    'name' => say('words.phase.'.$phase->value),
                    'lines' => array_map(static fn (WeighedLine $line): array => [
                        'name' => $line->ingredient === null
                            ? $line->line->spokenOf()
                            : $wording->ingredient($line->ingredient->key),
                        'grams' => $line->grams === null
                            ? $line->line->amount
                            : $wording->weighed(
                                $line->grams->likely,
                                min($it->scaleResolutionG, $line->grams->likely < 10 ? 0.01 : 0.1),
                            ),
                    ], $lines),
                ];
            }
        }

        return new SetOut(array_values(array_unique($tools)), $phases);
    }
}
