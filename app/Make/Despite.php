<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Languages;
use App\Ground\Wording;
use App\Models\Batch;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;

/**
 * What stood against a make when it was begun anyway, and why: written down once, said at every step and in the record.
 */
final readonly class Despite
{
    public function __construct(private Wording $wording)
    {
    }

    /**
     * @return array{reason: string, stops: list<array{code: string, said: array<string, string>}>}|null null where
     *   nothing stood against it
     */
    public function of(Evaluation $evaluation, string $reason): ?array
    {
        $stops = array_map(fn (Finding $stop): array => [
            'code' => $stop->code, 'said' => Languages::inEach(fn (): string => $this->wording->message($stop)),
        ], $evaluation->stops());

        return $stops === [] ? null : ['reason' => $reason, 'stops' => $stops];
    }

    /** @return list<string> the stops in the language spoken now */
    public static function said(Batch $batch): array
    {
        return array_map(
            static fn (array $stop): string => $stop['said'][App::getLocale()] ?? array_values($stop['said'])[0],
            $batch->despite['stops'] ?? [],
        );
    }
}
