<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Flow;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Unit;

/** Builds what BatchRecord shows. */
final readonly class BatchRecordFactory
{
    /** Less than this is no part worth a word. */
    private const LEAST_G = 0.005;

    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private MakeStateFactory $makeStates,
    ) {
    }

    public function of(Batch $batch): BatchRecord
    {
        $wording = $this->wording;
        $outcome = Outcome::of($batch);
        $state = $this->makeStates->of($batch);
        $evaluation = $outcome['evaluation'];
        $yield = $outcome['yield'];
        $madeOn = $batch->finished_at ?? $batch->started_at;
        $parts = $outcome['balance'] ?? ['filled' => $yield['filled'], 'unexplained' => $yield['missing']];

        return new BatchRecord(
            $batch,
            $state->formula->name,
            $evaluation['regime'],
            $evaluation['verdict'],
            $wording->date($madeOn),
            $batch->best_before === null ? null : $wording->date($batch->best_before),
            $outcome['no_date'] === null ? '' : say('words.refused.'.$outcome['no_date']),
            isset($outcome['lines'])
                ? self::lines(
                    $outcome['lines'],
                    LotShares::ofBatch($batch),
                    $outcome['planned'],
                    $yield['in'],
                    $state,
                    $wording,
                )
                : self::linesBefore($evaluation['lines'], $outcome['planned'], $state, $wording),
            array_map(
                static fn (array $step): array => ['what' => $step['what'], 'days' => $wording->days($step['days'])],
                $evaluation['keeping']['steps'] ?? [],
            ),
            array_map(
                static fn (array $found): array => [
                    'severity' => $found['severity'],
                    'message' => $found['message'],
                    'because' => $found['because'],
                ],
                $evaluation['findings'],
            ),
            array_values($batch->entries->map(static fn (BatchEntry $entry): array => self::logged(
                $entry,
                $state,
                $wording,
            ))->filter(static fn (array $row): bool => $row['value'] !== '' || $row['reason'] !== '')->all()),
            self::balance($parts, $wording),
            Flow::of(array_map(
                static fn (string $part, float $grams): array => [
                    'part' => $part,
                    'share' => abs($grams) < self::LEAST_G ? 0.0 : $grams / max(1e-9, $yield['in']),
                ],
                array_keys($parts),
                $parts,
            )),
            $wording->grams($yield['in']),
            $yield['percent'] === null ? '–' : $wording->percent($yield['percent']),
            $outcome['ph'] === null ? null : $wording->number($outcome['ph'], 1, 1),
            $this->vessels->small($state->composition, $state->formula->family, true, 200),
            self::byState($yield['by_state'] ?? [], $wording),
            array_map(
                static fn (string $step): string => say(
                    'make.verb.'.($state->plan->step($step)->kind->value ?? 'weigh'),
                ),
                $outcome['not_done'] ?? [],
            ),
            Looks::beside($batch, $state->plan),
        );
    }

    /**
     * @param  array<string, float>  $parts
     * @return list<array{part: string, label: string, figure: string, grams: float}>
     */
    private static function balance(array $parts, Wording $wording): array
    {
        $rows = [];
        foreach ($parts as $part => $grams) {
            if (abs($grams) >= self::LEAST_G) {
                $rows[] = [
                    'part' => $part,
                    'label' => say("ui.record.parts.$part"),
                    'figure' => $wording->grams(round($grams, 1)),
                    'grams' => $grams,
                ];
            }
        }

        return $rows;
    }

    /**
     * How much of each line went in and how that is known. Only a figure that was read is shown as one.
     *
     * @param  list<array{line: int, ingredient: string|null, name: string, phase: string, state: string,
     *   entered: string, drops: float|null, grams: array{low: float, likely: float, high: float}|null,
     *   lots?: array<string, float>, no_lot?: float}>  $lines
     * @param  array<int, LotShares>  $from  by line
     * @param  list<?float>  $planned
     * @return list<array{name: string, phase: string, planned: string, taken: string, state: string, is: string,
     *   lots: list<array{lot: string, grams: string}>, percent: string}>
     */
    private static function lines(
        array $lines,
        array $from,
        array $planned,
        float $in,
        MakeState $state,
        Wording $wording,
    ): array {
        $rows = [];
        foreach ($lines as $line) {
            $is = LineState::from($line['state']);
            $grams = $line['grams']['likely'] ?? null;
            $isInBatch = $state->composition->lines[$line['line'] - 1]->isInBatch();
            $rows[] = [
                'name' => $line['ingredient'] === null ? $line['name'] : $wording->ingredient($line['ingredient']),
                'phase' => say('words.phase.'.$line['phase']),
                'planned' => self::planned(
                    $line['entered'],
                    $planned[$line['line'] - 1] ?? null,
                    $state,
                    $line['line'],
                    $wording,
                ),
                'taken' => match (true) {
                    $is === LineState::Counted
                        && $line['drops'] !== null => say(
                            'make.drops_counted',
                            ['count' => $wording->number($line['drops'], 0)],
                        ),
                    $grams === null || $is === LineState::NotDone => '–',
                    $is === LineState::Weighed,
                    $is === LineState::UnknownBefore => $wording->weighed($grams, $state->scale),
                    default => say('ui.record.about', ['grams' => $wording->weighed($grams, $state->scale)]),
                },
                'state' => $is->word()
                    .($is === LineState::Counted && $line['grams'] !== null ? ', '.$wording->gramsBand(Band::of(
                        $line['grams']['low'],
                        $line['grams']['likely'],
                        $line['grams']['high'],
                    )) : ''),
                'is' => $is->value,
                'lots' => isset($from[$line['line']]) ? self::lots($from[$line['line']], $wording) : [],
                'percent' => $grams === null || ! $isInBatch || $in <= 0
                    ? '–'
                    : $wording->number(100 * $grams / $in, 2, 2),
            ];
        }

        return $rows;
    }

    /** @return list<array{lot: string, grams: string}> the lots a line came from; "" for what no lot was told for */
    private static function lots(LotShares $from, Wording $wording): array
    {
        $rows = array_map(
            static fn (string $code, float $grams): array => ['lot' => $code, 'grams' => $wording->grams($grams)],
            array_keys($from->lots),
            $from->lots,
        );

        return $from->none > 0.0 ? [...$rows, ['lot' => '', 'grams' => $wording->grams($from->none)]] : $rows;
    }

    /** @return list<string> lines that were taken as planned without a figure */
    public function notWeighed(Batch $batch): array
    {
        $wording = $this->wording;
        $lines = array_filter(
            Outcome::of($batch)['lines'] ?? [],
            static fn (array $line): bool => $line['state'] === LineState::AsPlanned->value,
        );

        return array_values(array_map(
            static fn (array $line): string => $line['ingredient'] === null
                ? $line['name']
                : $wording->ingredient($line['ingredient']),
            $lines,
        ));
    }

    /** In drops where it was written in drops, else in grams. */
    private static function planned(
        string $entered,
        ?float $grams,
        MakeState $state,
        int $line,
        Wording $wording,
    ): string {
        $amount = $state->composition->lines[$line - 1]->amount;

        return match (true) {
            $amount?->unit === Unit::Drop => $entered,
            $grams === null => '–',
            default => $wording->weighed($grams, $state->scale),
        };
    }

    /**
     * Batches finished before it was kept how a figure came about.
     *
     * @param  list<array{line: int, ingredient: ?string, phase: string, grams: ?array{likely: float},
     *   percent: ?array{likely: float}}>  $lines
     * @param  list<?float>  $planned
     * @return list<array{name: string, phase: string, planned: string, taken: string, state: string, is: string,
     *   lots: list<array{lot: string, grams: string}>, percent: string}>
     */
    private static function linesBefore(array $lines, array $planned, MakeState $state, Wording $wording): array
    {
        return array_map(static fn (array $line): array => [
            'name' => $line['ingredient'] === null
                ? $state->formula->lines[$line['line'] - 1]->spokenOf()
                : $wording->ingredient($line['ingredient']),
            'phase' => say('words.phase.'.$line['phase']),
            'planned' => ($planned[$line['line'] - 1] ?? null) === null
                ? '–'
                : $wording->weighed((float) $planned[$line['line'] - 1], $state->scale),
            'taken' => $line['grams'] === null ? '–' : $wording->weighed($line['grams']['likely'], $state->scale),
            'state' => LineState::UnknownBefore->word(),
            'is' => LineState::UnknownBefore->value,
            'lots' => [],
            'percent' => $line['percent'] === null ? '–' : $wording->number($line['percent']['likely'], 2, 2),
        ], $lines);
    }

    /**
     * @param  array<string, float>  $grams  by state
     * @return list<string>
     */
    private static function byState(array $grams, Wording $wording): array
    {
        $said = [];
        foreach ($grams as $state => $amount) {
            if ($amount >= self::LEAST_G) {
                $said[] = say("ui.record.by_state.$state", ['grams' => $wording->grams(round($amount, 1))]);
            }
        }

        return $said;
    }

    /** @return array{time: string, what: string, value: string, reason: string} */
    private static function logged(BatchEntry $entry, MakeState $state, Wording $wording): array
    {
        $line = str_starts_with($entry->step, 'weigh.')
            ? $state->composition->lines[(int) substr($entry->step, strlen('weigh.')) - 1] ?? null
            : null;
        $name = $line === null
            ? say('make.verb.'.($state->plan->step($entry->step)->kind->value ?? 'weigh'))
            : ($line->ingredient === null ? $line->line->spokenOf() : $wording->ingredient($line->ingredient->key));

        return [
            'time' => $wording->time($entry->recorded_at),
            'what' => match ($entry->kind->value) {
                'weight', 'weighed', 'as_planned', 'not_done', 'drops' => $name,
                'dropped', 'resumed' => say("ui.record.{$entry->kind->value}"),
                'temperature' => $entry->subject === 'mix'
                    ? say('make.in_the_bowl')
                    : say('words.phase.'.$entry->subject),
                'ph' => 'pH',
                'fill' => trans_choice('ui.record.filled_into', (int) $entry->subject),
                'override' => say('ui.record.went_on'),
                'rescale' => say('ui.record.rescaled'),
                'accepted' => say('ui.record.accepted'),
                'cup' => say('ui.record.cup.'.($entry->subject === 'after' ? 'after' : 'before')),
                'strained' => say('ui.record.cloth'),
                'feel' => say('make.set.felt'),
                'little' => $name,
                'look' => say('make.looks.'.explode(':', $entry->subject)[0].'.name'),
                'lot' => say('make.from'),
                'sample' => say('ui.record.parts.samples'),
                'dose' => say('ui.record.dose'),
                'timer' => say(
                    'ui.record.timer',
                    ['what' => say('make.verb.'.($state->plan->step($entry->step)->kind->value ?? 'hold'))],
                ),
                default => '',
            },
            'value' => $entry->value === null || $entry->kind === BatchEntryKind::AsPlanned
                ? ''
                : match ($entry->kind->value) {
                    'temperature' => $wording->celsius($entry->value),
                    'ph' => $wording->number($entry->value, 1, 1),
                    'rescale' => '× '.$wording->number($entry->value, 3),
                    'timer' => $wording->number($entry->value / 60, 1).' min',
                    'drops' => say('make.drops_counted', ['count' => $wording->number($entry->value, 0)]),
                    default => $wording->grams($entry->value),
                },
            'reason' => match (true) {
                $entry->kind === BatchEntryKind::Feel => say('make.set.'.$entry->subject),
                $entry->kind === BatchEntryKind::Look => say('make.looks.'.str_replace(':', '.', $entry->subject)),
                $entry->kind === BatchEntryKind::Little => say('make.little.dosed'),
                $entry->kind === BatchEntryKind::Weight => LineState::UnknownBefore->word(),
                $entry->kind === BatchEntryKind::Weighed && $entry->reason === '',
                $entry->kind === BatchEntryKind::AsPlanned,
                $entry->kind === BatchEntryKind::NotDone => LineState::from($entry->kind->value)->word(),
                $entry->kind === BatchEntryKind::Resumed => $state->batch->code,
                $entry->kind === BatchEntryKind::Lot => ($entry->subject ?: say('make.from_elsewhere'))
                    .($entry->reason === '' ? '' : ": $entry->reason"),
                $entry->reason === LiveReading::LIVE => say('ui.record.live'),
                default => $entry->reason,
            },
        ];
    }
}
