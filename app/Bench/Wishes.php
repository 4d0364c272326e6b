<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Reformulation\Cheaper;
use Ilvane\Core\Reformulation\Firmness;
use Ilvane\Core\Reformulation\Offers;
use Ilvane\Core\Reformulation\Proposal;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;
use Ilvane\Core\Reformulation\Substitutes;
use Ilvane\Core\Reformulation\Without;
use Ilvane\Core\Safety\Assessment;

/**
 * What the maker wishes of a formula, and what is proposed for it. A wish is plain text in a page's address, so it can
 * be
 * asked again and comes to the same.
 *
 * @phpstan-type Wish array{wish: string, feel: string, celsius: string, by: string, without: list<string>,
 *   offer: string}
 */
final readonly class Wishes
{
    /** What turns within so many days wants using up. */
    private const SOON_DAYS = 45;

    public const ALLERGENS = ['tree_nut', 'peanut', 'coconut', 'soy', 'gluten', 'milk', 'bee', 'sesame', 'asteraceae'];

    public const FEELS = ['very_soft', 'scoopable', 'firm', 'hard'];

    public function __construct(public Assessment $it, private Stock $cupboard, private Substitutes $substitutes)
    {
    }

    public function hasPrices(): bool
    {
        return array_filter(
            $this->cupboard->things,
            static fn (Stocked $thing): bool => $thing->pricePerGram !== null,
        ) !== [];
    }

    /** @return array<string, Proposal> found without asking */
    public function offers(): array
    {
        return Offers::of(
            $this->it,
            $this->substitutes,
            $this->cupboard,
            Carbon::now()->addDays(self::SOON_DAYS)->toDateTimeImmutable(),
        );
    }

    /**
     * @param  Wish  $wish
     * @return Proposal|null null where nothing was wished
     */
    public function grant(array $wish): ?Proposal
    {
        $number = static fn (string $typed): float => (float) str_replace(',', '.', $typed);

        return match ($wish['wish']) {
            'firm' => Firmness::wish(
                $this->it,
                $wish['feel'],
                max(10.0, min(35.0, $number($wish['celsius']))),
                $this->fats(static fn (): bool => true),
                $this->cupboard,
            ),
            'without' => $this->without($wish['without']),
            'cheaper' => Cheaper::wish(
                $this->it,
                max(0.01, min(0.9, $number($wish['by']) / 100)),
                $this->fats(fn (Material $fat): bool => $this->cupboard->pricePerGram($fat->key) !== null),
                $this->cupboard,
            ),
            'offer' => $this->offers()[$wish['offer']] ?? null,
            default => null,
        };
    }

    /** @param  list<string>  $unwanted */
    private function without(array $unwanted): Proposal
    {
        $allergens = array_values(array_filter(array_map(Allergen::tryFrom(...), $unwanted)));

        return $allergens === []
            ? Proposal::none('without_what')
            : (new Without($this->substitutes))->wish($this->it, $allergens);
    }

    /**
     * Fats in the pantry that may come in: of the kinds the formula has, and butters for butters.
     *
     * @param  callable(Material): bool  $wanted
     * @return list<Material>
     */
    private function fats(callable $wanted): array
    {
        $kinds = array_unique(
            array_map(static fn ($line): ?Kind => $line->ingredient?->kind, $this->it->composition->known()),
            SORT_REGULAR,
        );
        if ($this->it->formula->family->isSolid()) {
            $kinds = [...$kinds, Kind::Butter, Kind::CarrierOil];
        }
        $fats = [];
        foreach ($this->cupboard->things as $thing) {
            if ($thing->grams > 0 && $this->it->catalogue->has($thing->ingredient)) {
                $fat = $this->it->catalogue->get($thing->ingredient);
                if ($fat->kind->isLipid() && in_array($fat->kind, $kinds, true) && $wanted($fat)) {
                    $fats[$fat->key] = $fat;
                }
            }
        }
        ksort($fats);

        return array_values($fats);
    }
}
