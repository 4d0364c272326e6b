<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

/**
 * One mistake makers make: how it gets into a sound formula, and the code under which the checks or the rehearsal find
 * it.
 * Common practice; what is right and wrong is never stored here, the checks decide anew each time.
 *
 * @phpstan-type Operation array{op: string, path: string, value?: mixed}
 * @phpstan-type Steps list<array<string, mixed>>
 */
final readonly class Mistake
{
    /**
     * @param  list<string>  $frames  keys of sound formulas it can get into
     * @param  list<Operation>  $spoil  RFC 6902; "{percent}" in a value is drawn from the range, "{preservative}" in a
     *   path is the line of that kind
     * @param  array{float, float}  $range  what "{percent}" is drawn from
     * @param  array<string, list<Operation>>  $ways  ways out to choose from, by word key; none where the checks' own
     *   offers are taken
     * @param  Steps  $before  of a making: what is done already
     */
    private function __construct(
        public string $key,
        public ExerciseKind $sort,
        public string $code,
        public array $frames,
        public array $spoil,
        public array $range,
        public array $ways,
        public array $before,
    ) {
    }

    /**
     * @param  list<string>  $frames
     * @param  list<Operation>  $spoil
     * @param  array{float, float}  $range
     * @param  array<string, list<Operation>>  $ways
     */
    public static function inFormula(
        string $key,
        string $code,
        array $frames,
        array $spoil,
        array $range = [0.0, 0.0],
        array $ways = [],
    ): self {
        return new self($key, ExerciseKind::Repair, $code, $frames, $spoil, $range, $ways, []);
    }

    /**
     * @param  list<string>  $frames
     * @param  Steps  $before  done already
     * @param  Steps  $next  what is about to be done
     * @param  array<string, Steps>  $instead  what could be done instead, by word key
     * @param  list<Operation>  $spoil  what else is changed of the formula
     * @param  array<string, mixed>  $kitchen  vessels, altitude and the like, as the open form's process has them
     */
    public static function inMaking(
        string $key,
        string $code,
        array $frames,
        array $before,
        array $next,
        array $instead,
        array $spoil = [],
        array $kitchen = [],
    ): self {
        $ways = ['go_on' => self::course([...$before, ...$next], $kitchen)];
        foreach ($instead as $word => $steps) {
            $ways[$word] = self::course([...$before, ...$steps], $kitchen);
        }

        return new self(
            $key,
            ExerciseKind::Rescue,
            $code,
            $frames,
            [...$spoil, ...$ways['go_on']],
            [0.0, 0.0],
            $ways,
            $before,
        );
    }

    /**
     * @param  Steps  $steps
     * @param  array<string, mixed>  $kitchen
     * @return list<Operation>
     */
    private static function course(array $steps, array $kitchen): array
    {
        return [['op' => 'add', 'path' => '/process', 'value' => [...$kitchen, 'steps' => $steps]]];
    }
}
