<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftLines;
use App\Ground\Wording;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;

/**
 * The lines of a draft, worded and weighed, lane by lane.
 *
 * @phpstan-import-type Row from BenchPage
 * @phpstan-import-type Lane from BenchPage
 * @phpstan-import-type DraftLine from DraftLines
 */
final readonly class BenchRows
{
    /** Half a band over its middle from which on it is worth showing. */
    private const WORTH_SHOWING = 0.02;

    public function __construct(private Catalogue $catalogue, private Wording $wording)
    {
    }

    /** @return list<Lane> */ /** @return list<Lane> */
    public function lanes(Draft $draft, Evaluation $evaluation): array
    {
        $wording = $this->wording;
        $composition = $evaluation->assessment->composition;
        $scale = $evaluation->assessment->scaleResolutionG;
        $gravest = self::gravestByLine($evaluation->findings);
        $lanes = [];
        foreach (Phase::cases() as $phase) {
            $rows = [];
            foreach ($composition->lines as $i => $line) {
                if ($line->phase === $phase) {
                    $rows[] = $this->row($draft->lines()[$i], $line, $scale, $gravest[$line->position] ?? '');
                }
            }
            $grams = $composition->gramsOf($phase);
            $lanes[] = [
                'phase' => $phase->value,
                'name' => say('words.phase.'.$phase->value),
                'means' => say('words.phase_means.'.$phase->value),
                'grams' => $rows === [] || $composition->total === null || $grams->likely <= 0
                    ? ''
                    : $wording->grams($grams->likely),
                'percent' => $rows === [] || $phase === Phase::Infusion || $grams->likely <= 0
                    ? ''
                    : $wording->percent(100 * $composition->shareOf($phase)->likely),
                'rows' => $rows,
            ];
        }

        return $lanes;
    }

    /**
     * @param  DraftLine  $held
     * @param  float  $scale  grams it can show
     * @return Row
     */
    public function row(array $held, WeighedLine $line, float $scale, string $gravest): array
    {
        [$catalogue, $wording] = [$this->catalogue, $this->wording];
        $grams = $line->grams;
        $isUntouched = $held['name'] === '' && $held['ingredient'] === '' && $held['amount'] === '';

        return [
            'key' => $held['key'],
            'position' => $line->position,
            'ingredient' => $held['ingredient'],
            'name' => $held['ingredient'] !== '' && $catalogue->has($held['ingredient'])
                ? $wording->ingredient($held['ingredient']) : $held['name'],
            'amount' => $held['amount'],
            'prepared' => $held['prepared'],
            'prepared_said' => implode(', ', array_map(
                static fn (string $way): string => say("words.prepared.$way"),
                explode(DraftLines::AND, $held['prepared']),
            )),
            'phase' => $line->phase->value,
            'grams' => $grams === null
                ? ''
                : $wording->weighed(
                    $grams->likely,
                    min($scale, $grams->likely < 1 ? 0.01 : ($grams->likely < 10 ? 0.1 : 1.0)),
                ),
            'band' => $grams === null || $grams->relativeError() < self::WORTH_SHOWING ? ''
                : $wording->span($grams),
            'percent' => $line->percent() === null ? '' : $wording->number($line->percent()->likely, 2, 2),
            'unfinished' => $held['name'] === '' || $held['amount'] === '',
            'error' => isset($held['rest']['refused'])
                ? say('findings.unread.ring')
                : ($line->unread === null || $isUntouched ? '' : say('findings.unread.'.$line->unread)),
            'gravest' => $gravest,
            'in' => $held['in'],
            'part' => is_string($held['rest']['part'] ?? null) ? $held['rest']['part'] : '',
            'lot' => self::lotOf($held['rest'], $wording),
            'weighs' => $grams === null || $line->amount?->kind === AmountKind::Rest
                ? ''
                : (string) round($grams->likely, 4),
        ];
    }

    /**
     * Which lot of the pantry the line takes from, and its date.
     *
     * @param  array<string, mixed>  $rest
     */
    private static function lotOf(array $rest, Wording $wording): string
    {
        $date = is_string($rest['best_before'] ?? null)
            ? Carbon::createFromFormat('!Y-m-d', $rest['best_before'])
            : null;

        return is_string($rest['lot'] ?? null)
            ? $rest['lot'].($date === null ? '' : ', '.say('pantry.good_until', ['date' => $wording->shortDate($date)]))
            : '';
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<int, string>
     */
    private static function gravestByLine(array $findings): array
    {
        $gravest = [];
        foreach ($findings as $finding) {
            foreach ($finding->lines as $line) {
                $gravest[$line] ??= $finding->severity->value;
            }
        }

        return $gravest;
    }
}
