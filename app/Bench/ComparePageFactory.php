<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Evaluation;

/** Builds what ComparePage shows. */
final readonly class ComparePageFactory
{
    private const PARENT = 'parent';

    public function __construct(
        private Evaluator $evaluator,
        private DraftReader $draftReader,
        private SideBySideFactory $sideBySides,
    ) {
    }

    /**
     * What to hold it against where nobody said: what it was tried from, else the newest version that differs from it.
     *
     * @param  list<string>  $keys
     * @param  callable(string): array<string, mixed>  $document
     */
    private static function other(string $b, array $keys, bool $hasParent, callable $document): string
    {
        if ($hasParent) {
            return self::PARENT;
        }
        $others = array_values(array_diff($keys, [$b, ComparePage::DRAFT]));
        rsort($others, SORT_NUMERIC);
        foreach ($others as $key) {
            if ($document($key) !== $document($b)) {
                return $key;
            }
        }

        return $others[0] ?? ComparePage::DRAFT;
    }

    public function of(Formula $formula, string $a, string $b): ComparePage
    {
        $versions = $formula->versions()->get()->keyBy('number');
        $parent = $formula->trial_of === null
            ? null
            : FormulaVersion::query()->with('formula')->find($formula->trial_of);
        $choices = [ComparePage::DRAFT => say('suggestions.draft')];
        foreach ($versions as $number => $version) {
            $choices[(string) $number] = say('suggestions.version', ['number' => (string) $number]);
        }
        if ($parent !== null) {
            $choices[self::PARENT] = say(
                'suggestions.trial.parent',
                ['name' => $parent->formula->name, 'number' => (string) $parent->number],
            );
        }
        $b = isset($choices[$b]) ? $b : ComparePage::DRAFT;
        $drafted = static fn (string $key): Draft => match ($key) {
            ComparePage::DRAFT => Draft::fromStored($formula->draft),
            self::PARENT => Draft::fromDocument($parent->document ?? []),
            default => Draft::fromDocument($versions[$key]->document ?? []),
        };
        $a = isset($choices[$a])
            ? $a
            : self::other(
                $b,
                array_map(strval(...), array_keys($choices)),
                $parent !== null,
                fn (string $key): array => FormulaDocument::write($this->draftReader->read($drafted($key))[0]),
            );
        $evaluated = fn (string $key): Evaluation => $this->evaluator->evaluate(
            $this->draftReader->read($drafted($key))[0],
            madeOn: Carbon::now()->toDateTimeImmutable(),
        );

        return new ComparePage(
            $formula,
            $choices,
            $a,
            $b,
            $versions[$a]->note ?? '',
            $versions[$b]->note ?? '',
            $this->sideBySides->of($evaluated($a), $evaluated($b), $choices[$a], $choices[$b]),
        );
    }
}
