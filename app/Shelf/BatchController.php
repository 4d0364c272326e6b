<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Make\BatchRecord;
use App\Models\Batch;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class BatchController
{
    public function record(Batch $batch): View|RedirectResponse
    {
        return $batch->isFinished()
            ? view(
                'shelf.record',
                [
                    'record' => BatchRecord::of($batch->load('version.formula', 'entries', 'shelfEntries')),
                    'made' => ShelfPage::of($batch),
                    'watch' => ObservationPage::of($batch),
                    'batch' => $batch,
                ],
            )
            : redirect()->route('make', $batch);
    }
}
