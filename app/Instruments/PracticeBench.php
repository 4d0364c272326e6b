<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * Simulated instruments to practise and to test with: thermometers that follow a rehearsal with lag, noise and drift, a
 * scale
 * things are poured onto, a pH meter; and their faults. Speaks one line at a time (docs/instruments.md). Deterministic:
 * the
 * noise comes from the seed and the moment.
 */
final class PracticeBench
{
    public const PROTOCOL = 'ilvane-instruments 1';

    /** A probe takes so long to come two thirds of the way, seconds. */
    private const LAG_S = 6.0;

    /** °C, grams and pH by which a reading trembles. */
    private const NOISE = ['thermometer' => 0.15, 'scale' => 0.01, 'ph' => 0.02];

    /** °C an hour by which a cheap probe wanders off. */
    private const DRIFT_C = 0.3;

    /** @var list<array{float, float|null, float|null, float|null}> minute, water, oil, mix */
    private array $samples = [];

    private float $minute = 0.0;

    /** Rehearsed minutes that pass in a real one; 0 stands still. */
    private float $pace = 1.0;

    private float $since = 0.0;

    private float $grams = 0.0;

    private float $tare = 0.0;

    /** @var array{float, float, float}|null grams poured, from and to, seconds */
    private ?array $pouring = null;

    private float $ph = 7.0;

    /** @var array<string, array{string, float}> fault and until when, by instrument */
    private array $faults = [];

    /** @var array<string, float> last value shown, for what is stuck */
    private array $shown = [];

    public function __construct(private readonly int $seed = 1)
    {
    }

    /** @param  float  $now  seconds */
    public function answer(string $line, float $now): string
    {
        [$verb, $what, $more, $last] = [...explode(' ', trim($line), 4), '', '', '', ''];

        return match (strtoupper($verb)) {
            'HELLO' => self::PROTOCOL,
            'READ' => $this->read(strtolower(trim("$what $more")), $now),
            'TARE' => $this->tared($now),
            'POUR' => $this->poured((float) $what, (float) ($more ?: '0'), $now),
            'TAKE' => $this->poured(-(float) $what, 0.0, $now),
            'EMPTY' => $this->emptied(),
            'PH' => $this->acidified((float) $what),
            'TIME' => $this->timed((float) $what, $this->pace, $now),
            'RUN' => $this->timed($this->minute($now), max(0.0, min(600.0, (float) $what)), $now),
            'FAULT' => $this->faulted(strtolower("$what $more"), $last, $now),
            'CLEAR' => $this->cleared(),
            'LOAD' => $this->loaded(trim(substr(trim($line), 4)), $now),
            default => 'error unknown',
        };
    }

    private function read(string $what, float $now): string
    {
        $kind = explode(' ', $what)[0];
        $value = match (true) {
            $kind === 'thermometer' => $this->celsius(trim(substr($what, 11)) ?: 'mix', $now),
            $what === 'scale' => $this->onScale($now) - $this->tare + $this->tremble($what, $now),
            $what === 'ph' => $this->ph + $this->tremble($what, $now),
            default => NAN,
        };
        [$fault, $until] = $this->faults[$what] ?? ['', 0.0];
        if ($now < $until) {
            $value = match ($fault) {
                'stuck' => $this->shown[$what] ?? $value,
                'jump' => ($value ?? 0.0) + 40.0,
                default => null,
            };
        }
        if ($value === null || is_nan($value)) {
            return is_nan($value ?? 0.0) ? 'error unknown' : "$what - silent";
        }
        $this->shown[$what] = $value;

        return sprintf(
            '%s %s %s',
            $what,
            number_format($value, $kind === 'thermometer' ? 1 : 2, '.', ''),
            ['thermometer' => 'C', 'scale' => 'g', 'ph' => 'pH'][$kind],
        );
    }

    /** The probe follows with a lag: it shows what was so long before, smoothed. */
    private function celsius(string $which, float $now): ?float
    {
        $sum = $weight = 0.0;
        for ($back = 0; $back <= 24; $back += 3) {
            $true = $this->at($which, $this->minute($now - $back));
            if ($true !== null) {
                $share = exp(-$back / self::LAG_S);
                $sum += $share * $true;
                $weight += $share;
            }
        }

        $drift = self::DRIFT_C * ($now - $this->since) / 3600;

        return $weight <= 0 ? null : $sum / $weight + $this->tremble("thermometer $which", $now) + $drift;
    }

    private function at(string $which, float $minute): ?float
    {
        $column = ['water' => 1, 'oil' => 2, 'mix' => 3][$which] ?? 3;
        $before = null;
        foreach ($this->samples as $sample) {
            if ($sample[0] >= $minute) {
                $before ??= $sample;
                $share = $sample[0] > $before[0] ? ($minute - $before[0]) / ($sample[0] - $before[0]) : 1.0;
                // a potful that is not there any more, or not yet, is where its contents are
                [$a, $b] = array_map(
                    static fn (array $one): ?float => $one[$column] ?? $one[3] ?? $one[2] ?? $one[1],
                    [$before, $sample],
                );

                return $a === null || $b === null ? $a ?? $b : $a + ($b - $a) * max(0.0, min(1.0, $share));
            }
            $before = $sample;
        }

        return $before === null ? 21.0 : ($before[$column] ?? $before[3] ?? $before[2] ?? $before[1]);
    }

    private function minute(float $now): float
    {
        return max(0.0, $this->minute + $this->pace * ($now - $this->since) / 60);
    }

    private function onScale(float $now): float
    {
        if ($this->pouring === null) {
            return $this->grams;
        }
        [$grams, $from, $to] = $this->pouring;

        return $this->grams + $grams * ($to > $from ? max(0.0, min(1.0, ($now - $from) / ($to - $from))) : 1.0);
    }

    private function tared(float $now): string
    {
        $this->tare = $this->onScale($now);

        return 'ok';
    }

    private function poured(float $grams, float $seconds, float $now): string
    {
        $this->grams = $this->onScale($now);
        $this->pouring = [$grams, $now, $now + max(0.0, $seconds)];

        return 'ok';
    }

    private function emptied(): string
    {
        [$this->grams, $this->tare, $this->pouring] = [0.0, 0.0, null];

        return 'ok';
    }

    private function acidified(float $ph): string
    {
        $this->ph = max(0.0, min(14.0, $ph));

        return 'ok';
    }

    private function timed(float $minute, float $pace, float $now): string
    {
        [$this->minute, $this->pace, $this->since] = [max(0.0, $minute), $pace, $now];

        return 'ok';
    }

    private function faulted(string $what, string $more, float $now): string
    {
        // FAULT thermometer mix silent 10, FAULT scale stuck 10
        $words = explode(' ', trim("$what $more"));
        $seconds = (float) array_pop($words);
        $fault = (string) array_pop($words);
        if (! in_array($fault, ['silent', 'stuck', 'jump'], true) || $words === []) {
            return 'error fault';
        }
        $this->faults[implode(' ', $words)] = [$fault, $now + $seconds];

        return 'ok';
    }

    private function cleared(): string
    {
        $this->faults = [];

        return 'ok';
    }

    private function loaded(string $json, float $now): string
    {
        $samples = json_decode($json, true);
        if (! is_array($samples)) {
            return 'error json';
        }
        $this->samples = [];
        $number = static fn (mixed $value): ?float => is_float($value) || is_int($value) ? (float) $value : null;
        foreach ($samples as $sample) {
            if (is_array($sample)) {
                $this->samples[] = [
                    $number($sample[0] ?? null) ?? 0.0,
                    $number($sample[1] ?? null),
                    $number($sample[2] ?? null),
                    $number($sample[3] ?? null),
                ];
            }
        }
        $this->timed(0.0, $this->pace, $now);

        return 'ok '.count($this->samples);
    }

    /** The same at the same moment, so that a test can be repeated. */
    private function tremble(string $what, float $now): float
    {
        $dice = crc32("$this->seed $what ".floor($now * 2));

        return ($dice / 0xFFFFFFFF * 2 - 1) * (self::NOISE[explode(' ', $what)[0]] ?? 0.0);
    }
}
