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
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Tools;

/** Keeps what was strained out of a lot: spent plants, pulp, press cake, with its hours and what it is good for. */
final readonly class LeftOvers
{
    private const MOST_G = 100_000.0;

    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools,
        private LotBook $lots,
        private Shelving $shelving,
    ) {
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
        $composition = (new Weighing($this->catalogue, $this->tools))->of(FormulaDocument::read($lot->document));
        $plants = [];
        $carrier = null;
        // what was strained out of another thing is what this one is
        $phase = $composition->fatShare() > 0.0 || $composition->parts !== [] && $composition->parts[0]->isOily()
            ? Phase::Oil
            : Phase::Water;
        $rest = $grams;
        foreach ($composition->parts === [] ? $composition->lines : $composition->parts[0]->lines as $line) {
            if ($line->ingredient?->kind->isPlant() === true && $line->grams !== null) {
                $plants[] = [
                    'ingredient' => $line->ingredient->key,
                    'amount' => round($line->weighs(), 2).' g',
                    'phase' => $phase->value,
                ];
                $rest -= $line->weighs();
            } elseif ($line->ingredient !== null) {
                $carrier ??= $line->ingredient->key;
            }
        }

        return FormulaDocument::write(FormulaDocument::read([
            'format' => Formula::FORMAT,
            'name' => mb_substr($lot->name, 0, 100),
            'family' => Family::FreshMask->value,
            'lines' => [
                ...$plants,
                ...($carrier !== null && $rest > 0.0
                    ? [['ingredient' => $carrier, 'amount' => round($rest, 2).' g', 'phase' => $phase->value]]
                    : []),
            ],
        ]));
    }
}
