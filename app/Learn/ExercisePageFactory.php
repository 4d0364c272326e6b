<?php

declare(strict_types=1);

namespace App\Learn;

use App\Bench\BenchPage;
use App\Bench\BenchPageFactory;
use App\Bench\Preview;
use App\Drawing\Timeline;
use App\Formulas\Draft;
use App\Ground\HandbookTopics;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Str;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Formula as CoreFormula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Way;
use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Simulation\Simulation;
use Ilvane\Core\Simulation\Simulator;

/** Builds what ExercisePage shows. */
final readonly class ExercisePageFactory
{
    /** Drawing units a vessel stands high here. */
    private const STANDS = 260.0;

    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private Evaluator $evaluator,
        private Preview $preview,
        private Catalogue $catalogue,
        private BenchPageFactory $benchPages,
    ) {
    }

    /**
     * @param  int|null  $spotted  which code was chosen
     * @param  int|null  $chosen  which way was
     */
    public function of(
        PracticeCase $case,
        Exercise $exercise,
        PracticeBook $book,
        ?int $spotted,
        ?int $chosen,
    ): ExercisePage {
        $wording = $this->wording;
        $formula = new Formula(['name' => say("ready_made.names.$exercise->frame.0"), 'revision' => 1, 'draft' => []]);
        $page = fn (array $document): BenchPage => $this->benchPages->of(
            $formula,
            Draft::fromDocument([...$document, 'name' => $formula->name]),
            1,
        );
        $bench = $page($exercise->document);
        $read = FormulaDocument::read($exercise->document);
        $isSpotted = $spotted !== null && ($exercise->codes[$spotted] ?? '') === $exercise->mistake->code;
        $after = $chosen === null ? null : $exercise->after($exercise->ways[$chosen]);
        $finding = $exercise->finding;
        $topic = HandbookTopics::of($finding->code);

        return new ExercisePage(
            $case, $case->sort, Str::uuid()->toString(), $bench,
            $this->vessels->small($this->evaluator->weigh($read), $read->family, false, self::STANDS),
            $this->facts($read, $wording),
            array_map(static fn (string $code, int $i): array => [
                'label' => say("practice.wrong.$code"),
                'detail' => '',
                'is' => self::marked($i, $spotted, $code === $exercise->mistake->code),
            ], $exercise->codes, array_keys($exercise->codes)),
            array_map(fn (Way $way, int $i): array => [
                ...$this->worded($way, $bench->draft, $wording),
                'is' => self::marked($i, $chosen, $book->mends($exercise, $i)),
            ], $exercise->ways, array_keys($exercise->ways)),
            $spotted, $chosen, $isSpotted,
            $chosen !== null && $book->mends($exercise, $chosen),
            $wording->message($finding), $wording->because($finding), $wording->source($finding),
            $topic === null ? '' : route('handbook.topic', $topic).'#'.str_replace('.', '-', $finding->code),
            $after === null
                ? []
                : array_values(array_unique(array_map(
                    static fn (Finding $left): string => $wording->message($left),
                    $book->judge($after),
                ))),
            $after === null ? '' : $page($after)->verdict,
            $this->steps($exercise),
            ...$this->playedOn($exercise, $after),
        );
    }

    /** @return array{label: string, detail: string} */
    private function worded(Way $way, Draft $draft, Wording $wording): array
    {
        return $way->fix === null
            ? [
                'label' => say(
                    "practice.ways.$way->label",
                    ['ingredient' => $way->ingredient === '' ? '' : $wording->ingredient($way->ingredient)],
                ),
                'detail' => '',
            ]
            : ['label' => $wording->fix($way->fix), 'detail' => $this->preview->of($way->fix, $draft->lines())];
    }

    /** @return list<array{label: string, figure: string}> */
    private function facts(CoreFormula $formula, Wording $wording): array
    {
        $container = $formula->container === null
            ? null
            : ($this->catalogue->containers()[$formula->container] ?? null);

        return array_values(array_filter([
            ['label' => say('ui.bench.about'), 'figure' => say('words.family.'.$formula->family->value)],
            [
                'label' => say('ui.bench.ph'),
                'figure' => $formula->ph === null ? '' : $wording->number($formula->ph, 1, 1),
            ],
            ['label' => say('ui.bench.audience'), 'figure' => say('words.audience.'.$formula->audience->value)],
            [
                'label' => say('practice.claimed'),
                'figure' => $formula->keeping->claimedDays === null
                    ? ''
                    : $wording->days((float) $formula->keeping->claimedDays),
            ],
            [
                'label' => say('ui.bench.container'),
                'figure' => $container === null
                    ? ''
                    : "$formula->containerCount × {$wording->container($container->key)}",
            ],
            ['label' => say('ui.bench.directions'), 'figure' => $formula->directions],
        ], static fn (array $fact): bool => $fact['figure'] !== ''));
    }

    /** "" before there is an answer, and for what is neither right nor chosen */
    private static function marked(int $place, ?int $chosen, bool $isRight): string
    {
        return match (true) {
            $chosen === null => '',
            $isRight => 'right',
            $place === $chosen => 'wrong',
            default => '',
        };
    }

    /** @return list<array{what: string, state: string}> */
    private function steps(Exercise $exercise): array
    {
        $done = count($exercise->mistake->before);
        $process = is_array($exercise->document['process'] ?? null) ? $exercise->document['process'] : [];
        $steps = [];
        foreach (
            $exercise->mistake->sort === ExerciseKind::Rescue
            && is_array($process['steps'] ?? null) ? array_values($process['steps']) : [] as $i => $step
        ) {
            $steps[] = ['what' => $this->step(ProcessDocument::step($step)), 'state' => $i < $done ? 'done' : 'next'];
        }

        return $steps;
    }

    private function step(Step $step): string
    {
        $wording = $this->wording;
        $said = [say("simulation.do.{$step->kind->value}")];
        $heats = $step->phase() === null ? 'both' : $step->phase()->value;
        $said[] = $step->kind === StepKind::Heat ? mb_strtolower(say("practice.heats.$heats")) : '';
        $said[] = $step->celsius === null ? '' : $wording->celsius($step->celsius);
        $said[] = $step->seconds === null
            ? ''
            : say('simulation.minutes', ['count' => $wording->number($step->seconds / 60, 0)]);
        $said[] = $step->how === null ? '' : mb_strtolower(say("practice.cooling.{$step->how->value}"));

        return implode(' ', array_filter($said));
    }

    /**
     * The temperatures up to now; after an answer the rest of the making as it then goes.
     *
     * @param  array<string, mixed>|null  $after
     * @return array{timeline: Timeline|null, soFar: float}
     */
    private function playedOn(Exercise $exercise, ?array $after): array
    {
        if ($exercise->mistake->sort !== ExerciseKind::Rescue) {
            return ['timeline' => null, 'soFar' => 0.0];
        }
        $formula = FormulaDocument::read($exercise->document);
        $process = is_array($exercise->document['process'] ?? null) ? $exercise->document['process'] : [];
        $soFar = $this->rehearse([
            ...$exercise->document,
            'process' => [...$process, 'steps' => $exercise->mistake->before],
        ]);

        return [
            'timeline' => Timeline::of(
                $after === null ? $soFar : $this->rehearse($after),
                null,
                $formula->family->isSolid() ? null : CoolDown::of($formula, $this->evaluator->weigh($formula)),
            ),
            'soFar' => $soFar->minutes,
        ];
    }

    /** @param  array<string, mixed>  $document */
    private function rehearse(array $document): Simulation
    {
        return Simulator::formula(
            $this->evaluator->assess(FormulaDocument::read($document)),
            $this->catalogue,
        );
    }
}
