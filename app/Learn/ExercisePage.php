<?php

declare(strict_types=1);

namespace App\Learn;

use App\Bench\BenchPage;
use App\Bench\Preview;
use App\Drawing\Section;
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

/**
 * A flawed formula or a making under way: what is wrong with it, then what to do about it, then what came of that.
 *
 * @phpstan-type Choice array{label: string, detail: string, is: string}
 */
final readonly class ExercisePage
{
    /** Drawing units a vessel stands high here. */
    private const STANDS = 260.0;

    /**
     * @param  list<array{label: string, figure: string}>  $facts  what else is known of it
     * @param  list<Choice>  $wrongs  what may be wrong; "is" says right, wrong or nothing once answered
     * @param  list<Choice>  $ways  what may be done
     * @param  list<string>  $left  what still stands against it after what was chosen
     * @param  list<array{what: string, state: string}>  $steps  of a making: done, next
     */
    private function __construct(
        public PracticeCase $case,
        public ExerciseKind $sort,
        public string $clientKey,
        public BenchPage $bench,
        public Section $vessel,
        public array $facts,
        public array $wrongs,
        public array $ways,
        public ?int $spotted,
        public ?int $chosen,
        public bool $isSpotted,
        public bool $isMended,
        public string $message,
        public string $because,
        public string $source,
        public string $handbook,
        public array $left,
        public string $verdict,
        public array $steps,
        public ?Timeline $timeline,
        public float $soFar,
    ) {
    }

    /**
     * @param  int|null  $spotted  which code was chosen
     * @param  int|null  $chosen  which way was
     */
    public static function of(
        PracticeCase $case,
        Exercise $exercise,
        PracticeBook $book,
        ?int $spotted,
        ?int $chosen,
    ): self {
        $wording = app(Wording::class);
        $formula = new Formula(['name' => say("ready_made.names.$exercise->frame.0"), 'revision' => 1, 'draft' => []]);
        $page = static fn (array $document): BenchPage => BenchPage::of(
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

        return new self(
            $case, $case->sort, Str::uuid()->toString(), $bench,
            app(Vessels::class)->small(app(Evaluator::class)->weigh($read), $read->family, false, self::STANDS),
            self::facts($read, $wording),
            array_map(static fn (string $code, int $i): array => [
                'label' => say("practice.wrong.$code"),
                'detail' => '',
                'is' => self::marked($i, $spotted, $code === $exercise->mistake->code),
            ], $exercise->codes, array_keys($exercise->codes)),
            array_map(static fn (Way $way, int $i): array => [
                ...self::worded($way, $bench->draft, $wording),
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
            self::steps($exercise),
            ...self::playedOn($exercise, $after),
        );
    }

    /** @return array{label: string, detail: string} */
    private static function worded(Way $way, Draft $draft, Wording $wording): array
    {
        return $way->fix === null
            ? [
                'label' => say(
                    "practice.ways.$way->label",
                    ['ingredient' => $way->ingredient === '' ? '' : $wording->ingredient($way->ingredient)],
                ),
                'detail' => '',
            ]
            : ['label' => $wording->fix($way->fix), 'detail' => app(Preview::class)->of($way->fix, $draft->lines())];
    }

    /** @return list<array{label: string, figure: string}> */
    private static function facts(CoreFormula $formula, Wording $wording): array
    {
        $container = $formula->container === null
            ? null
            : (app(Catalogue::class)->containers()[$formula->container] ?? null);

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
    private static function steps(Exercise $exercise): array
    {
        $done = count($exercise->mistake->before);
        $process = is_array($exercise->document['process'] ?? null) ? $exercise->document['process'] : [];
        $steps = [];
        foreach (
            $exercise->mistake->sort === ExerciseKind::Rescue
            && is_array($process['steps'] ?? null) ? array_values($process['steps']) : [] as $i => $step
        ) {
            $steps[] = ['what' => self::step(ProcessDocument::step($step)), 'state' => $i < $done ? 'done' : 'next'];
        }

        return $steps;
    }

    private static function step(Step $step): string
    {
        $wording = app(Wording::class);
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
    private static function playedOn(Exercise $exercise, ?array $after): array
    {
        if ($exercise->mistake->sort !== ExerciseKind::Rescue) {
            return ['timeline' => null, 'soFar' => 0.0];
        }
        $formula = FormulaDocument::read($exercise->document);
        $process = is_array($exercise->document['process'] ?? null) ? $exercise->document['process'] : [];
        $soFar = self::rehearse([
            ...$exercise->document,
            'process' => [...$process, 'steps' => $exercise->mistake->before],
        ]);

        return [
            'timeline' => Timeline::of(
                $after === null ? $soFar : self::rehearse($after),
                null,
                $formula->family->isSolid() ? null : CoolDown::of($formula, app(Evaluator::class)->weigh($formula)),
            ),
            'soFar' => $soFar->minutes,
        ];
    }

    /** @param  array<string, mixed>  $document */
    private static function rehearse(array $document): Simulation
    {
        return Simulator::formula(
            app(Evaluator::class)->assess(FormulaDocument::read($document)),
            app(Catalogue::class),
        );
    }
}
