<?php

declare(strict_types=1);

namespace App\Make;

use App\Formulas\FormulaCards;
use Illuminate\View\View;

/** What is being made, and what could be. */
final class MakesController
{
    public function all(MakeCards $makes, FormulaCards $formulas): View
    {
        return view('make.all', ['making' => $makes->making(), 'formulas' => $formulas->onTheBench()]);
    }
}
