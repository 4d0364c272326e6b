<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Flow;
use App\Drawing\Section;
use App\Models\Batch;

/** A finished batch as the binder has it. Nothing here is computed again; all of it is read from the record. */
final readonly class BatchRecord
{
    /**
     * @param  list<array{name: string, phase: string, planned: string, taken: string, state: string, is: string,
     *   lots: list<array{lot: string, grams: string}>, percent: string}>  $lines
     * @param  list<string>  $byState  how it is known what went in
     * @param  list<string>  $notDone  steps that were not done
     * @param  list<array{what: string, days: string}>  $keeping
     * @param  list<array{severity: string, message: string, because: string}>  $findings
     * @param  list<array{time: string, what: string, value: string, reason: string}>  $log
     * @param  list<array{part: string, label: string, figure: string, grams: float}>  $balance  where it went
     * @param  list<array{kind: string, what: string, here: int, before: int|null}>  $looks  how it looked, by step
     */
    public function __construct(
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
        public array $byState,
        public array $notDone,
        public array $looks,
    ) {
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
}
