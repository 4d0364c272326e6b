<?php

declare(strict_types=1);

namespace App\Learn;

use App\Ground\Typed;
use App\Ground\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\ExerciseKind;

/**
 * Practice on made-up cases. What was answered stands in the address, so that reloading and going back are harmless;
 * marks are written when it is told.
 */
final readonly class PracticeController
{
    public function __construct(
        private PracticeBook $book,
        private PracticeCases $cases,
        private PracticePageFactory $practicePages,
        private JudgementPageFactory $judgementPages,
        private ExercisePageFactory $exercisePages,
    ) {
    }

    public function all(Wording $wording): View
    {
        return view(
            'practice.all',
            ['page' => $this->practicePages->of($this->book->rounds(), $this->cases, $wording)],
        );
    }

    public function next(Request $request, string $sort): RedirectResponse
    {
        $case = $this->cases->read(Typed::text($request, 'after', 12));

        return redirect()->route('practice.case', $this->book->next(ExerciseKind::from($sort), $case?->what)->code);
    }

    /** From a rule of the handbook to a case where it is broken. */
    public function ofRule(string $rule): RedirectResponse
    {
        return redirect()->route('practice.case', ($this->book->ofRule($rule) ?? abort(404))->code);
    }

    public function show(Request $request, string $code): View
    {
        $case = $this->case($code);
        if ($case->sort === ExerciseKind::Judge) {
            $asked = $this->book->judgement($case);

            return view(
                'practice.judge',
                ['page' => $this->judgementPages->of($case, $asked, self::chosen($request, 'choice', $asked->choices))],
            );
        }
        $exercise = $this->exercise($case);
        $spotted = self::chosen($request, 'what', $exercise->codes);

        return view(
            'practice.exercise',
            ['page' => $this->exercisePages->of(
                $case,
                $exercise,
                $this->book,
                $spotted,
                $spotted === null ? null : self::chosen($request, 'way', $exercise->ways),
            )],
        );
    }

    public function answer(Request $request, string $code): RedirectResponse
    {
        $case = $this->case($code);
        if ($case->sort === ExerciseKind::Judge) {
            $asked = $this->book->judgement($case);
            $choice = self::chosen($request, 'choice', $asked->choices) ?? abort(422);
            $this->book->answered($case, $choice === $asked->right, Typed::key($request));

            return redirect()->route('practice.case', [$code, 'choice' => $choice]);
        }
        $exercise = $this->exercise($case);
        $spotted = self::chosen($request, 'what', $exercise->codes) ?? abort(422);
        $way = self::chosen($request, 'way', $exercise->ways);
        if ($way !== null) {
            $this->book->answered(
                $case,
                $exercise->codes[$spotted] === $exercise->mistake->code && $this->book->mends($exercise, $way),
                Typed::key($request),
            );
        }

        return redirect()->route(
            'practice.case',
            array_filter([$code, 'what' => $spotted, 'way' => $way], static fn (mixed $value): bool => $value !== null),
        );
    }

    private function case(string $code): PracticeCase
    {
        return $this->cases->read($code) ?? abort(404);
    }

    private function exercise(PracticeCase $case): Exercise
    {
        return $this->book->exercise($case) ?? abort(404);
    }

    /** @param  list<mixed>  $among */
    private static function chosen(Request $request, string $field, array $among): ?int
    {
        $text = Typed::text($request, $field, 2);

        return ctype_digit($text) && isset($among[(int) $text]) ? (int) $text : null;
    }
}
