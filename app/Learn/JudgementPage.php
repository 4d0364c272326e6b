<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Section;

/**
 * A question of look or number: the choices, and once answered which was right and why.
 *
 * @phpstan-type Choice array{label: string, detail: string, is: string, vessel: Section|null}
 */
final readonly class JudgementPage
{
    /** @param  list<Choice>  $choices  "is" says right, wrong or nothing once answered */
    public function __construct(
        public PracticeCase $case,
        public string $clientKey,
        public string $question,
        public array $choices,
        public ?int $chosen,
        public bool $isRight,
        public string $because,
        public string $basis,
    ) {
    }
}
