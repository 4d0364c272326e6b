<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\KeepingClaim;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\TextLines;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\RuleBook;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\ShelfLife\Places;
use Ilvane\Core\Simulation\Simulator;

/**
 * The one place that judges: a formula with its parts and its process, through the models, the rule book and the
 * making gone through minute by minute. What the infusion planner or the simulation finds, this finds too.
 */
final readonly class Evaluator
{
    /** Nothing is missing for sure while something unknown could be it: it is asked instead. */
    private const OF_ABSENCE = [
        'preservation.missing',
        'preservation.narrow',
        'preservation.scent_is_not',
        'preservation.vitamin_e_is_not',
        'emulsion.no_emulsifier',
        'emulsion.not_an_emulsifier',
    ];

    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools = new Tools,
    ) {
    }

    /**
     * @param  bool  $onBatch  judge a made batch (see Assessment): how it was made is past
     * @param  DateTimeImmutable|null  $madeOn  day of making, for lots already open
     */
    public function evaluate(Formula $formula, bool $onBatch = false, ?DateTimeImmutable $madeOn = null): Evaluation
    {
        $assessment = $this->assess($formula, $onBatch, $madeOn);
        $findings = self::checked($assessment);
        if (! $onBatch && self::isToldHow($assessment->formula)) {
            foreach (Simulator::formula($assessment, $this->catalogue)->findings as $found) {
                self::say([$found['finding']], $findings);
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        $open = $this->open($assessment, $findings, $onBatch, $madeOn);
        $suspended = array_filter(
            $open,
            static fn (Finding $finding): bool => in_array($finding->code, self::OF_ABSENCE, true),
        );

        return new Evaluation(
            $assessment,
            array_values(array_filter(
                $findings,
                static fn (Finding $finding): bool => ! in_array($finding, $suspended, true),
            )),
            $open,
        );
    }

    /** By the rule book alone: what a change of the lines does, without going through the making again. */
    public function check(Formula $formula, bool $onBatch = false, ?DateTimeImmutable $madeOn = null): Evaluation
    {
        $assessment = $this->assess($formula, $onBatch, $madeOn);

        return new Evaluation($assessment, self::checked($assessment));
    }

    /** @return list<Finding> what the rule book says */
    private static function checked(Assessment $assessment): array
    {
        $findings = [];
        foreach (RuleBook::checks() as $check) {
            self::say($check->examine($assessment), $findings);
        }

        return $findings;
    }

    /**
     * The stops that something unknown could lift, found by trying: the unknown lines as nothing, as the thing that is
     * missing, or at the least and the most they may be.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private function open(Assessment $assessment, array $findings, bool $onBatch, ?DateTimeImmutable $madeOn): array
    {
        $trials = new Unknowns($assessment, $this->catalogue);
        if (! $trials->areThere()) {
            return [];
        }
        $lifted = [];
        foreach ($trials->formulas() as $formula) {
            $codes = array_column(self::checked($this->assess($formula, $onBatch, $madeOn)), 'code');
            foreach ($findings as $finding) {
                $isStop = $finding->severity === Severity::Stop;
                if ($isStop && ! in_array($finding->code, $codes, true) && ! in_array($finding, $lifted, true)) {
                    $lifted[] = $finding;
                }
            }
        }

        return $lifted;
    }

    /** How long it keeps in each place it may stand, as made. */
    public function places(Formula $formula, DateTimeImmutable $madeOn): Places
    {
        $days = [];
        $isFresh = false;
        foreach (Storage::cases() as $place) {
            $keeping = new KeepingClaim($formula->keeping->intended, $place, $formula->keeping->claimedDays);
            $there = $this->assess($formula->keptAs($keeping), true, $madeOn);
            $days[$place->value] = $there->keeping->days;
            $isFresh = $isFresh || $there->preservation->regime === Regime::Fresh;
        }

        return new Places($days, $isFresh);
    }

    /** What the models say of it, and nothing judged. */
    public function assess(Formula $formula, bool $onBatch = false, ?DateTimeImmutable $madeOn = null): Assessment
    {
        $formula = (new TextLines($this->catalogue))->read($formula);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);

        return Assessment::of($this->catalogue, $formula, $composition, $this->tools, $onBatch, $madeOn);
    }

    /** Its lines weighed, and nothing judged. */
    public function weigh(Formula $formula): Composition
    {
        return (new Weighing($this->catalogue, $this->tools))->of((new TextLines($this->catalogue))->read($formula));
    }

    /** The usual course in the usual kitchen goes well; it is gone through once the maker has said anything of it. */
    private static function isToldHow(Formula $formula): bool
    {
        return $formula->process->isTold() || $formula->container !== null;
    }

    /**
     * Two rules may see the same thing from two sides: it is said once, by the first.
     *
     * @param  iterable<Finding>  $new
     * @param  list<Finding>  $findings
     */
    private static function say(iterable $new, array &$findings): void
    {
        foreach ($new as $finding) {
            foreach ($findings as $said) {
                if (
                    $said->code === $finding->code
                    && $said->lines === $finding->lines
                    && ($said->keys === [] || $said->keys === $finding->keys)
                ) {
                    continue 2;
                }
            }
            $findings[] = $finding;
        }
    }
}
