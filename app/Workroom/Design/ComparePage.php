<?php

declare(strict_types=1);

namespace App\Workroom\Design;

use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Workroom\Bench\Draft;
use Illuminate\Support\Carbon;
use Ilvane\Core\Checks\Evaluation;
use Ilvane\Core\Checks\Evaluator;

/** Two states of a formula side by side: kept versions, the draft, and for a trial what it is a trial of. */
final readonly class ComparePage
{
    public const DRAFT = 'draft';

    private const PARENT = 'parent';

    /**
     * @param  array<int|string, string>  $choices  name by key
     */
    private function __construct(
        public Formula $formula,
        public array $choices,
        public string $a,
        public string $b,
        public string $noteA,
        public string $noteB,
        public SideBySide $sides,
    ) {
    }

    public static function of(Formula $formula, string $a, string $b): self
    {
        $versions = $formula->versions()->get()->keyBy('number');
        $parent = $formula->trial_of === null ? null : FormulaVersion::query()->with('formula')->find($formula->trial_of);
        $choices = [self::DRAFT => say('design.draft')];
        foreach ($versions as $number => $version) {
            $choices[(string) $number] = say('design.version', ['number' => (string) $number]);
        }
        if ($parent !== null) {
            $choices[self::PARENT] = say('design.trial.parent', ['name' => $parent->formula->name, 'number' => (string) $parent->number]);
        }
        $b = isset($choices[$b]) ? $b : self::DRAFT;
        $others = array_values(array_diff(array_map(strval(...), array_keys($choices)), [$b]));
        $a = isset($choices[$a]) ? $a : ($parent !== null ? self::PARENT : $others[0] ?? self::DRAFT);
        $evaluated = static function (string $key) use ($formula, $versions, $parent): Evaluation {
            $draft = match ($key) {
                self::DRAFT => Draft::fromStored($formula->draft),
                self::PARENT => Draft::fromDocument($parent->document ?? []),
                default => Draft::fromDocument($versions[$key]->document ?? []),
            };

            return app(Evaluator::class)->evaluate($draft->formula()[0], madeOn: Carbon::now()->toDateTimeImmutable());
        };

        return new self($formula, $choices, $a, $b, $versions[$a]->note ?? '', $versions[$b]->note ?? '', SideBySide::of($evaluated($a), $evaluated($b), $choices[$a], $choices[$b]));
    }
}
