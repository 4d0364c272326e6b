<?php

declare(strict_types=1);

namespace App\Recipes;

use Ilvane\Core\Reading\Recipe;

/**
 * A recipe as it was read, with the maker's corrections on top: the text marked, the lines in grams.
 *
 * @phpstan-type Row array{n: int, state: string, name: string, written: string, amount: string, grams: string,
 *   band: string, other: string, choices: array<string, string>, chosen: string, phase: string}
 * @phpstan-type Piece array{text: string, n: int, state: string}
 */
final readonly class RecipePage
{
    /**
     * @param  list<Piece>  $pieces  the whole text in order; n is 0 where nothing was read
     * @param  list<Row>  $rows
     * @param  list<string>  $others
     * @param  list<string>  $hints
     * @param  string  $makes  what the note says it makes, beside the sum of its lines; empty where it says nothing
     * @param  string  $called  as the note calls it
     * @param  array<string, mixed>  $document  ilvane.formula/1 with the corrections in it
     */
    public function __construct(
        public string $text,
        public array $pieces,
        public array $rows,
        public array $others,
        public array $hints,
        public int $doubts,
        public array $document,
        public string $makes,
        public string $called,
    ) {
    }
}
