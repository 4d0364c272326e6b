<?php

declare(strict_types=1);

namespace App\Today;

use App\Backups\BackupFiles;
use App\Backups\ClockCheck;
use App\Formulas\FormulaCards;
use App\Models\Formula;
use App\Pantry\TurningSoon;
use Illuminate\View\View;

final class TodayController
{
    private const PER_PAGE = 24;

    /** Of each kind, on Today. */
    private const SHOWN = 10;

    public function shelf(ShelfLine $shelf, FormulaCards $formulas, Agenda $agenda, TurningSoon $turning): View
    {
        return view('shelf.page', ['due' => $agenda->due(), 'remind' => BackupFiles::overdue(), 'clock' => ClockCheck::doubt(), 'shelf' => $shelf->row(self::SHOWN), 'turning' => $turning->rows(), 'formulas' => $formulas->onTheBench(), 'feed' => CalendarFile::address()]);
    }

    /** The foot of every page. */
    public function line(ShelfLine $shelf): View
    {
        return view('shelf.line', ['line' => $shelf->small()]);
    }

    public function formulas(FormulaCards $cards): View
    {
        $page = Formula::query()->orderByDesc('updated_at')->simplePaginate(self::PER_PAGE);

        return view('shelf.formulas', ['formulas' => array_map($cards->formula(...), $page->items()), 'page' => $page]);
    }
}
