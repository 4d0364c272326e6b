<?php

declare(strict_types=1);

namespace App\Today;

use App\Backups\BackupFiles;
use App\Backups\ClockCheck;
use App\Models\Formula;
use App\Pantry\TurningSoon;
use Illuminate\View\View;

final class TodayController
{
    private const PER_PAGE = 24;

    /** Of each kind, on Today. */
    private const SHOWN = 10;

    public function shelf(Shelf $shelf, Agenda $agenda, TurningSoon $turning): View
    {
        return view('shelf.page', ['due' => $agenda->due(), 'remind' => BackupFiles::overdue(), 'clock' => ClockCheck::doubt(), 'shelf' => ShelfLine::of($shelf, self::SHOWN), 'turning' => $turning->rows(), 'formulas' => $shelf->onTheBench(), 'feed' => CalendarFile::address()]);
    }

    /** The foot of every page. */
    public function line(Shelf $shelf): View
    {
        return view('shelf.line', ['line' => ShelfLine::small($shelf)]);
    }

    public function formulas(Shelf $shelf): View
    {
        $page = Formula::query()->orderByDesc('updated_at')->simplePaginate(self::PER_PAGE);

        return view('shelf.formulas', ['formulas' => array_map($shelf->formula(...), $page->items()), 'page' => $page]);
    }
}
