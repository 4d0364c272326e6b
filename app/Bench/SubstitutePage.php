<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Plot;
use App\Models\Formula;
use App\Pantry\AtHand;
use Ilvane\Core\Safety\Severity;

/**
 * What could stand in for one line, each with what would shift.
 *
 * @phpstan-type Candidate array{key: string, name: string, likeness: string, atHand: string, amount: string,
 *   shifts: list<array{what: string, from: string, to: string}>, findings: list<array{severity: string,
 *   message: string}>, mended: int, curve: string}
 */
final readonly class SubstitutePage
{
    /**
     * @param  list<Candidate>  $candidates
     * @param  string  $curve  firmness as it is
     */
    public function __construct(
        public Formula $formula,
        public string $key,
        public string $name,
        public string $share,
        public array $candidates,
        public string $curve,
        public Plot $plot,
    ) {
    }
}
