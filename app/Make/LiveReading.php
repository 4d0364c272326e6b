<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\LearnedMakes;
use App\Ground\Wording;
use App\Instruments\Instruments;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\ReadingTrust;
use Ilvane\Core\Physics\Heat\CoolingRate;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Kitchen;
use Ilvane\Core\Simulation\Simulation;
use Ilvane\Core\Simulation\Simulator;

/**
 * What the instruments show at a step, whether they can be believed, and how long it will still take by what they show.
 */
final readonly class LiveReading
{
    /** So many earlier readings are listened to. */
    private const REMEMBERED = 60;

    /** The reason of an entry nobody pressed for. */
    public const LIVE = 'live';

    public function __construct(
        private MakeBook $makes,
        private Instruments $instruments,
        private Wording $wording,
        private Evaluator $evaluator,
        private Catalogue $catalogue,
    ) {
    }

    /** @return array<string, string> instrument by field of the step's form */
    public static function wanted(Step $step): array
    {
        return match ($step->kind) {
            StepKind::Weigh => ['weight' => 'scale'],
            StepKind::Heat => array_combine(
                array_column($step->phases, 'value'),
                array_map(static fn (Phase $phase): string => "thermometer $phase->value", $step->phases),
            ),
            StepKind::Gate => ['mix' => 'thermometer mix'],
            StepKind::TestPh => ['ph' => 'ph'],
            default => [],
        };
    }

    /**
     * @param  array<mixed>  $seen  by field, earlier readings as "seconds:value,…"
     * @param  float  $now  seconds, on the page's own clock
     * @return array{readings: array<string, array{value: float|null, shown: string, trust: string, words: string}>,
     *   left: string}
     */
    public function at(MakeState $state, Step $step, array $seen, float $now): array
    {
        $readings = [];
        $left = '';
        foreach (self::wanted($step) as $field => $instrument) {
            $value = $this->instruments->read($instrument);
            $series = [...self::series($seen[$field] ?? null), ...($value === null ? [] : [[$now, $value]])];
            $kind = explode(' ', $instrument)[0];
            $trust = ReadingTrust::of($kind, $series, $now, $kind === 'thermometer');
            $readings[$field] = [
                'value' => $trust === ReadingTrust::Sound ? $value : null,
                'shown' => $value === null
                    ? '–'
                    : $this->wording->number(
                        $value,
                        $kind === 'scale' ? Wording::digitsOf($state->scale) : ($kind === 'ph' ? 2 : 1),
                        $kind === 'ph' ? 2 : 1,
                    ),
                'trust' => $trust->value, 'words' => $trust === ReadingTrust::Sound
                    ? ''
                    : say("make.trust.$trust->value"),
            ];
            if ($kind === 'thermometer' && $trust === ReadingTrust::Sound && $value !== null) {
                $this->writeDown($state, $step, $field, $value);
            }
            $left = $left === '' && $trust === ReadingTrust::Sound && $value !== null
                ? $this->left($state, $step, $series, $value)
                : $left;
        }

        return ['readings' => $readings, 'left' => $left];
    }

    /**
     * @return array<string, list<array{float, float}>> what the rehearsal says of this step's temperatures: minutes
     *   from its beginning and °C, by potful
     */
    public function rehearsed(MakeState $state, Step $step): array
    {
        $rehearsal = $this->rehearse($state);
        $wanted = in_array($step->kind, [StepKind::Heat, StepKind::Gate], true) ? $step->kind : null;
        foreach ($rehearsal->course->steps as $i => $planned) {
            if ($planned->kind === $wanted) {
                [$from, $to] = [$rehearsal->stretches[$i]['from'], $rehearsal->stretches[$i]['to']];
                $curves = [];
                foreach ($rehearsal->samples as $sample) {
                    if ($sample['minute'] >= $from - 0.5 && $sample['minute'] <= $to + 0.5) {
                        foreach (['water' => 'water_c', 'oil' => 'oil_c', 'mix' => 'mix_c'] as $name => $column) {
                            if ($sample[$column] !== null) {
                                $curves[$name][] = [max(0.0, $sample['minute'] - $from), $sample[$column]];
                            }
                        }
                    }
                }

                return $curves;
            }
        }

        return [];
    }

    public function rehearse(MakeState $state): Simulation
    {
        return Simulator::formula(
            $this->evaluator->assess($state->formula),
            $this->catalogue,
            own: LearnedMakes::flows(),
        );
    }

    /** One reading a minute goes into the record by itself. */
    private function writeDown(MakeState $state, Step $step, string $field, float $celsius): void
    {
        $minute = intdiv(Carbon::now()->getTimestamp(), 60);
        $key = "live-{$state->batch->id}-$step->key-$field-$minute";
        // asked twice a second: the table is only touched when the minute is new
        if (! $state->batch->entries->contains('client_key', $key)) {
            $this->makes->record(
                $state->batch,
                [
                    'step' => $step->key,
                    'kind' => 'temperature',
                    'subject' => $field,
                    'value' => round($celsius, 1),
                    'reason' => self::LIVE,
                ],
                $key,
            );
        }
    }

    /** @param  list<array{float, float}>  $series */
    private function left(MakeState $state, Step $step, array $series, float $celsius): string
    {
        if ($step->celsius === null || ! in_array($step->kind, [StepKind::Gate, StepKind::Heat], true)) {
            return '';
        }
        $kitchen = Kitchen::of($state->formula, $state->composition, $this->catalogue);
        $around = $step->kind === StepKind::Heat ? $kitchen->bath : $kitchen->coolsIn($kitchen->cool);
        $rate = CoolingRate::fit($series, $around);
        $seconds = $rate === null ? null : CoolingRate::secondsTo($rate, $celsius, $step->celsius, $around);

        return match (true) {
            $seconds === null => '',
            $seconds <= 0 => say('make.there'),
            default => say(
                'make.left',
                [
                    'minutes' => $this->wording->number(max(1, round($seconds / 60)), 0),
                    'celsius' => $this->wording->celsius($step->celsius),
                ],
            ),
        };
    }

    /** @return list<array{float, float}> */
    private static function series(mixed $typed): array
    {
        $series = [];
        foreach (is_string($typed) ? array_slice(explode(',', $typed), -self::REMEMBERED) : [] as $pair) {
            [$at, $value] = [...explode(':', $pair, 2), ''];
            if (is_numeric($at) && is_numeric($value)) {
                $series[] = [(float) $at, (float) $value];
            }
        }

        return $series;
    }
}
