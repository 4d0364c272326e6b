<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Material\Phase;

/**
 * Reads and writes the process of an open formula. Strict in: an unknown step or an impossible value is refused with
 * its path.
 */
final class ProcessDocument
{
    private const FIELDS = [
        'heat_to_c',
        'gate_c',
        'bath_c',
        'room_c',
        'fridge_c',
        'altitude_m',
        'vessels',
        'covered',
        'cool',
        'pour',
        'steps',
        'noted',
    ];

    private const STEP_FIELDS = [
        'do',
        'key',
        'what',
        'to_c',
        'minutes',
        'burst_s',
        'rest_s',
        'times',
        'phase',
        'how',
        'note',
    ];

    private const MAX_STEPS = 100;

    /** @throws DocumentRefused */
    public static function read(Document $document): Process
    {
        $process = $document->object('process', self::FIELDS);
        if ($process === null) {
            return new Process;
        }

        return new Process(
            heatTo: $process->number('heat_to_c', 0, 150),
            coolDown: $process->number('gate_c', 0, 100),
            conditions: self::conditions($process),
            steps: self::steps($process, 'steps'),
            noted: self::steps($process, 'noted'),
        );
    }

    /**
     * @return list<Step>
     *
     * @throws DocumentRefused
     */
    private static function steps(Document $process, string $key): array
    {
        $steps = [];
        foreach ($process->list($key, self::MAX_STEPS) as $i => $step) {
            $steps[] = self::step($step, $process->at("$key/$i"));
        }

        return $steps;
    }

    private static function conditions(Document $process): Conditions
    {
        $covered = $process->has('covered') ? $process->raw('covered') : null;
        if ($covered !== null && ! is_bool($covered)) {
            throw $process->refused('covered', 'not_true_or_false');
        }
        $vessels = $process->object('vessels', ['water', 'oil', 'mix']);

        return new Conditions(
            room: $process->number('room_c', -20, 60),
            altitude: $process->number('altitude_m', -500, 9000),
            bath: $process->number('bath_c', 20, 120),
            waterVessel: $vessels?->text('water', 60),
            oilVessel: $vessels?->text('oil', 60),
            mixVessel: $vessels?->text('mix', 60),
            isCovered: $covered,
            cool: $process->oneOf('cool', Cooling::class),
            pour: $process->oneOf('pour', PourOrder::class),
            fridge: $process->number('fridge_c', -2, 20),
        );
    }

    /** @throws DocumentRefused */
    public static function step(mixed $decoded, string $path = ''): Step
    {
        $step = Document::open($decoded, $path, [...self::STEP_FIELDS, ...StepDetailsDocument::fields()]);
        /** @var StepKind $kind */
        $kind = $step->oneOf('do', StepKind::class, required: true);
        $what = $step->text('what', 60);
        $phase = $step->oneOf('phase', Phase::class);
        $details = StepDetailsDocument::read($step, $kind);
        $minutes = $step->number('minutes', 0, 1_000_000);
        $seconds = $step->number('seconds', 0, 36_000) ?? ($minutes === null ? null : 60 * $minutes);
        $burst = $step->number('burst_s', 0, 36_000) ?? 0.0;
        $rest = $step->number('rest_s', 0, 36_000) ?? 0.0;
        $times = max(1, (int) ($step->number('times', 1, 1000) ?? 1));

        return new Step(
            kind: $kind,
            key: $step->text('key', 40) ?? '',
            phases: self::phases($kind, $what, $phase),
            celsius: $step->number('to_c', -40, 200) ?? $step->number('at_most_c', -40, 200),
            seconds: $seconds,
            blending: $kind !== StepKind::Blend
                ? null
                : ($burst > 0 ? new Blending($burst, $rest, $times) : Blending::usual($rest, $times)),
            how: Cooling::tryFrom($step->text('how', 60) ?? ''),
            note: $step->text('note', 500) ?? '',
            details: $details,
        );
    }

    /** @return list<Phase> */
    private static function phases(StepKind $kind, ?string $what, ?Phase $phase): array
    {
        if ($phase !== null || $kind === StepKind::Weigh || $kind === StepKind::Add) {
            return [$phase ?? ($kind === StepKind::Add ? Phase::Cooldown : Phase::Oil)];
        }

        return match ($what) {
            'water' => [Phase::Water],
            'oil' => [Phase::Oil],
            default => [],
        };
    }

    /** @return array<string, mixed>|null null where nothing was said */
    public static function write(Process $process): ?array
    {
        $conditions = $process->conditions;
        $written = self::said([
            'heat_to_c' => $process->heatTo,
            'gate_c' => $process->coolDown,
            'bath_c' => $conditions->bath,
            'room_c' => $conditions->room,
            'fridge_c' => $conditions->fridge,
            'altitude_m' => $conditions->altitude,
            'cool' => $conditions->cool?->value,
            'pour' => $conditions->pour?->value,
            'covered' => $conditions->isCovered,
            'vessels' => self::said([
                'water' => $conditions->waterVessel, 'oil' => $conditions->oilVessel, 'mix' => $conditions->mixVessel,
            ]) ?: null,
            'steps' => array_map(self::writeStep(...), $process->steps) ?: null,
            'noted' => array_map(self::writeStep(...), $process->noted) ?: null,
        ]);

        return $written === [] ? null : $written;
    }

    /** @return array<string, mixed> */
    public static function writeStep(Step $step): array
    {
        $phase = $step->phase();
        $isOfOnePhase = in_array($step->kind, [StepKind::Weigh, StepKind::Add], true);
        $what = match (true) {
            $step->kind !== StepKind::Heat && $step->kind !== StepKind::Weigh => null,
            $step->phases === [Phase::Water] => 'water',
            $phase !== null => 'oil',
            default => null,
        };

        return self::said([
            'do' => $step->kind->value,
            'key' => $step->key === '' ? null : $step->key,
            'what' => $what,
            $step->kind === StepKind::Add ? 'at_most_c' : 'to_c' => $step->celsius,
            $step->kind === StepKind::Shake ? 'seconds' : 'minutes' => self::lasting($step),
            'burst_s' => $step->blending?->burst,
            'rest_s' => $step->blending?->rest ?: null,
            'times' => $step->blending?->times,
            'phase' => $isOfOnePhase ? $phase?->value : null,
            'how' => $step->how?->value,
            'note' => $step->note === '' ? null : $step->note,
            ...StepDetailsDocument::write($step->details),
        ]);
    }

    private static function lasting(Step $step): ?float
    {
        return $step->seconds === null || $step->kind === StepKind::Shake ? $step->seconds : $step->seconds / 60;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function said(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => $value !== null);
    }
}
