<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\SuggestionKey;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;

/** The findings and offers of a draft, found again by what a press names. */
final readonly class Offers
{
    public function __construct(private Evaluator $evaluator, private DraftReader $draftReader)
    {
    }

    /** @return array<string, Finding> by "code@keys" */
    public function findingsOf(Draft $draft): array
    {
        $keys = array_column($draft->lines(), 'key');
        $found = [];
        foreach ($this->findings($draft) as $finding) {
            $found[SuggestionKey::idOf($finding, $keys)] = $finding;
        }

        return $found;
    }

    /** @param  string  $what  "code@keys#offer" */
    public function find(Draft $draft, string $what): ?Fix
    {
        return SuggestionKey::find($this->findings($draft), array_column($draft->lines(), 'key'), $what);
    }

    /** @return list<Finding> */
    private function findings(Draft $draft): array
    {
        [$formula] = $this->draftReader->read($draft);

        return $this->evaluator->evaluate($formula, madeOn: Carbon::now()->toDateTimeImmutable())->findings;
    }
}
