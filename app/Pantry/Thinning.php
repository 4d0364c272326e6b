<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Enums\LotKind;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\ImpossibleMixture;
use Ilvane\Core\Measure\Tools;

/**
 * A strong infused oil thinned with a plain one: how much of it, and what comes of it, as a lot of its own.
 *
 * @phpstan-type Proposed array{grams: string, strength: string, oil: string, oils: array<string, string>,
 *   plain: string}
 */
final readonly class Thinning
{
    /** Where no limit tells, half as strong is proposed. */
    private const HALF = 0.5;

    /** More than this of plain oil for one of the strong is no thinning but a mistake in a number. */
    private const MOST_PARTS = 1000.0;

    /** A scale shows no less. */
    private const CRUMBS_G = 0.05;

    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools,
        private LotBook $lots,
        private Wording $wording,
    ) {
    }

    /**
     * What is proposed: all that is left of it, down to the limit of its plants or to half.
     *
     * @return Proposed|null null for what can't be thinned: no infused oil, nothing left, or nobody knows how strong it
     *   is
     */
    public function proposed(Lot $lot): ?array
    {
        $oils = $this->oils($lot);
        if (! $lot->isInfusedOil() || $lot->gone_at !== null || (float) $lot->strength <= 0.0 || $oils === []) {
            return null;
        }
        $limit = $this->limit($lot);
        $wanted = min($limit ?? INF, self::HALF * (float) $lot->strength);
        $wanted = $wanted <= 0.0 ? self::HALF * (float) $lot->strength : floor(100 * $wanted) / 100;

        return $wanted <= 0.0 ? null : [
            'grams' => $this->wording->number($lot->grams_left, 1),
            'strength' => $this->wording->number($wanted, 2),
            'oil' => (string) array_key_first($oils),
            'oils' => $oils,
            'plain' => $this->wording->grams(
                round(Alligation::toAdd($lot->grams_left, (float) $lot->strength, $wanted)),
            ),
        ];
    }

    /**
     * Strength at which one of its plants reaches its ceiling, their proportions taken as they went in; null where none
     * has one.
     */
    public function limit(Lot $lot): ?float
    {
        if ($lot->document === null) {
            return null;
        }
        $extracts = (new Weighing($this->catalogue, $this->tools))
            ->of(FormulaDocument::read($lot->document))
            ->extracts;
        $total = array_sum(array_map(static fn (Extract $one): float => $one->perGram->likely ?? 0.0, $extracts));
        $limits = [];
        foreach ($extracts as $one) {
            if ($one->plant->use !== null && $one->perGram !== null && $one->perGram->likely > 0.0) {
                $limits[] = $one->plant->use->max * $total / $one->perGram->likely;
            }
        }

        return $limits === [] ? null : min($limits);
    }

    /**
     * Thins it. Both oils are taken from the pantry, as far as the plain one is written down there.
     *
     * @param  string  $oil  key of the plain oil
     *
     * @throws Refused when there is not so much, or it would be no weaker
     */
    public function thin(Lot $lot, float $grams, float $strength, string $oil, Carbon $at, string $clientKey): Lot
    {
        return DB::transaction(function () use ($lot, $grams, $strength, $oil, $at, $clientKey): Lot {
            $known = $lot->refresh()->entries()->where('client_key', "$clientKey-strong")->value('subject');
            if ($known !== null) {
                return Lot::query()->where('code', $known)->firstOrFail();
            }
            if ($grams <= 0.0) {
                throw Refused::noGrams('thin_grams');
            }
            if ($grams > $lot->grams_left + self::CRUMBS_G) {
                throw Refused::notSoMuchLeft('thin_grams', $this->wording->grams($lot->grams_left));
            }
            if (! isset($this->oils($lot)[$oil])) {
                throw Refused::noSuchIngredient('thin_oil');
            }
            try {
                $plain = Alligation::toAdd($grams, (float) $lot->strength, $strength);
            } catch (ImpossibleMixture) {
                throw Refused::notThinner('thin_strength', $this->wording->number((float) $lot->strength, 2));
            }
            if ($plain <= 0.0 || $plain > self::MOST_PARTS * $grams) {
                throw Refused::notThinner('thin_strength', $this->wording->number((float) $lot->strength, 2));
            }
            $thinned = $this->lots->putThinned(
                mb_substr(say('pantry.thin.named', ['name' => $lot->name]), 0, 120),
                $this->document($lot, $grams, $oil, $plain),
                $grams + $plain,
                $strength,
                $this->until($lot, $oil, $at),
                $at,
            );
            $this->lots->use($lot, $grams, $thinned->code, $at, "$clientKey-strong");
            $this->lots->takeInTurn($oil, $plain, $thinned->code, $at, "$clientKey-plain");

            return $thinned;
        });
    }

    /** @return array<string, mixed> ilvane.formula/1 */
    private function document(Lot $lot, float $grams, string $oil, float $plain): array
    {
        return FormulaDocument::write(FormulaDocument::read([
            'format' => Formula::FORMAT,
            'name' => mb_substr($lot->name, 0, 100),
            'family' => Family::InfusedOil->value,
            'lines' => [
                [...LotLine::of($lot), 'amount' => round($grams, 2).' g', 'phase' => Phase::Oil->value],
                ['ingredient' => $oil, 'amount' => round($plain, 2).' g', 'phase' => Phase::Oil->value],
            ],
        ]));
    }

    /** The earlier day of the two. */
    private function until(Lot $lot, string $oil, Carbon $at): ?Carbon
    {
        $plain = Lot::ofIngredient($oil)->first();
        $days = $this->catalogue->get($oil)->openedDays();
        $until = array_filter([
            $lot->good_until,
            $plain->good_until ?? ($days === null ? null : $at->copy()->addDays((int) $days)),
        ]);

        return $until === [] ? null : min($until);
    }

    /** @return array<string, string> plain oils that go with it, by key: its own first, then those of the pantry */
    private function oils(Lot $lot): array
    {
        $own = $lot->document === null ? [] : array_filter(array_map(
            static fn (array $line): mixed => $line['ingredient'] ?? null,
            array_filter($lot->document['lines'] ?? [], is_array(...)),
        ), is_string(...));
        $there = Lot::atHand()
            ->where('kind', LotKind::Bought->value)
            ->whereNotNull('ingredient')
            ->orderBy('good_until')
            ->limit(200)
            ->pluck('ingredient')
            ->all();
        $keys = array_filter(
            array_unique([...array_values($own), ...$there]),
            fn (string $key): bool => $this->catalogue->has($key) && self::isPlainOil($this->catalogue->get($key)),
        );

        return array_combine($keys, array_map($this->wording->ingredient(...), $keys));
    }

    private static function isPlainOil(Material $material): bool
    {
        return $material->kind === Kind::CarrierOil;
    }
}
