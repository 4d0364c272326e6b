<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Formulas\Draft;
use App\Models\Enums\LotKind;
use App\Models\Lot;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;

/** A lot of the pantry as a line of a formula: with its code and its date. */
final class LotLine
{
    /** How a line on the bench names one of these instead of a catalogue ingredient. */
    public const KEY = 'lot:';

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return array<string, mixed> a line of ilvane.formula/1 without its amount */
    public static function of(Lot $lot): array
    {
        return array_filter([
            'ingredient' => $lot->ingredient,
            // the code in its name keeps it from being taken for the formula it goes into
            'formula' => $lot->document === null
                ? null
                : [...$lot->document, 'name' => mb_substr($lot->name, 0, 100)." ($lot->code)"],
            'phase' => $lot->kind === LotKind::InfusedOil ? Phase::Oil->value : null,
            'lot' => $lot->code,
            'best_before' => $lot->good_until?->format('Y-m-d'),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * @return array<string, mixed>|null the line for what a page calls "lot:CODE"; null for anything else and for what
     *   is gone
     */
    public static function named(string $key): ?array
    {
        $lot = str_starts_with($key, self::KEY)
            ? Lot::atHand()->where('code', substr($key, strlen(self::KEY)))->first()
            : null;

        return $lot === null ? null : self::of($lot);
    }

    /** @return list<Lot> at hand whose name or code holds the words, what turns first at the front */
    public static function search(string $words, int $most): array
    {
        $words = trim($words);
        $like = '%'.addcslashes($words, '%_\\').'%';

        return mb_strlen($words) < 3
            ? []
            : array_values(Lot::atHand()
                ->where(static fn ($query) => $query->where('name', 'like', $like)->orWhere('code', 'like', $like))
                ->orderBy('good_until')
                ->limit($most)
                ->get()
                ->all());
    }

    /** @return list<Lot> all at hand by name and code, what turns first at the front: to look up many at once */
    public static function atHand(): array
    {
        return array_values(Lot::atHand()->orderBy('good_until')->get(['id', 'code', 'name'])->all());
    }

    /**
     * @param  list<Lot>  $lots
     * @return list<Lot> the first of them whose name or code holds the words
     */
    public static function matching(array $lots, string $words, int $most): array
    {
        $words = trim($words);
        $holds = static fn (Lot $lot): bool => mb_stripos("$lot->name\n$lot->code", $words) !== false;

        return mb_strlen($words) < 3 ? [] : array_slice(array_values(array_filter($lots, $holds)), 0, $most);
    }

    public function draft(Lot $lot): Draft
    {
        $isOil = $lot->ingredient === null || $this->catalogue->get($lot->ingredient)->kind->isLipid();

        return Draft::fromDocument([
            'format' => Formula::FORMAT,
            'name' => mb_substr(
                $isOil
                    ? say('pantry.formula_name', ['name' => $lot->name])
                    : say('ui.bench.untitled', ['family' => mb_strtolower(say('words.family.water_spray'))]),
                0,
                120,
            ),
            'family' => ($isOil ? Family::HairOil : Family::WaterSpray)->value,
            'lines' => [[...self::of($lot), 'amount' => round($lot->grams_left, 1).' g']],
        ]);
    }
}
