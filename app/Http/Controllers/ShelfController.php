<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Formula;
use App\Safekeeping\Copies;
use App\Workroom\Shelf;
use App\Workroom\Today\Agenda;
use App\Workroom\Today\CalendarFile;
use Illuminate\View\View;

final class ShelfController
{
    private const PER_PAGE = 24;

    private const JARS_SHOWN = 12;

    public function shelf(Shelf $shelf, Agenda $agenda): View
    {
        return view('shelf.page', [
            'due' => $agenda->due(),
            'remind' => Copies::overdue(), 'standing' => [...$shelf->making(), ...$shelf->standing(self::JARS_SHOWN), ...$shelf->lots('preparation', 6), ...$shelf->lots('infused_oil', 6), ...$shelf->onShelf()],
            'moreJars' => max(0, $shelf->standingCount() - self::JARS_SHOWN),
            'formulas' => $shelf->onTheBench(),
            'feed' => CalendarFile::address(),
        ]);
    }

    public function formulas(Shelf $shelf): View
    {
        $page = Formula::query()->orderByDesc('updated_at')->simplePaginate(self::PER_PAGE);

        return view('shelf.formulas', ['formulas' => array_map($shelf->formula(...), $page->items()), 'page' => $page]);
    }
}
