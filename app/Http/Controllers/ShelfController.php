<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Formula;
use App\Workroom\Shelf;
use Illuminate\View\View;

final class ShelfController
{
    private const PER_PAGE = 24;

    public function shelf(Shelf $shelf): View
    {
        return view('shelf.page', [
            'making' => $shelf->making(),
            'made' => $shelf->made(),
            'formulas' => $shelf->onTheBench(),
        ]);
    }

    public function formulas(Shelf $shelf): View
    {
        $page = Formula::query()->orderByDesc('updated_at')->simplePaginate(self::PER_PAGE);

        return view('shelf.formulas', ['formulas' => array_map($shelf->formula(...), $page->items()), 'page' => $page]);
    }
}
