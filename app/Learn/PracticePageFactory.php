<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Section;
use App\Formulas\ReadyMade;
use App\Ground\Vessels;
use App\Ground\Wording;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Judgement;
use Ilvane\Core\Practice\Rounds;

/** Builds what PracticePage shows. */
final readonly class PracticePageFactory
{
    public function __construct(
        private Vessels $vessels,
        private Evaluator $evaluator,
        private Catalogue $catalogue,
    ) {
    }

    public function of(Rounds $rounds, PracticeCases $cases, Wording $wording): PracticePage
    {
        $benches = [];
        foreach (ExerciseKind::cases() as $sort) {
            $keys = $cases->ofSort($sort);
            $benches[] = [
                'sort' => $sort, 'all' => count($keys), 'stands' => $this->standing($sort),
                'resting' => count(array_filter($keys, $rounds->rests(...))),
                'again' => count(array_filter(
                    $keys,
                    static fn (string $key): bool => $rounds->wasTried($key) && ! $rounds->rests($key),
                )),
            ];
        }
        $tried = array_values(array_filter($cases->all(), $rounds->wasTried(...)));
        usort(
            $tried,
            static fn (string $a, string $b): int => ($rounds->overdue($b) ?? 0.0) <=> ($rounds->overdue($a) ?? 0.0),
        );

        return new PracticePage(
            $benches,
            array_map(
                static fn (string $key): array => [
                    'name' => self::nameOf($key, $cases),
                    'row' => min(PracticePage::MARKS, $rounds->inARow($key)),
                    'state' => self::state($key, $rounds, $wording),
                ],
                $tried,
            ),
        );
    }

    /** @return list<Section> what is drawn over a bench: a formula, one on the hob, jars on their way */
    private function standing(ExerciseKind $sort): array
    {
        $vessels = $this->vessels;
        $formula = static fn (string $frame): Formula => FormulaDocument::read(ReadyMade::documents()[$frame]);

        return match ($sort) {
            ExerciseKind::Repair => [$vessels->small(
                $this->evaluator->weigh($formula('rich-cream')),
                Family::LeaveInEmulsion,
                false,
            )],
            ExerciseKind::Rescue => [$vessels->small(
                $this->evaluator->weigh($formula('shea-whip')),
                Family::WhippedButter,
                false,
            )],
            ExerciseKind::Judge => array_map(function (int $days) use ($vessels): Section {
                $infusion = Judgement::infusion(
                    Judgement::jar(30, 300, $days, $this->catalogue),
                    $this->catalogue,
                );

                return $vessels->infusing(
                    $infusion->contents,
                    $infusion->room,
                    $infusion->end->extracted(),
                    0,
                    120,
                    closed: true,
                );
            }, [2, 9, 24]),
        };
    }

    private static function nameOf(string $key, PracticeCases $cases): string
    {
        return say(
            $cases->sortOf($key) === ExerciseKind::Judge ? "practice.judge.$key.name" : "practice.mistakes.$key",
        );
    }

    private static function state(string $key, Rounds $rounds, Wording $wording): string
    {
        return match (true) {
            $rounds->inARow($key) === 0 => say('practice.again_now'),
            $rounds->rests($key) => say(
                'practice.again_in',
                ['days' => $wording->days(max(1.0, -($rounds->overdue($key) ?? 0.0)))],
            ),
            default => say('practice.again_due'),
        };
    }
}
