<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Drawing\Ranges;
use App\Ground\Wording;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Reformulation\Substitutes;

/**
 * What a material does, how much of it, at which pH and heat, what it goes with and what not, and how it stands beside
 * its neighbours: all from its figures, none of it written for one material.
 */
final readonly class MaterialFacts
{
    private const NEIGHBOURS = 5;

    public function __construct(private Catalogue $catalogue, private Wording $wording)
    {
    }

    /** @return list<string> */
    public function does(Material $it): array
    {
        $traits = array_map(static fn (MaterialTrait $trait): string => $trait->value, $it->traits);

        return [
            say("materials.does.{$it->kind->value}"),
            ...array_map(
                static fn (string $trait): string => say("materials.traits.$trait"),
                array_values(array_intersect($traits, array_keys((array) __('materials.traits')))),
            ),
        ];
    }

    /** @return list<string> */
    public function goesWith(Material $it): array
    {
        $says = [];
        foreach (['water', 'oil', 'alcohol'] as $in) {
            $is = $it->dissolves[$in];
            if ($is !== null && $is !== 'insoluble') {
                $says[] = is_float($is)
                    ? say('materials.dissolves.grams', [
                        'grams' => $this->wording->number($is), 'in' => say("materials.in.$in"),
                    ])
                    : say("materials.dissolves.$is", ['in' => say("materials.in.$in")]);
            }
        }
        $says[] = say('materials.phase.'.$it->defaultPhase->value);

        return $says;
    }

    /** @return list<string> */
    public function notWith(Material $it): array
    {
        $never = array_filter(
            ['water', 'oil'],
            static fn (string $in): bool => $it->dissolves[$in] === 'insoluble',
        );

        return array_values(array_filter([
            ...array_map(static fn (string $in): string => say("materials.not_in.$in"), $never),
            match (true) {
                $it->charge === Charge::Cationic => say('materials.against.cationic'),
                $it->charge === Charge::Anionic => say('materials.against.anionic'),
                default => '',
            },
            $it->is(MaterialTrait::Electrolyte) ? say('materials.against.electrolyte') : '',
            $it->phMax !== null && $it->phMax <= 6.0 && $it->kind === Kind::Preservative
                ? say('materials.against.alkaline', ['ph' => $this->wording->number($it->phMax)])
                : '',
            $it->maxProcessTemperature === null
                ? ''
                : say('materials.against.heat', ['celsius' => $this->wording->celsius($it->maxProcessTemperature)]),
        ]));
    }

    /** Its usual share of the batch beside its neighbours'. */
    public function amounts(Material $it): ?Ranges
    {
        return Ranges::of($this->rows($it, fn (Material $one): ?array => $one->use === null || $one->use->max <= 0.0
            ? null
            : [$one->use->min, $one->use->max, $one->use->typical]), '%');
    }

    public function acidity(Material $it): ?Ranges
    {
        return Ranges::of($this->rows($it, static fn (Material $one): ?array => $one->phMin === null
            || $one->phMax === null ? null : [$one->phMin, $one->phMax, null]), 'pH', 2.0, 12.0);
    }

    /** Months it keeps once it is open, of fats. */
    public function life(Material $it): ?Ranges
    {
        return Ranges::of($this->rows($it, static fn (Material $one): ?array => $one->openedMonths === null
            || ! $one->kind->isLipid() ? null : [0.0, $one->openedMonths, null]), say('materials.months'));
    }

    public function heat(Material $it): ?Ranges
    {
        return Ranges::of(
            $this->rows($it, static fn (Material $one): ?array => match (true) {
                $one->meltHigh !== null => [
                    $one->meltLow ?? $one->meltHigh, $one->maxProcessTemperature ?? 100.0, $one->meltHigh,
                ],
                $one->maxProcessTemperature !== null => [0.0, $one->maxProcessTemperature, null],
                default => null,
            }),
            '°C',
            0.0,
            120.0,
        );
    }

    /**
     * @param  callable(Material): (array{float, float, float|null}|null)  $range
     * @return list<array{label: string, href: string, low: float, high: float, usual: float|null, said: string}> none
     *   where the material itself has none
     */
    private function rows(Material $it, callable $range): array
    {
        $rows = [];
        foreach ($range($it) === null ? [] : [$it, ...$this->neighbours($it)] as $one) {
            $is = $range($one);
            if ($is !== null) {
                $rows[] = [
                    'label' => $this->wording->ingredient($one->key),
                    'href' => route('ingredient', $one->key),
                    'low' => $is[0],
                    'high' => $is[1],
                    'usual' => $is[2],
                    'said' => say('ui.band', [
                        'low' => $this->wording->number($is[0]), 'high' => $this->wording->number($is[1]),
                    ]),
                ];
            }
        }

        return $rows;
    }

    /** @return list<Material> of its kind, the most alike first */
    public function neighbours(Material $it): array
    {
        $apart = [];
        $likeness = new Substitutes($this->catalogue);
        foreach ($this->catalogue->all() as $other) {
            if ($other->kind === $it->kind && $other->key !== $it->key && ($other->use->max ?? 0.0) > 0.0) {
                $apart[$other->key] = $likeness->distance($it, $other);
            }
        }
        asort($apart);

        return array_map($this->catalogue->get(...), array_slice(array_keys($apart), 0, self::NEIGHBOURS));
    }
}
