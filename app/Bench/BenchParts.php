<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Ground\Vessels;
use App\Ground\Wording;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Evaluation;

/** What is made first, worded and drawn for the bench. */
final readonly class BenchParts
{
    /** Pixels a part's vessel is high: a third of the main one. */
    private const HIGH = 112;

    /** Half a band over its middle from which on it is worth showing. */
    private const WORTH_SHOWING = 0.02;

    public function __construct(
        private BenchRows $rows,
        private Vessels $vessels,
        private Wording $wording,
        private Catalogue $catalogue,
    ) {
    }

    /** @return list<BenchPart> in the order of the draft */
    public function of(Draft $draft, Evaluation $evaluation): array
    {
        $parts = [];
        foreach ($draft->parts() as $n => $held) {
            $part = $evaluation->assessment->composition->part($held['key']);
            if ($part !== null) {
                $parts[] = $this->part($draft, $held, $part, $evaluation, self::letter($n));
            }
        }

        return $parts;
    }

    public static function letter(int $n): string
    {
        return chr(ord('A') + $n); // at most 20
    }

    /**
     * Which row shows a line of a part, by the line's key in the evaluation; and the first row of each part.
     *
     * @return array<string, string>
     */
    public static function rowsByKey(Draft $draft, Composition $composition): array
    {
        $rows = [];
        foreach ($draft->parts() as $held) {
            $inside = $draft->linesOf($held['key']);
            foreach ($composition->part($held['key'])->lines ?? [] as $i => $line) {
                $rows[$line->key()] = $inside[$i]['key'] ?? '';
            }
            $rows[$held['key']] = "part-$held[key]";
        }

        return $rows;
    }

    /** @param  array{key: string, name: string, makes: string, gives: string, rest: array<string, mixed>}  $held */
    private function part(
        Draft $draft,
        array $held,
        WeighedPart $part,
        Evaluation $evaluation,
        string $letter,
    ): BenchPart {
        $assessment = $evaluation->assessment;
        $inside = $draft->linesOf($held['key']);
        $gravest = self::gravestByKey($evaluation);
        $rows = [];
        foreach ($part->lines as $i => $line) {
            if (isset($inside[$i])) {
                $rows[] = $this->rows->row(
                    $inside[$i],
                    $line,
                    $assessment->scaleResolutionG,
                    $gravest[$line->key()] ?? '',
                );
            }
        }
        $taken = Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(),
            $assessment->composition->takersOf($held['key']),
        ))->likely;
        $gives = $part->gives?->likely;
        $left = $gives === null ? null : $gives - $taken;

        return new BenchPart(
            $held,
            $letter,
            $rows,
            $part->isOily() ? 'oil' : 'water',
            $this->vessels->bench(
                $part->put,
                $part->isOily() ? Family::InfusedOil : Family::WaterSpray,
                0,
                stands: self::HIGH,
            ),
            $gives === null || $rows === [] ? '' : $this->wording->grams($gives < 20 ? $gives : round($gives)),
            $gives === null || $part->gives->relativeError() < self::WORTH_SHOWING
                ? ''
                : $this->wording->span($part->gives),
            $part->isStrained,
            $taken > 0 ? $this->wording->grams($taken) : '',
            $left === null || $left < 1 || $taken <= 0 ? '' : $this->wording->grams($left < 20 ? $left : round($left)),
            $left !== null && $left < -0.01 * $taken,
            $left === null || $left < 0 || $part->gives->low >= $taken
                ? ''
                : $this->wording->grams(ceil($taken - $part->gives->low)),
            $this->keeps($held),
            $gravest[$held['key']] ?? '',
        );
    }

    /** @param  array{key: string, name: string, makes: string, gives: string, rest: array<string, mixed>}  $held */
    private function keeps(array $held): string
    {
        $usual = $this->catalogue->partDefaults($held['makes']);
        $own = $held['rest']['good_for_hours'] ?? null;

        return match (true) {
            is_numeric($own) => say('parts.good_for', ['hours' => $this->wording->number((float) $own)]),
            $usual->counterHours === null || $usual->fridgeDays === null => say('parts.keeps_of_it'),
            default => say('parts.keeps', [
                'hours' => $this->wording->number($usual->counterHours),
                'days' => $this->wording->days($usual->fridgeDays),
            ]),
        };
    }

    /** @return array<string, string> severity by key of the line or part */
    private static function gravestByKey(Evaluation $evaluation): array
    {
        $gravest = [];
        foreach ($evaluation->findings as $finding) {
            foreach ($finding->keys as $key) {
                $gravest[$key] ??= $finding->severity->value;
            }
        }

        return $gravest;
    }
}
