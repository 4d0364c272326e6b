<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\TextLines;

/** Puts a formula through the models and the rule book. */
final readonly class Evaluator
{
    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools = new Tools,
    ) {
    }

    /**
     * @param  bool  $onBatch  judge a made batch (see Assessment)
     * @param  DateTimeImmutable|null  $madeOn  day of making, for lots already open
     */
    public function evaluate(Formula $formula, bool $onBatch = false, ?DateTimeImmutable $madeOn = null): Evaluation
    {
        $formula = (new TextLines($this->catalogue))->read($formula);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        $assessment = Assessment::of($this->catalogue, $formula, $composition, $this->tools, $onBatch, $madeOn);
        $findings = [];
        foreach (RuleBook::checks() as $check) {
            foreach ($check->examine($assessment) as $finding) {
                $findings[] = $finding;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return new Evaluation($assessment, $findings);
    }

    /** Its lines weighed, and nothing judged. */
    public function weigh(Formula $formula): Composition
    {
        return (new Weighing($this->catalogue, $this->tools))->of((new TextLines($this->catalogue))->read($formula));
    }
}
