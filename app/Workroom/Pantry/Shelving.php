<?php

declare(strict_types=1);

namespace App\Workroom\Pantry;

use App\Models\Lot;
use App\Models\LotEntry;
use Illuminate\Support\Carbon;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Preparing\Perishing;

/** What a lot's entries come to: how much is left, where it stands, until when it is good. */
final readonly class Shelving
{
    /** Less than this is an empty jar. */
    private const CRUMBS_G = 0.05;

    private const SECONDS_PER_HOUR = 3600;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function firstDate(string $method, Storage $storage, Carbon $at): ?Carbon
    {
        $method = $this->catalogue->preparations()[$method] ?? null;

        return $method === null ? null : self::after($at, Perishing::lasts($method, [['hour' => 0.0, 'storage' => $storage]]));
    }

    /** @return array{grams_left: float, storage: string, good_until: Carbon|null, gone_at: Carbon|null} */
    public function stateOf(Lot $lot): array
    {
        $undone = $lot->entries->where('kind', 'undo')->pluck('subject')->all();
        /** @var list<LotEntry> $entries */
        $entries = array_values($lot->entries->filter(static fn (LotEntry $entry): bool => $entry->kind !== 'undo' && ! in_array((string) $entry->id, $undone, true))->sortBy([['happened_at', 'asc'], ['id', 'asc']])->all());
        $left = $lot->grams;
        $stays = [['hour' => 0.0, 'storage' => Storage::from($lot->first_storage)]];
        $gone = null;
        foreach ($entries as $entry) {
            $left -= $entry->grams ?? 0.0;
            if ($entry->kind === 'moved') {
                $stays[] = ['hour' => max(0.0, ($entry->happened_at->getTimestamp() - $lot->made_at->getTimestamp()) / self::SECONDS_PER_HOUR), 'storage' => Storage::from($entry->subject)];
            }
            $gone = $left <= self::CRUMBS_G ? $entry->happened_at : null;
        }
        $method = $lot->preparation === null ? null : ($this->catalogue->preparations()[$lot->preparation->method] ?? null);

        return [
            'grams_left' => max(0.0, round($left, 4)),
            'storage' => $stays[count($stays) - 1]['storage']->value,
            'good_until' => $method === null ? $lot->good_until : self::after($lot->made_at, Perishing::lasts($method, $stays)),
            'gone_at' => $gone,
        ];
    }

    private static function after(Carbon $from, float $hours): Carbon
    {
        return $from->copy()->addSeconds((int) ($hours * self::SECONDS_PER_HOUR));
    }
}
