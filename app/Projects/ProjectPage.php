<?php

declare(strict_types=1);

namespace App\Projects;

use App\Drawing\Countdown;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\Project;

/**
 * Everything the page of a project shows, worded.
 *
 * @phpstan-type Row array{key: string, letter: string, name: string, makes: string, state: string, begin: string,
 *   ready: string, said: string, keeps: string, problem: string, lot: Lot|null, short: string, jar: string,
 *   serves: list<Lot>, isOily: bool, expect: string}
 */
final readonly class ProjectPage
{
    /**
     * @param  Project|null  $project  null while it is only looked at
     * @param  string  $begin  "2026-12-05T10:00", as the field has it
     * @param  list<Row>  $rows  what is made first, what is to be begun soonest first
     * @param  list<array{name: string, wanted: string, buy: string}>  $buy
     * @param  string  $next  what to do now; "" where nothing is
     */
    public function __construct(
        public Formula $formula,
        public ?Project $project,
        public string $begin,
        public string $beginSaid,
        public string $earliest,
        public array $rows,
        public ?Countdown $countdown,
        public array $buy,
        public string $verdict,
        public bool $canBeMade,
        public string $next,
    ) {
    }
}
