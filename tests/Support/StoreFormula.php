<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use Illuminate\Database\Seeder;

/** Puts the formula of a browser test on the bench. */
final class StoreFormula extends Seeder
{
    public function run(FormulaBook $book): void
    {
        $book->put(Draft::fromDocument(json_decode((string) getenv('ILVANE_DOCUMENT'), true)));
    }
}
