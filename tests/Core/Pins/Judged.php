<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;
use Tests\Core\Safety\FormulaSetTest;
use Tests\Core\Safety\NotesAndEdgesTest;
use Tests\Core\Safety\RulesTest;
use Tests\Support\SoundFormulas;

/** What is said of formulas and what is offered, figures and all. */
final readonly class Judged
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return iterable<string, mixed> */
    public function formulas(): iterable
    {
        $evaluator = new Evaluator($this->catalogue);
        foreach (self::documents() as $name => $document) {
            foreach (str_starts_with($name, 'swept') ? [false] : [false, true] as $onBatch) {
                $of = $evaluator->evaluate(FormulaDocument::read($document), $onBatch);
                yield $name.($onBatch ? ', made' : '') => [
                    $of->verdict()->value, $of->assessment->keeping->days, $of->isDated(),
                    ...array_map(self::brief(...), $of->findings),
                ];
            }
        }
    }

    public static function brief(Finding $finding): string
    {
        return implode(' ', [
            $finding->code, $finding->severity->value, $finding->certainty->name, $finding->variant,
            implode('+', $finding->lines), self::terms($finding->terms),
            ...array_map(static fn (Fix $fix): string => "=> $fix->label ".self::terms($fix->terms).' '
                .implode('; ', array_map(static fn (array $change): string => substr($change['op'], 0, 2)
                    .' '.$change['path'].' '.json_encode($change['value'] ?? null), $fix->patch)), $finding->fixes),
        ]);
    }

    /** @param  array<string, Term>  $terms */
    private static function terms(array $terms): string
    {
        $said = [];
        foreach ($terms as $name => $term) {
            $said[] = "$name=".match (true) {
                $term->value instanceof Band => implode('..', array_map(self::plain(...), [
                    $term->value->low, $term->value->likely, $term->value->high,
                ])),
                is_float($term->value) => self::plain($term->value),
                is_array($term->value) => implode(',', $term->value),
                default => mb_substr($term->value, 0, 40),
            };
        }

        return '('.implode(' ', $said).')';
    }

    private static function plain(float $number): string
    {
        return sprintf('%.5g', $number);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function documents(): iterable
    {
        foreach (SoundFormulas::all() as $name => [$family, $lines]) {
            yield $name => Formulas::of($family, $lines, SoundFormulas::all()[$name][2] ?? []);
        }
        foreach (FormulaSetTest::flawed() as $name => [$family, $lines, $more]) {
            yield $name => Formulas::of($family, $lines, $more);
        }
        foreach (RulesTest::faults() as $name => [$document]) {
            yield $name => $document;
        }
        foreach (NotesAndEdgesTest::pairs() as $name => $case) {
            foreach (array_filter($case, is_array(...)) as $i => $document) {
                yield "$name $i" => $document;
            }
        }
        foreach (json_decode((string) file_get_contents(dirname(__DIR__).'/Verdict/open.json'), true) as $case) {
            yield $case['name'] => $case['document'];
        }
        foreach ([...Formulas::swept(), ...Formulas::edges(), ...Formulas::madeUp()] as $name => $document) {
            yield "swept: $name" => $document;
        }
    }
}
