<?php

declare(strict_types=1);

namespace App\Make;

use Ilvane\Core\Safety\Severity;

/** What each way out of an over-pour comes to, before it is chosen. */
final readonly class Overpoured
{
    /**
     * @param  list<array{severity: string, message: string}>  $ifAccepted  what would be noted that is not now
     * @param  list<string>  $topUps  what is weighed already and wants more
     */
    public function __construct(
        public float $weighed,
        public string $said,
        public string $over,
        public array $ifAccepted,
        public string $shareIfAccepted,
        public bool $canRescale,
        public string $batchIfRescaled,
        public array $topUps,
    ) {
    }
}
