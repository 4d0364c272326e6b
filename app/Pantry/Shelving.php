<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\NotUndone;
use App\Ground\OwnKitchen;
use App\Models\Enums\LotEntryKind;
use App\Models\Enums\LotKind;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\LeftOver;
use Ilvane\Core\Preparation\Life;
use Ilvane\Core\Preparation\Perishing;

/** What a lot's entries come to: how much is left, where it stands, until when it is good. */
final readonly class Shelving
{
    /** Less than this is an empty jar. */
    private const CRUMBS_G = 0.05;

    private const SECONDS_PER_HOUR = 3600;

    public function __construct(private Catalogue $catalogue, private OwnKitchen $kitchen)
    {
    }

    public function firstDate(string $method, Storage $storage, Carbon $at): ?Carbon
    {
        $method = $this->catalogue->preparations()[$method] ?? null;

        return $method === null
            ? null
            : self::after($at, Perishing::lasts(
                $method,
                [['hour' => 0.0, 'storage' => $storage]],
                $this->kitchen->fridge(),
            ));
    }

    /**
     * Something bought is good until the day on it while it is sealed, so long after opening once it is open, never
     * both.
     */
    public function goodUntil(string $ingredient, ?Carbon $sealedUntil, ?Carbon $openedAt): ?Carbon
    {
        $days = $openedAt === null || ! $this->catalogue->has($ingredient)
            ? null
            : $this->catalogue->get($ingredient)->openedDays();

        return $openedAt !== null && $days !== null ? $openedAt->copy()->addDays((int) $days) : $sealedUntil;
    }

    /**
     * @return array{grams_left: float, storage: string, good_until: Carbon|null, opened_at: Carbon|null,
     *   gone_at: Carbon|null}
     */
    public function stateOf(Lot $lot): array
    {
        $left = $lot->grams;
        $opened = $lot->entries->contains('kind', 'opened') ? null : $lot->opened_at;
        $stays = [['hour' => 0.0, 'storage' => $lot->first_storage]];
        $gone = null;
        foreach (NotUndone::of($lot->entries) as $entry) {
            $left = $entry->kind === LotEntryKind::Counted ? (float) $entry->grams : $left - ($entry->grams ?? 0.0);
            $opened = $entry->kind === LotEntryKind::Opened ? $entry->happened_at : $opened;
            if ($entry->kind === LotEntryKind::Moved) {
                $stays[] = [
                    'hour' => max(
                        0.0,
                        ($entry->happened_at->getTimestamp() - $lot->made_at->getTimestamp()) / self::SECONDS_PER_HOUR,
                    ),
                    'storage' => Storage::from($entry->subject),
                ];
            }
            $gone = $left <= self::CRUMBS_G ? $entry->happened_at : null;
        }
        $method = $lot->preparation === null
            ? $this->lifeOfLeftOver($lot) ?? $this->lifeOf($lot->document)
            : ($this->catalogue->preparations()[$lot->preparation->method] ?? null);

        return [
            'grams_left' => max(0.0, round($left, 4)),
            'storage' => $stays[count($stays) - 1]['storage']->value,
            'good_until' => match (true) {
                $method !== null => self::after(
                    $lot->made_at,
                    Perishing::lasts($method, $stays, $this->kitchen->fridge()),
                ),
                $lot->kind === LotKind::Bought => $this->goodUntil(
                    (string) $lot->ingredient,
                    $lot->sealed_until,
                    $opened,
                ) ?? $lot->good_until,
                default => $lot->good_until,
            },
            'opened_at' => $opened,
            'gone_at' => $gone,
        ];
    }

    private function lifeOfLeftOver(Lot $lot): ?Life
    {
        $left = $this->leftOver($lot);

        return $left === null ? null : Life::ofLeftOver($left);
    }

    /** What a lot is that was strained out of another; null for anything else. */
    public function leftOver(Lot $lot): ?LeftOver
    {
        $of = $lot->left_of === null ? null : Lot::query()->where('code', $lot->left_of)->first();

        return $of === null ? null : $this->leftOverOf($of);
    }

    /** What is left when a lot was strained; null where nothing of it was. */
    public function leftOverOf(Lot $lot): ?LeftOver
    {
        $makes = match (true) {
            $lot->left_of !== null || $lot->document === null => null,
            is_string($lot->document['parts'][0]['makes'] ?? null) => $lot->document['parts'][0]['makes'],
            $lot->jar_id !== null => 'infused_oil',
            default => null,
        };

        return $makes === null ? null : $this->catalogue->partDefaults($makes)->leftOver;
    }

    /** Until when something strained out is good. */
    public function leftOverDate(LeftOver $left, Storage $storage, Carbon $at): Carbon
    {
        return self::after($at, Perishing::lasts(
            Life::ofLeftOver($left),
            [['hour' => 0.0, 'storage' => $storage]],
            $this->kitchen->fridge(),
        ));
    }

    /** @param  array<string, mixed>|null  $document  of a lot; with a part, where it was made as one */
    private function lifeOf(?array $document): ?Life
    {
        $part = $document['parts'][0] ?? null;
        $hours = $part['good_for_hours'] ?? null;

        return is_array($part) && is_string($part['makes'] ?? null)
            ? Life::of($this->catalogue->partDefaults($part['makes']), is_numeric($hours) ? (float) $hours : null)
            : null;
    }

    /**
     * Until when a part is good that stands so from the day it was made.
     *
     * @param  array<string, mixed>  $document  of it
     * @return Carbon|null null where what is in it tells
     */
    public function partDate(array $document, Storage $storage, Carbon $at): ?Carbon
    {
        $life = $this->lifeOf($document);

        return $life === null ? null : self::after($at, Perishing::lasts(
            $life,
            [['hour' => 0.0, 'storage' => $storage]],
            $this->kitchen->fridge(),
        ));
    }

    private static function after(Carbon $from, float $hours): Carbon
    {
        return $from->copy()->addSeconds((int) ($hours * self::SECONDS_PER_HOUR));
    }
}
