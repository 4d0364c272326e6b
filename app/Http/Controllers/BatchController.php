<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Workroom\Make\BatchRecord;
use App\Workroom\Make\JarLabel;
use App\Workroom\Watch\WatchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class BatchController
{
    public function record(Batch $batch): View|RedirectResponse
    {
        return $batch->isFinished()
            ? view('batch.record', ['record' => BatchRecord::of($batch->load('version.formula', 'entries')), 'watch' => WatchPage::of($batch), 'batch' => $batch])
            : redirect()->route('make', $batch);
    }

    public function label(Batch $batch): View|RedirectResponse
    {
        return $batch->isFinished()
            ? view('batch.label', ['label' => JarLabel::of($batch), 'batch' => $batch])
            : redirect()->route('make', $batch);
    }
}
