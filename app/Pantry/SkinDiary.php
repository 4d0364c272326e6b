<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\NotUndone;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Enums\LotEntryKind;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Person\SkinLimit;

/** How hot oils felt on the maker's own skin: written down try by try, and the limit that follows for their plants. */
final readonly class SkinDiary
{
    private const MOST_LOTS = 300;

    private const LONGEST_MIN = 1440.0;

    public function __construct(private Catalogue $catalogue, private LotBook $lots, private Wording $wording)
    {
    }

    /** @throws Refused */
    public function tell(Lot $lot, ?float $minutes, string $felt, string $note, Carbon $at, string $clientKey): void
    {
        if ($this->hotOf($lot) === [] || (float) $lot->strength <= 0.0) {
            throw Refused::notHot('minutes');
        }
        if ($minutes === null || $minutes <= 0.0 || $minutes > self::LONGEST_MIN) {
            throw Refused::noMinutes('minutes');
        }
        if (! in_array($felt, SkinLimit::FELT, true)) {
            throw Refused::noLook('felt');
        }
        $this->lots->tried($lot, $minutes, $felt, mb_substr(trim($note), 0, 300), $at, $clientKey);
    }

    /** @return list<string> keys of the plants in it that irritate skin */
    public function hotOf(Lot $lot): array
    {
        return $lot->isInfusedOil() ? $this->hot(array_column($lot->material['from'] ?? [], 'id')) : [];
    }

    /** What the diary says of an oil with these plants; "" before anything was tried. */
    public function said(?SkinLimit $limit): string
    {
        $number = fn (float $strength): string => $this->wording->number($strength, 1);

        return match (true) {
            $limit === null => '',
            $limit->fine !== null && $limit->tooMuch !== null => say('pantry.skin.between', [
                'fine' => $number($limit->fine), 'much' => $number($limit->tooMuch),
            ]),
            $limit->fine !== null => say('pantry.skin.fine', [
                'fine' => $number($limit->fine), 'minutes' => $this->wording->number((float) $limit->minutes, 0),
            ]),
            default => say('pantry.skin.much', ['much' => $number((float) $limit->tooMuch)]),
        };
    }

    /**
     * From all tries of oils with one of these plants.
     *
     * @param  list<string>  $plants  keys
     */
    public function limit(array $plants): ?SkinLimit
    {
        $hot = $this->hot($plants);
        $tries = [];
        $lots = $hot === [] ? [] : Lot::query()
            ->where('kind', 'infused_oil')
            ->whereNotNull('strength')
            ->whereHas('entries', static fn ($entries) => $entries->where('kind', LotEntryKind::Tried->value))
            ->with('entries')
            ->limit(self::MOST_LOTS)
            ->get();
        foreach ($lots as $lot) {
            if (array_intersect($hot, $this->hotOf($lot)) === []) {
                continue;
            }
            foreach (NotUndone::of($lot->entries) as $entry) {
                if ($entry->kind === LotEntryKind::Tried) {
                    $tries[] = [
                        'strength' => (float) $lot->strength,
                        'minutes' => (float) $entry->minutes,
                        'felt' => $entry->subject,
                    ];
                }
            }
        }

        return SkinLimit::of($tries);
    }

    /**
     * @param  array<mixed>  $plants  keys
     * @return list<string>
     */
    private function hot(array $plants): array
    {
        return array_values(array_filter(
            array_filter($plants, is_string(...)),
            fn (string $key): bool => $this->catalogue->has($key)
                && $this->catalogue->get($key)->kind->isPlant()
                && $this->catalogue->get($key)->hasCaution(Caution::Irritant),
        ));
    }
}
