<?php

declare(strict_types=1);

namespace App\Simulation;

use App\Ground\FindingDocument;
use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Simulation;

/** Writes the open form ilvane.rehearsal/1. */
final readonly class SimulationDocument
{
    public const FORMAT = 'ilvane.rehearsal/1';

    public function __construct(private FindingDocument $findings)
    {
    }

    /** @return array<string, mixed> as in an open formula; a heating names both phases where it concerns both */
    private static function step(Step $step): array
    {
        $written = ProcessDocument::writeStep($step);

        return $step->kind === StepKind::Heat
            ? ['do' => $written['do'], 'what' => $written['what'] ?? 'both', ...$written]
            : $written;
    }

    /** @return array<string, mixed> */
    public function of(Simulation $rehearsal): array
    {
        $round = static fn (?float $value, int $digits = 2): ?float => $value === null ? null : round($value, $digits);

        return [
            'format' => self::FORMAT,
            'minutes_total' => $round($rehearsal->minutes),
            'minutes_hands_on' => $round($rehearsal->handsOn),
            'steps' => array_map(static fn (array $stretch): array => [
                'step' => $stretch['step'], ...self::step($rehearsal->course->steps[$stretch['step'] - 1]),
                'from' => $round($stretch['from']), 'to' => $round($stretch['to']),
            ], $rehearsal->stretches),
            'samples' => array_map(static fn (array $sample): array => [
                'minute' => $round($sample['minute']),
                'step' => $sample['step'],
                'water_c' => $round($sample['water_c']),
                'oil_c' => $round($sample['oil_c']),
                'mix_c' => $round($sample['mix_c']),
            ], $rehearsal->samples),
            'events' => array_map(static fn (array $event): array => array_filter([
                'minute' => $round($event['minute']),
                'step' => $event['step'],
                'what' => $event['what'],
                'ingredient' => $event['ingredient'],
                'celsius' => $round($event['celsius']),
            ], static fn (mixed $value): bool => $value !== null), $rehearsal->events),
            'water_lost_g' => $round($rehearsal->waterLost),
            'gate_minute' => $round($rehearsal->gateMinute),
            'firm_minute' => $round($rehearsal->firmMinute),
            'findings' => array_map(
                fn (array $found): array => ['step' => $found['step'], ...$this->findings->of($found['finding'])],
                $rehearsal->findings,
            ),
        ];
    }
}
