<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Models\Formula;

/** Puts a formula of the open form on the bench. */
trait StoresFormulas
{
    /** @param  array<string, mixed>  $document */
    protected function formulaOf(array $document): Formula
    {
        return app(FormulaBook::class)->put(Draft::fromDocument($document))->refresh();
    }
}
