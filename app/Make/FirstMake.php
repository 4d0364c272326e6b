<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\OwnKitchen;
use App\Ground\Settings;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use App\Models\Enums\BatchStatus;
use Ilvane\Core\Process\StepKind;

/** What is asked once, at the first make: the scale, the thermometer, the height above the sea. */
final readonly class FirstMake
{
    private const NAME = 'first_make';

    public const FIELDS = ['scale', 'thermometer', 'altitude_m'];

    public function __construct(private OwnKitchen $kitchen)
    {
    }

    /** Nobody was asked, and nothing was ever finished here. */
    public function isToBeAsked(StepKind $kind): bool
    {
        return $kind === StepKind::Sanitise
            && Settings::values(self::NAME) === []
            && ! Batch::query()->where('status', BatchStatus::Finished)->exists();
    }

    /** @return array<string, string> as told before */
    public function values(): array
    {
        return array_intersect_key($this->kitchen->values(), array_flip(self::FIELDS));
    }

    /**
     * Keeps what was told; a scale counts for this make too, where nothing was weighed yet and its formula knows none.
     *
     * @param  array<mixed>  $typed
     * @return array<string, string> word key by field that can't be read; nothing is kept while there is one
     */
    public function told(Batch $batch, array $typed): array
    {
        $problems = $this->kitchen->keep([
            ...$this->kitchen->values(),
            ...array_intersect_key($typed, array_flip(self::FIELDS)),
        ]);
        if ($problems !== []) {
            return $problems;
        }
        Settings::keep(self::NAME, ['asked' => '1']);
        $scale = (float) str_replace(',', '.', $this->kitchen->values()['scale']);
        $isWeighed = $batch->entries->contains(
            static fn (BatchEntry $entry): bool => $entry->kind === BatchEntryKind::Weighed,
        );
        $document = $this->kitchen->over($batch->document);
        if ($scale > 0 && ! $isWeighed && ! isset($document['scale_resolution_g'])) {
            $document['scale_resolution_g'] = $scale;
        }
        $batch->forceFill(['document' => $document])->save();

        return [];
    }
}
