<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Workroom\Made\MadePage;
use App\Workroom\Make\BatchRecord;
use App\Workroom\Watch\WatchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class BatchController
{
    public function record(Batch $batch): View|RedirectResponse
    {
        return $batch->isFinished()
            ? view('batch.record', ['record' => BatchRecord::of($batch->load('version.formula', 'entries', 'shelfEntries')), 'made' => MadePage::of($batch), 'watch' => WatchPage::of($batch), 'batch' => $batch])
            : redirect()->route('make', $batch);
    }
}
