<?php

declare(strict_types=1);

namespace App\Today;

use App\Backups\BackupFiles;
use App\Backups\ClockCheck;
use App\Formulas\FormulaCards;
use App\Make\Clocks;
use App\Pantry\TurningSoon;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

final class TodayController
{
    /** Of each kind, on Today. */
    private const SHOWN = 10;

    public function __construct(private readonly ClockCheck $clockCheck)
    {
    }

    public function today(ShelfLine $shelf, FormulaCards $formulas, Agenda $agenda, TurningSoon $turning): View
    {
        return view(
            'today.page',
            [
                'due' => $agenda->due(),
                'remind' => BackupFiles::overdue(),
                'clock' => $this->clockCheck->doubt(),
                'shelf' => $shelf->row(self::SHOWN),
                'turning' => $turning->rows(),
                'formulas' => $formulas->onTheBench(),
                'feed' => CalendarFile::address(),
            ],
        );
    }

    /** The foot of every page. */
    /** With the clocks that run at the hob, which ring here too. */
    public function line(ShelfLine $shelf, Clocks $clocks): Response
    {
        return response(
            view('today.line', ['line' => $shelf->small(), 'clocks' => $clocks->of()]),
            headers: ['X-Now' => (string) Carbon::now()->getTimestamp()],
        );
    }
}
