<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Drawing\Flow;
use App\Drawing\Section;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Workroom\VesselOf;
use App\Workroom\Wording;

/** A finished batch as the binder has it. Nothing here is computed again; all of it is read from the record. */
final readonly class BatchRecord
{
    /** Less than this is no part worth a word. */
    private const LEAST_G = 0.005;

    /**
     * @param  list<array{name: string, phase: string, planned: string, weighed: string, percent: string}>  $lines
     * @param  list<array{what: string, days: string}>  $keeping
     * @param  list<array{severity: string, message: string, because: string}>  $findings
     * @param  list<array{time: string, what: string, value: string, reason: string}>  $log
     * @param  list<array{part: string, label: string, figure: string, grams: float}>  $balance  where it went
     */
    private function __construct(
        public Batch $batch,
        public string $name,
        public string $regime,
        public string $verdict,
        public string $madeOn,
        public ?string $bestBefore,
        public string $noDate,
        public array $lines,
        public array $keeping,
        public array $findings,
        public array $log,
        public array $balance,
        public Flow $flow,
        public string $in,
        public string $yield,
        public ?string $ph,
        public Section $vessel,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $wording = app(Wording::class);
        $outcome = Outcome::of($batch);
        $state = MakeState::of($batch);
        $evaluation = $outcome['evaluation'];
        $yield = $outcome['yield'];
        $madeOn = $batch->finished_at ?? $batch->started_at;
        $parts = $outcome['balance'] ?? ['filled' => $yield['filled'], 'unexplained' => $yield['missing']];

        return new self(
            $batch,
            $state->formula->name,
            $evaluation['regime'],
            $evaluation['verdict'],
            $wording->date($madeOn),
            $batch->best_before === null ? null : $wording->date($batch->best_before),
            $outcome['no_date'] === null ? '' : say('words.refused.'.$outcome['no_date']),
            self::lines($evaluation['lines'], $outcome['planned'], $state->scale, $wording),
            array_map(static fn (array $step): array => ['what' => $step['what'], 'days' => $wording->days($step['days'])], $evaluation['keeping']['steps'] ?? []),
            array_map(static fn (array $found): array => ['severity' => $found['severity'], 'message' => $found['message'], 'because' => $found['because']], $evaluation['findings']),
            array_values($batch->entries->map(static fn (BatchEntry $entry): array => self::logged($entry, $state, $wording))->filter(static fn (array $row): bool => $row['value'] !== '' || $row['reason'] !== '')->all()),
            self::balance($parts, $wording),
            Flow::of(array_map(static fn (string $part, float $grams): array => ['part' => $part, 'share' => abs($grams) < self::LEAST_G ? 0.0 : $grams / max(1e-9, $yield['in'])], array_keys($parts), $parts)),
            $wording->grams($yield['in']),
            $yield['percent'] === null ? '–' : $wording->percent($yield['percent']),
            $outcome['ph'] === null ? null : $wording->number($outcome['ph'], 1, 1),
            app(VesselOf::class)->small($state->composition, $state->formula->family, true, 200),
        );
    }

    /** @return array{part: string, label: string, figure: string, grams: float} */
    public function part(string $named): array
    {
        foreach ($this->balance as $part) {
            if ($part['part'] === $named) {
                return $part;
            }
        }

        return ['part' => $named, 'label' => '', 'figure' => '', 'grams' => 0.0];
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
                $rows[] = ['part' => $part, 'label' => say("ui.record.parts.$part"), 'figure' => $wording->grams(round($grams, 1)), 'grams' => $grams];
            }
        }

        return $rows;
    }

    /**
     * @param  list<array{line: int, ingredient: ?string, phase: string, grams: ?array{likely: float}, percent: ?array{likely: float}}>  $lines
     * @param  list<?float>  $planned
     * @return list<array{name: string, phase: string, planned: string, weighed: string, percent: string}>
     */
    private static function lines(array $lines, array $planned, float $scale, Wording $wording): array
    {
        return array_map(static fn (array $line): array => [
            'name' => $line['ingredient'] === null ? '?' : $wording->ingredient($line['ingredient']),
            'phase' => say('words.phase.'.$line['phase']),
            'planned' => ($planned[$line['line'] - 1] ?? null) === null ? '–' : $wording->weighed((float) $planned[$line['line'] - 1], $scale),
            'weighed' => $line['grams'] === null ? '–' : $wording->weighed($line['grams']['likely'], $scale),
            'percent' => $line['percent'] === null ? '–' : $wording->number($line['percent']['likely'], 2, 2),
        ], $lines);
    }

    /** @return array{time: string, what: string, value: string, reason: string} */
    private static function logged(BatchEntry $entry, MakeState $state, Wording $wording): array
    {
        $ingredient = $entry->kind === 'weight' ? $state->composition->lines[(int) $entry->subject - 1]->ingredient ?? null : null;

        return [
            'time' => $wording->time($entry->recorded_at),
            'what' => match ($entry->kind) {
                'weight' => $ingredient === null ? say('make.verb.weigh') : $wording->ingredient($ingredient->key),
                'temperature' => $entry->subject === 'mix' ? say('make.in_the_bowl') : say('words.phase.'.$entry->subject),
                'ph' => 'pH',
                'fill' => trans_choice('ui.record.filled_into', (int) $entry->subject),
                'override' => say('ui.record.went_on'),
                'rescale' => say('ui.record.rescaled'),
                'accepted' => say('ui.record.accepted'),
                'cup' => say('ui.record.cup.'.($entry->subject === 'after' ? 'after' : 'before')),
                'strained' => say('ui.record.cloth'),
                'feel' => say('make.set.felt'),
                'lot' => say('make.from'),
                'drops' => say('ui.record.drops'),
                'sample' => say('ui.record.parts.samples'),
                'dose' => say('ui.record.dose'),
                'timer' => say('ui.record.timer', ['what' => say('make.verb.'.($state->plan->step($entry->step)->kind->value ?? 'hold'))]),
                default => '',
            },
            'value' => $entry->value === null ? '' : match ($entry->kind) {
                'temperature' => $wording->celsius($entry->value),
                'ph' => $wording->number($entry->value, 1, 1),
                'rescale' => '× '.$wording->number($entry->value, 3),
                'timer' => $wording->number($entry->value / 60, 1).' min',
                'drops' => $wording->number($entry->value, 0),
                default => $wording->grams($entry->value),
            },
            'reason' => match (true) {
                $entry->kind === 'feel' => say('make.set.'.$entry->subject),
                $entry->kind === 'lot' => $entry->subject === '' ? say('make.from_elsewhere') : $entry->subject,
                $entry->reason === LiveReading::LIVE => say('ui.record.live'),
                default => $entry->reason,
            },
        ];
    }
}
