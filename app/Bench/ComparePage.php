<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Evaluation;

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
        $others = array_values(array_diff($keys, [$b, self::DRAFT]));
        rsort($others, SORT_NUMERIC);
        foreach ($others as $key) {
            if ($document($key) !== $document($b)) {
                return $key;
            }
        }

        return $others[0] ?? self::DRAFT;
    }

    public static function of(Formula $formula, string $a, string $b): self
    {
        $versions = $formula->versions()->get()->keyBy('number');
        $parent = $formula->trial_of === null
            ? null
            : FormulaVersion::query()->with('formula')->find($formula->trial_of);
        $choices = [self::DRAFT => say('suggestions.draft')];
        foreach ($versions as $number => $version) {
            $choices[(string) $number] = say('suggestions.version', ['number' => (string) $number]);
        }
        if ($parent !== null) {
            $choices[self::PARENT] = say(
                'suggestions.trial.parent',
                ['name' => $parent->formula->name, 'number' => (string) $parent->number],
            );
        }
        $b = isset($choices[$b]) ? $b : self::DRAFT;
        $drafted = static fn (string $key): Draft => match ($key) {
            self::DRAFT => Draft::fromStored($formula->draft),
            self::PARENT => Draft::fromDocument($parent->document ?? []),
            default => Draft::fromDocument($versions[$key]->document ?? []),
        };
        $a = isset($choices[$a])
            ? $a
            : self::other(
                $b,
                array_map(strval(...), array_keys($choices)),
                $parent !== null,
                static fn (string $key): array => FormulaDocument::write($drafted($key)->formula()[0]),
            );
        $evaluated = static fn (string $key): Evaluation => app(Evaluator::class)->evaluate(
            $drafted($key)->formula()[0],
            madeOn: Carbon::now()->toDateTimeImmutable(),
        );

        return new self(
            $formula,
            $choices,
            $a,
            $b,
            $versions[$a]->note ?? '',
            $versions[$b]->note ?? '',
            SideBySide::of($evaluated($a), $evaluated($b), $choices[$a], $choices[$b]),
        );
    }
}
