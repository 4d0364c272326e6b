<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Make\BatchRecordFactory;
use App\Models\Batch;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class BatchController
{
    public function __construct(
        private readonly BatchRecordFactory $batchRecords,
        private readonly ShelfPageFactory $shelfPages,
        private readonly ObservationPageFactory $observationPages,
    ) {
    }

    public function record(Batch $batch): View|RedirectResponse
    {
        return $batch->isFinished()
            ? view(
                'shelf.record',
                [
                    'record' => $this->batchRecords->of($batch->load('version.formula', 'entries', 'shelfEntries')),
                    'made' => $this->shelfPages->of($batch),
                    'watch' => $this->observationPages->of($batch),
                    'batch' => $batch,
                ],
            )
            : redirect()->route('make', $batch);
    }
}
