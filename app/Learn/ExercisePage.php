<?php

declare(strict_types=1);

namespace App\Learn;

use App\Bench\BenchPage;
use App\Drawing\Section;
use App\Drawing\Timeline;
use App\Models\Formula;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Way;

/**
 * A flawed formula or a making under way: what is wrong with it, then what to do about it, then what came of that.
 *
 * @phpstan-type Choice array{label: string, detail: string, is: string}
 */
final readonly class ExercisePage
{
    /**
     * @param  list<array{label: string, figure: string}>  $facts  what else is known of it
     * @param  list<Choice>  $wrongs  what may be wrong; "is" says right, wrong or nothing once answered
     * @param  list<Choice>  $ways  what may be done
     * @param  list<string>  $left  what still stands against it after what was chosen
     * @param  list<array{what: string, state: string}>  $steps  of a making: done, next
     */
    public function __construct(
        public PracticeCase $case,
        public ExerciseKind $sort,
        public string $clientKey,
        public BenchPage $bench,
        public Section $vessel,
        public array $facts,
        public array $wrongs,
        public array $ways,
        public ?int $spotted,
        public ?int $chosen,
        public bool $isSpotted,
        public bool $isMended,
        public string $message,
        public string $because,
        public string $source,
        public string $handbook,
        public array $left,
        public string $verdict,
        public array $steps,
        public ?Timeline $timeline,
        public float $soFar,
    ) {
    }
}
