<?php

declare(strict_types=1);

namespace App\Papers;

use App\Make\BatchRecordFactory;
use App\Make\Outcome;
use App\Models\Batch;
use App\Shelf\ObservationPageFactory;
use App\Shelf\Trace;
use App\Shelf\TraceFactory;
use RuntimeException;
use ZipArchive;

/** What a small seller's file needs of one batch, as far as a workroom can write it, and the list of what it cannot. */
final class SellerPack
{
    public function __construct(
        private readonly TraceFactory $traces,
        private readonly BatchRecordFactory $batchRecords,
        private readonly ContainerLabels $labels,
        private readonly ObservationPageFactory $observationPages,
    ) {
    }

    /** @return string a ZIP file */
    public function of(Batch $batch): string
    {
        $record = $this->batchRecords->of($batch);
        $trace = $this->traces->back($batch);
        $file = (string) tempnam(sys_get_temp_dir(), 'ilvane');
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The packet can’t be written.');
        }
        $zip->addFromString(
            "batch-$batch->code.pdf",
            Sheet::of('papers.batch-sheet', ['record' => $record, 'batch' => $batch], "$record->name $batch->code"),
        );
        foreach ($this->labels->each($batch) as $letter => $label) {
            $zip->addFromString(
                "label-$batch->code".($letter === '' ? '' : "-$letter").'.pdf',
                LabelPaper::one($label, ['size' => LabelPaper::usualSize($batch), 'code' => true, 'slip' => false]),
            );
        }
        $zip->addFromString(
            "composition-$batch->code.csv",
            self::csv([
                ['inci', 'percent'],
                ...array_map(
                    static fn (string $inci, float $share): array => [$inci, (string) round(100 * $share, 4)],
                    array_keys(Outcome::of($batch)['contents']),
                    Outcome::of($batch)['contents'],
                ),
            ]),
        );
        $zip->addFromString(
            "stability-$batch->code.csv",
            self::csv([
                ['day', 'place', 'look', 'note'],
                ...array_map(
                    static fn (array $seen): array => [$seen['day'], $seen['place'], $seen['look'], $seen['note']],
                    $this->observationPages->of($batch)->seen,
                ),
            ]),
        );
        $zip->addFromString(
            "trace-$batch->code.csv",
            self::csv([
                ['from', 'to', 'grams'],
                ...array_map(
                    static fn (array $edge): array => [
                        self::traced($trace, $edge['from']),
                        $edge['to'],
                        (string) $edge['grams'],
                    ],
                    array_values($trace->edges),
                ),
            ]),
        );
        $zip->addFromString(
            'still-wanted.txt',
            implode(
                "\n\n",
                [
                    say('labels.wanted.title'),
                    say('labels.wanted.eu'),
                    say('labels.wanted.us'),
                    say('labels.wanted.basis'),
                ],
            )."\n",
        );
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    private static function traced(Trace $trace, string $id): string
    {
        return $trace->nodes[$id]['kind'] === Trace::NO_LOT ? 'no lot told: '.$trace->nodes[$id]['name'] : $id;
    }

    /** @param  list<list<string>>  $rows */
    private static function csv(array $rows): string
    {
        $memory = fopen('php://memory', 'w+') ?: throw new RuntimeException('No memory to write in.');
        foreach ($rows as $row) {
            // a sheet would reckon what begins like a formula
            fputcsv(
                $memory,
                array_map(
                    static fn (string $cell): string => preg_match('/^[=+@\t\r-]/', $cell) === 1 && ! is_numeric($cell)
                        ? "'$cell"
                        : $cell,
                    $row,
                ),
                ',',
                '"',
                '',
            );
        }
        rewind($memory);

        return (string) stream_get_contents($memory);
    }
}
