<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use DateTimeImmutable;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\FixOutcome;
use Ilvane\Core\Safety\Severity;

/**
 * Tries every offer before it is shown. It is shown only if it ends its own finding, adds no stop, and leaves less
 * against the formula than before: fewer stops, or as many and fewer checks. What ends most comes first, then what
 * changes least.
 */
final readonly class TriedFixes
{
    public function __construct(private Evaluator $evaluator)
    {
    }

    /** @param  int  $most  so many are tried, the gravest findings' first; the rest comes once these are dealt with */
    public function of(
        Evaluation $evaluation,
        ?DateTimeImmutable $madeOn = null,
        int $most = PHP_INT_MAX,
    ): Evaluation {
        $document = self::documentOf($evaluation);
        $before = self::placesOf($evaluation);
        $findings = [];
        foreach ($evaluation->findings as $finding) {
            $fixes = [];
            foreach ($finding->fixes as $fix) {
                if ($most-- <= 0) {
                    break;
                }
                $tried = $this->tried($finding, $fix, $document, $evaluation, $before, $madeOn);
                $tried === null ?: $fixes[] = $tried;
            }
            usort($fixes, static fn (Fix $one, Fix $two): int => [count($two->ends), count($one->patch)]
                <=> [count($one->ends), count($two->patch)]);
            $findings[] = $finding->offering($fixes);
        }
        $open = array_map(static function (Finding $finding) use ($evaluation, $findings): Finding {
            $at = array_search($finding, $evaluation->findings, true);

            return $at === false ? $finding : $findings[$at]; // what is suspended is not among them
        }, $evaluation->open);

        return new Evaluation($evaluation->assessment, $findings, $open);
    }

    /** @return array<string, mixed> every line under its key, so that it is known again after a patch */
    private static function documentOf(Evaluation $evaluation): array
    {
        $document = FormulaDocument::write($evaluation->assessment->formula);
        $lines = is_array($document['lines']) ? array_values($document['lines']) : [];
        foreach ($evaluation->assessment->composition->lines as $i => $line) {
            $written = is_array($lines[$i] ?? null) ? $lines[$i] : [];
            if (isset($written['ingredient'])) {
                unset($written['text']); // it was read
            }
            $lines[$i] = [...$written, 'key' => $line->key()];
        }
        $document['lines'] = $lines;

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array{stop: list<string>, mind: list<string>}  $before
     */
    private function tried(
        Finding $finding,
        Fix $fix,
        array $document,
        Evaluation $evaluation,
        array $before,
        ?DateTimeImmutable $madeOn,
    ): ?Fix {
        try {
            $formula = FormulaDocument::read(Patch::apply($document, $fix->patch));
        } catch (DocumentRefused|PatchRefused) {
            return null;
        }
        $result = $this->evaluator->check($formula, madeOn: $madeOn);
        $after = self::placesOf($result);
        $isStill = array_filter($result->findings, static fn (Finding $one): bool => $one->code === $finding->code
            && self::placeOf($one, $result) === self::placeOf($finding, $evaluation));
        $newStops = array_diff($after['stop'], $before['stop']);
        $ends = array_values(array_diff(
            [...$before['stop'], ...$before['mind']],
            [...$after['stop'], ...$after['mind']],
        ));
        $was = [count($before['stop']), count($before['mind'])];
        $is = [count($after['stop']), count($after['mind'])];
        $isWorse = $finding->severity === Severity::Note ? $is > $was : $is >= $was;
        if ($isStill !== [] || $newStops !== [] || $isWorse) {
            return null;
        }

        return new Fix($fix->label, $fix->patch, $fix->terms, $ends, new FixOutcome(
            $result->verdict(),
            count($after['stop']),
            count($after['mind']),
        ));
    }

    /**
     * @return array{stop: list<string>, mind: list<string>} "code@keys" of what stands against it and what is to check
     */
    private static function placesOf(Evaluation $evaluation): array
    {
        $places = ['stop' => [], 'mind' => []];
        foreach ($evaluation->findings as $finding) {
            if ($finding->severity !== Severity::Note) {
                $places[$finding->severity->value][] = $finding->code.'@'.self::placeOf($finding, $evaluation);
            }
        }

        return $places;
    }

    private static function placeOf(Finding $finding, Evaluation $evaluation): string
    {
        return implode(',', $finding->keys !== [] ? $finding->keys : $evaluation->keysOf($finding));
    }
}
