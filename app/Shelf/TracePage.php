<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Section;
use App\Drawing\Threads;
use App\Models\Lot;

/** Where something came from or went to, drawn, and what to call back. */
final readonly class TracePage
{
    /**
     * @param  list<array{id: string, code: string, name: string, detail: string, href: string, kind: string,
     *   isStart: bool, vessel: Section|null, x: float, y: float}>  $boxes
     * @param  list<array{code: string, name: string, made: string, filled: string, left: string, stands: list<string>,
     *   href: string, out: list<string>}>  $recall
     * @param  list<array{from: string, to: string, grams: string}>  $told  the threads in words
     * @param  list<array{code: string, name: string, made: string, grams: string, href: string}>  $mayBe  batches that
     *   may be of it: no lot was told
     */
    public function __construct(
        public string $code,
        public string $name,
        public bool $isForward,
        public Threads $drawing,
        public array $boxes,
        public array $recall,
        public array $told,
        public string $back,
        public array $mayBe,
    ) {
    }
}
