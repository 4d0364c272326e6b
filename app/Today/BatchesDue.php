<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Wording;
use App\Make\Container;
use App\Make\Containers;
use App\Models\Batch;
use App\Shelf\ReleaseFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\Storage;

/** What finished batches need: what turns soon is used up, what is frozen by the portion is thawed. */
final readonly class BatchesDue
{
    private const MOST = 40;

    public function __construct(private Wording $wording, private ReleaseFactory $releases)
    {
    }

    /**
     * @param  string  $horizon  what is due later is not told
     * @return list<Due>
     */
    public function due(string $horizon): array
    {
        return [...$this->ageing($horizon), ...$this->frozen()];
    }

    public static function named(Batch $batch): string
    {
        return is_string($batch->document['name'] ?? null) ? $batch->document['name'] : $batch->code;
    }

    /** @return list<Due> finished batches at the end of their date that are not held */
    private function ageing(string $horizon): array
    {
        $ageing = Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->where('best_before', '<=', $horizon)
            ->orderBy('best_before')
            ->with('shelfEntries', 'observations')
            ->limit(self::MOST)
            ->get();

        return array_merge(...array_map(
            fn (Batch $batch): array => $this->turning($batch, $horizon),
            array_values($ageing->filter(fn (Batch $batch): bool => $this->releases->of($batch)->isFree())->all()),
        ));
    }

    /** @return list<Due> all of it, or those of its containers whose day is near */
    private function turning(Batch $batch, string $horizon): array
    {
        $is = Containers::of($batch);
        $due = ! $is->isSplit() || $is->hasRest()
            ? [$this->useUp($batch, $is->isSplit() ? $is->rest : (float) $batch->grams_left, $is->whole())]
            : [];
        foreach ($is->standing() as $one) {
            $due[] = $this->useUp($batch, $one->left, $one->until, $one->letter);
        }

        return array_values(array_filter(
            $due,
            static fn (?Due $one): bool => $one !== null && $one->at->toDateTimeString() <= $horizon,
        ));
    }

    /**
     * null for what has no date
     *
     * @param  string  $letter  of the container; "" for what is in none
     */
    private function useUp(Batch $batch, float $grams, ?Carbon $at, string $letter = ''): ?Due
    {
        return $at === null ? null : new Due(
            self::container($batch, $letter),
            say(
                $at->copy()->endOfDay()->isPast() ? 'today.batch_past' : 'today.batch_soon',
                ['grams' => $this->wording->grams($grams)],
            ),
            $at,
            $this->wording->whenever($at),
            route('batch', $batch).($letter === '' ? '#shelf' : "#container-$letter"),
            2,
        );
    }

    private static function container(Batch $batch, string $letter): string
    {
        return $letter === ''
            ? self::named($batch)
            : say('today.container', ['name' => self::named($batch), 'letter' => $letter]);
    }

    /** @return list<Due> what stands in the freezer by the portion, while none of it is thawed */
    private function frozen(): array
    {
        $split = Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->whereHas('shelfEntries', static fn ($entries) => $entries->where('kind', 'split'))
            ->with('shelfEntries', 'observations')
            ->limit(self::MOST)
            ->get();
        $due = [];
        foreach ($split as $batch) {
            $standing = Containers::of($batch)->standing();
            $isThawed = array_filter($standing, static fn (Container $one): bool => $one->from !== '') !== [];
            foreach ($isThawed || ! $this->releases->of($batch)->isFree() ? [] : $standing as $one) {
                if ($one->storage() === Storage::Freezer) {
                    $due[] = $this->toThaw($batch, $one);
                    break;
                }
            }
        }

        return $due;
    }

    private function toThaw(Batch $batch, Container $one): Due
    {
        return (new Due(
            self::container($batch, $one->letter),
            say('today.thaw', ['left' => $this->wording->number($one->countLeft(), 1)]),
            Carbon::now(),
            '',
            route('batch', $batch)."#container-$one->letter",
            8,
        ))->with([
            'href' => route('container.thaw', [$batch, $one->letter]),
            'label' => say('shelf.split.thaw'),
            'fields' => ['client_key' => (string) Str::uuid(), 'count' => '1', 'back' => 'today'],
        ]);
    }
}
