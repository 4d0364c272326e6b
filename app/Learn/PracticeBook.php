<?php

declare(strict_types=1);

namespace App\Learn;

use App\Formulas\ReadyMade;
use App\Models\Practised;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Practice\Examiner;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Judgement;
use Ilvane\Core\Practice\Mistakes;
use Ilvane\Core\Practice\Rounds;

/** What was practised and what comes next. */
final readonly class PracticeBook
{
    /** Answers kept of one mistake: enough to see how it went, and the row stays small. */
    private const KEPT = 60;

    /** A seed now and then makes no case (nothing of it can be mended); the next one does. */
    private const TRIES = 20;

    public function __construct(
        private Examiner $examiner,
        private Catalogue $catalogue,
        private Mistakes $mistakes,
        private PracticeCases $cases,
    ) {
    }

    public function rounds(): Rounds
    {
        $answers = [];
        foreach (Practised::query()->get() as $practised) {
            $answers[$practised->key] = array_map(
                static fn (array $answer): array => [
                    'right' => $answer['right'],
                    'day' => Carbon::parse($answer['at'])->getTimestamp() / 86400,
                ],
                $practised->answers,
            );
        }

        return new Rounds($answers, Carbon::now()->getTimestamp() / 86400);
    }

    /** Another case of a sort: what went wrong first, nothing twice running. */
    public function next(ExerciseKind $sort, ?string $justHad = null): PracticeCase
    {
        /** @var non-empty-list<string> $keys */
        $keys = $this->cases->ofSort($sort);

        return $this->among($keys, $justHad);
    }

    /** A case of a rule of the handbook, null where none is made of it. */
    public function ofRule(string $code): ?PracticeCase
    {
        $keys = $this->mistakes->under($code);

        return $keys === [] ? null : $this->among($keys, null);
    }

    /** @param  non-empty-list<string>  $keys */
    private function among(array $keys, ?string $justHad): PracticeCase
    {
        shuffle($keys);
        $what = $this->rounds()->next($keys, $justHad);
        for ($n = 1; ; $n++) {
            $case = $this->cases->of($what);
            if ($n >= self::TRIES || $case->sort === ExerciseKind::Judge || $this->exercise($case) !== null) {
                return $case;
            }
        }
    }

    /** null where this seed makes no case */
    public function exercise(PracticeCase $case): ?Exercise
    {
        return Exercise::of(
            $this->mistakes->all()[$case->what],
            $this->mistakes,
            $case->seed,
            ReadyMade::documents(),
            $this->examiner,
            $this->catalogue,
        );
    }

    public function judgement(PracticeCase $case): Judgement
    {
        return Judgement::of($case->what, $case->seed, $this->examiner->evaluator, $this->catalogue);
    }

    public function mends(Exercise $exercise, int $way): bool
    {
        return isset($exercise->ways[$way]) && $exercise->mends($exercise->ways[$way], $this->examiner);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<\Ilvane\Core\Safety\Finding> what stands against it
     */
    public function judge(array $document): array
    {
        return $this->examiner->judge($document);
    }

    /** Written down once for each page that asked. */
    public function answered(PracticeCase $case, bool $isRight, string $clientKey): void
    {
        DB::transaction(function () use ($case, $isRight, $clientKey): void {
            $answers = Practised::query()->find($case->what)->answers ?? [];
            if (in_array($clientKey, array_column($answers, 'key'), true)) {
                return;
            }
            $answers[] = [
                'key' => $clientKey,
                'seed' => $case->seed,
                'right' => $isRight,
                'at' => Carbon::now()->toIso8601String(),
            ];
            Practised::query()->updateOrCreate(
                ['key' => $case->what],
                ['answers' => array_slice($answers, -self::KEPT), 'updated_at' => Carbon::now()],
            );
        });
    }
}
