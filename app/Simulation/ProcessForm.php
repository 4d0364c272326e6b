<?php

declare(strict_types=1);

namespace App\Simulation;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Making\Course;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Kitchen;

/**
 * The plan of a making as typed: the kitchen and the steps. What can't be read stays as it was typed and is named.
 *
 * @phpstan-type StepRow array{do: string, what: string, to_c: string, minutes: string, burst_s: string, rest_s: string,
 *   times: string, phase: string, how: string, kept: string}
 */
final class ProcessForm
{
    /** Fields of the kitchen and the least and most they may be. */
    private const NUMBERS = ['room_c' => [-20, 60], 'altitude_m' => [-500, 9000], 'bath_c' => [20, 120]];

    private const STEP_NUMBERS = [
        'to_c' => [-40, 200],
        'minutes' => [0, 100_000],
        'burst_s' => [0, 3600],
        'rest_s' => [0, 3600],
        'times' => [1, 100],
    ];

    private const MOST_STEPS = 60;

    /** Which fields a step has. */
    public const FIELDS = [
        'heat' => ['what', 'to_c'],
        'hold' => ['minutes'],
        'blend' => ['burst_s', 'rest_s', 'times'],
        'cool' => ['to_c', 'how'],
        'gate' => ['to_c', 'how'],
        'chill' => ['how', 'to_c', 'minutes'],
        'rest' => ['minutes'],
        'whip' => ['minutes'],
        'strain' => ['minutes'],
        'combine' => ['minutes'],
        'prepare' => ['minutes'],
        'add' => ['phase'],
        'weigh' => ['phase'],
        'sanitise' => ['minutes'],
        'fill' => ['minutes'],
        'label' => ['minutes'],
        'test_ph' => ['minutes'],
        'adjust' => ['minutes'],
        'wash' => ['minutes'],
        'soak' => ['minutes'],
        'chop' => ['minutes'],
        'crack' => ['minutes'],
        'blend_fresh' => ['minutes'],
        'steep' => ['to_c', 'minutes'],
        'simmer' => ['to_c', 'minutes'],
        'press' => ['minutes'],
        'cook_out' => ['to_c', 'minutes'],
        'wet_gum' => ['minutes'],
        'add_little' => ['minutes'],
        'shake' => ['minutes'],
        'mould' => ['minutes'],
        'freeze' => ['minutes'],
        'unmould' => ['minutes'],
    ];

    /** What a step says that the form has no field for, written as JSON, at most so long. */
    private const MOST_KEPT = 4000;

    /**
     * @param  array<string, string>  $kitchen
     * @param  list<StepRow>  $steps
     * @param  array<string, string>  $problems  word key by field
     */
    private function __construct(
        public array $kitchen,
        public array $steps,
        public bool $isOwn,
        public array $problems = [],
    ) {
    }

    public static function of(Formula $formula, Kitchen $kitchen, Course $course): self
    {
        $plain = static fn (float $value): string => rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');

        return new self([
            'room_c' => $plain($kitchen->room),
            'altitude_m' => $plain($kitchen->altitude),
            'bath_c' => $plain($kitchen->bath),
            'covered' => $kitchen->isCovered
                ? '1'
                : '0',
            'cool' => $kitchen->cool->value,
            'pour' => $kitchen->pour->value,
            'water' => $kitchen->water->key,
            'oil' => $kitchen->oil->key,
        ], array_map(self::row(...), $course->steps), $course->isOwn);
    }

    /**
     * @param  array<mixed>  $typed
     * @param  string  $do  save, usual, add:WHAT, up:N, down:N or remove:N
     */
    public static function typed(array $typed, string $do): self
    {
        $text = static fn (mixed $value): string => is_string($value)
            ? mb_substr(trim(preg_replace('/\p{C}/u', '', $value) ?? ''), 0, 20)
            : '';
        $kitchen = [];
        foreach (['room_c', 'altitude_m', 'bath_c', 'covered', 'cool', 'pour', 'water', 'oil'] as $field) {
            $kitchen[$field] = $text($typed[$field] ?? null);
        }
        $steps = [];
        foreach (array_slice(
            is_array($typed['steps'] ?? null) ? array_values($typed['steps']) : [],
            0,
            self::MOST_STEPS,
        ) as $step) {
            if (is_array($step) && StepKind::tryFrom($text($step['do'] ?? null)) !== null) {
                $steps[] = [
                    'do' => $text($step['do']),
                    'what' => $text($step['what'] ?? null),
                    'to_c' => $text($step['to_c'] ?? null),
                    'minutes' => $text($step['minutes'] ?? null),
                    'burst_s' => $text($step['burst_s'] ?? null),
                    'rest_s' => $text($step['rest_s'] ?? null),
                    'times' => $text($step['times'] ?? null),
                    'phase' => $text($step['phase'] ?? null),
                    'how' => $text($step['how'] ?? null),
                    'kept' => self::kept($text($step['do']), $step['kept'] ?? null),
                ];
            }
        }
        [$verb, $what] = [...explode(':', $do, 2), ''];

        return new self(
            $kitchen,
            self::done($steps, $verb, $what),
            $verb !== 'usual',
            self::problems($kitchen, $steps),
        );
    }

    /** @return array<string, mixed> the process of the open form; what could not be read is left out */
    public function process(): array
    {
        $number = static function (string $typed): ?float {
            $plain = str_replace(',', '.', $typed);

            return is_numeric($plain) ? (float) $plain : null;
        };
        $steps = array_map(static fn (array $row): array => array_filter([
            'do' => $row['do'],
            'what' => $row['what'] ?: null,
            'to_c' => $number($row['to_c']),
            'minutes' => $number($row['minutes']),
            'burst_s' => $number($row['burst_s']),
            'rest_s' => $number($row['rest_s']),
            'times' => $number($row['times']),
            'phase' => $row['phase'] ?: null,
            'how' => Cooling::tryFrom($row['how'])?->value,
            ...self::decoded($row['kept']),
        ], static fn (mixed $value): bool => $value !== null), $this->steps);

        return array_filter([
            'room_c' => $number($this->kitchen['room_c']),
            'altitude_m' => $number($this->kitchen['altitude_m']),
            'bath_c' => $number($this->kitchen['bath_c']),
            'covered' => $this->kitchen['covered'] === '1',
            'cool' => Cooling::tryFrom($this->kitchen['cool'])?->value,
            'pour' => PourOrder::tryFrom($this->kitchen['pour'])?->value,
            'vessels' => array_filter(['water' => $this->kitchen['water'], 'oil' => $this->kitchen['oil']]),
            'steps' => $this->isOwn
                ? $steps
                : null,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return StepRow */
    private static function row(Step $step): array
    {
        $written = ProcessDocument::writeStep($step);
        if (isset($written['seconds'])) {
            $written['minutes'] = (float) $step->seconds / 60;
            unset($written['seconds']);
        }
        $typed = static function (string $field) use ($written): string {
            $value = $written[$field] ?? '';

            return is_float($value)
                ? rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.')
                : (is_scalar($value) ? (string) $value : '');
        };

        return [
            'do' => $typed('do'),
            'what' => $typed('what') ?: 'both',
            'to_c' => $typed('to_c'),
            'minutes' => $typed('minutes'),
            'burst_s' => $typed('burst_s'),
            'rest_s' => $typed('rest_s'),
            'times' => $typed('times'),
            'phase' => $typed('phase'),
            'how' => $typed('how'),
            'kept' => self::encoded($written),
        ];
    }

    /**
     * What a step says that the form has no field for stays with it.
     *
     * @param  array<string, mixed>  $step  as the open form has it
     */
    private static function encoded(array $step): string
    {
        $fields = ['do', 'what', 'to_c', 'minutes', 'burst_s', 'rest_s', 'times', 'phase', 'how'];
        $kept = array_diff_key($step, array_flip($fields));

        return $kept === [] ? '' : json_encode($kept, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** "" for what no step of this kind may say. */
    private static function kept(string $do, mixed $typed): string
    {
        $kept = is_string($typed) && strlen($typed) <= self::MOST_KEPT ? self::decoded($typed) : [];
        try {
            ProcessDocument::step([...$kept, 'do' => $do]);
        } catch (DocumentRefused) {
            return '';
        }

        return self::encoded($kept);
    }

    /** @return array<string, mixed> */
    private static function decoded(string $kept): array
    {
        $decoded = json_decode($kept, true);

        return is_array($decoded) ? $decoded : [];
    }

    /**
     * @param  list<StepRow>  $steps
     * @return list<StepRow>
     */
    private static function done(array $steps, string $verb, string $what): array
    {
        $at = (int) $what;
        if ($verb === 'add' && StepKind::tryFrom($what) !== null) {
            $steps[] = self::row(new Step(StepKind::from($what)));
        } elseif ($verb === 'remove' && isset($steps[$at])) {
            array_splice($steps, $at, 1);
        } elseif (($verb === 'up' || $verb === 'down') && isset($steps[$at], $steps[$at + ($verb === 'up' ? -1 : 1)])) {
            $to = $at + ($verb === 'up' ? -1 : 1);
            [$steps[$at], $steps[$to]] = [$steps[$to], $steps[$at]];
        }

        return array_values($steps);
    }

    /**
     * @param  array<string, string>  $kitchen
     * @param  list<StepRow>  $steps
     * @return array<string, string>
     */
    private static function problems(array $kitchen, array $steps): array
    {
        $problems = [];
        $isWrong = static function (string $typed, int $least, int $most): bool {
            $typed = str_replace(',', '.', $typed);

            return $typed !== '' && (! is_numeric($typed) || (float) $typed < $least || (float) $typed > $most);
        };
        foreach (self::NUMBERS as $field => [$least, $most]) {
            if ($isWrong($kitchen[$field], $least, $most)) {
                $problems[$field] = 'number';
            }
        }
        foreach ($steps as $i => $row) {
            foreach (self::STEP_NUMBERS as $field => [$least, $most]) {
                if ($isWrong($row[$field], $least, $most)) {
                    $problems["steps.$i.$field"] = 'number';
                }
            }
        }

        return $problems;
    }
}
