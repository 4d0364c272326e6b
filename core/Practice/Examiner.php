<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;

/** Marks what is practised: the checks of the formula and, where a making is planned, the rehearsal of it. */
final class Examiner
{
    /** Judged documents remembered; a case is asked about several times over. */
    private const REMEMBERED = 24;

    /** @var array<string, list<Finding>> by document */
    private array $judged = [];

    public function __construct(public readonly Evaluator $evaluator)
    {
    }

    /**
     * All that stands against it, notes left out.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     * @return list<Finding>
     */
    public function judge(array $document): array
    {
        $key = hash('xxh128', serialize($document));
        if (! isset($this->judged[$key])) {
            $this->judged = [...array_slice($this->judged, 1 - self::REMEMBERED), $key => $this->judgedAnew($document)];
        }

        return $this->judged[$key];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Finding>
     */
    private function judgedAnew(array $document): array
    {
        $evaluation = $this->evaluator->evaluate(FormulaDocument::read($document));

        return array_values(array_filter(
            $evaluation->findings,
            static fn (Finding $finding): bool => $finding->severity !== Severity::Note || $finding->fixes !== [],
        ));
    }

    /** @param  array<string, mixed>  $document */
    public function find(array $document, string $code): ?Finding
    {
        foreach ($this->judge($document) as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    public function codes(array $document): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code, $this->judge($document));
    }

    /** @param  array<string, mixed>  $document */
    public function stops(array $document): bool
    {
        foreach ($this->judge($document) as $finding) {
            if ($finding->severity === Severity::Stop) {
                return true;
            }
        }

        return false;
    }
}
