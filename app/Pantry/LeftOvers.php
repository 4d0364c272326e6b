<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Refused;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;

/** Keeps what was strained out of a lot: spent plants, pulp, press cake, with its hours and what it is good for. */
final readonly class LeftOvers
{
    private const MOST_G = 100_000.0;

    public function __construct(private Catalogue $catalogue, private LotBook $lots, private Shelving $shelving)
    {
    }

    /**
     * What a lot's page offers or tells of it.
     *
     * @return array{what: string, uses: string, days: string, lot: Lot|null, of: string,
     *   drawsAgain: bool}|null null where nothing was
     *   strained out
     */
    public function of(Lot $lot): ?array
    {
        $left = $this->shelving->leftOver($lot) ?? $this->shelving->leftOverOf($lot);

        return $left === null ? null : [
            'what' => say("pantry.left_over.what.$left->what"),
            'uses' => implode('; ', array_map(
                static fn (string $use): string => say("pantry.left_over.uses.$use"),
                $left->uses,
            )),
            'days' => trans_choice('pantry.left_over.days', (int) $left->fridgeDays),
            'lot' => Lot::query()->where('left_of', $lot->code)->first(),
            'of' => $lot->left_of ?? '',
            'drawsAgain' => $lot->left_of !== null && $lot->gone_at === null
                && Lot::query()->where('code', $lot->left_of)->whereNotNull('jar_id')->exists(),
        ];
    }

    /** @throws Refused */
    public function keep(Lot $lot, float $grams, Storage $storage, Carbon $at): Lot
    {
        if ($grams <= 0.0 || $grams > self::MOST_G) {
            throw Refused::noGrams('left_grams');
        }

        return DB::transaction(function () use ($lot, $grams, $storage, $at): Lot {
            $kept = Lot::query()->where('left_of', $lot->code)->first();
            $left = $this->shelving->leftOverOf($lot);
            if ($left === null) {
                throw Refused::noLot('left_grams');
            }

            return $kept ?? $this->lots->putLeftOver(
                $lot,
                say("pantry.left_over.named.$left->what", ['name' => $lot->name]),
                $this->document($lot, $grams),
                $grams,
                $storage,
                $this->shelving->leftOverDate($left, $storage, $at),
                $at,
            );
        });
    }

    /**
     * The plants as they went in, and as much of what they were drawn in as the rest weighs.
     *
     * @return array<string, mixed> ilvane.formula/1
     */
    private function document(Lot $lot, float $grams): array
    {
        $lines = $lot->document['parts'][0]['lines'] ?? $lot->document['lines'] ?? [];
        $plants = [];
        $carrier = '';
        $weighs = 0.0;
        foreach (is_array($lines) ? $lines : [] as $line) {
            $key = is_array($line) && is_string($line['ingredient'] ?? null) ? $line['ingredient'] : '';
            if (! $this->catalogue->has($key)) {
                continue;
            }
            if ($this->catalogue->get($key)->kind->isPlant()) {
                $plants[] = ['ingredient' => $key, 'amount' => $line['amount'] ?? ''];
                $weighs += (float) ($line['amount'] ?? 0);
            } elseif ($carrier === '') {
                $carrier = $key;
            }
        }
        $rest = $grams - $weighs;

        return FormulaDocument::write(FormulaDocument::read([
            'format' => Formula::FORMAT,
            'name' => mb_substr($lot->name, 0, 100),
            'family' => Family::FreshMask->value,
            'lines' => [
                ...$plants,
                ...($carrier !== '' && ($rest > 0.0 || $plants === [])
                    ? [['ingredient' => $carrier, 'amount' => round($plants === [] ? $grams : $rest, 2).' g']]
                    : []),
            ],
        ]));
    }
}
