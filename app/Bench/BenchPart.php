<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Section;
use App\Formulas\DraftParts;

/**
 * Something that is made first, as the bench shows it: what goes in, what comes out, and who takes of it.
 *
 * @phpstan-import-type Row from BenchPage
 * @phpstan-import-type DraftPart from DraftParts
 */
final readonly class BenchPart
{
    /**
     * @param  DraftPart  $held  as typed
     * @param  string  $letter  A, B …: how its lines and it find each other
     * @param  list<Row>  $rows
     * @param  string  $gives  what comes out; "" where nobody can tell
     * @param  string  $band  how sure that is, "190–220"; "" where it was weighed
     * @param  string  $taken  what the lines take of it
     * @param  string  $left  what is over
     * @param  bool  $isShort  they take more than there is
     * @param  string  $mayMiss  what is missing where as little comes out as can; "" where it does in any case
     * @param  string  $keeps  how long it is good
     */
    public function __construct(
        public array $held,
        public string $letter,
        public array $rows,
        public string $material,
        public Section $vessel,
        public string $gives,
        public string $band,
        public bool $isStrained,
        public string $taken,
        public string $left,
        public bool $isShort,
        public string $mayMiss,
        public string $keeps,
        public string $gravest,
    ) {
    }
}
