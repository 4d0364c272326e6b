<?php

declare(strict_types=1);

namespace Ilvane\Core\ShelfLife;

use DateTimeImmutable;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Oxidation;

/** One thing that would make it keep longer, and until when it then would: the same sum with that one thing changed. */
final readonly class Longer
{
    /** Less than this many days more is no gain worth the trouble. */
    private const WORTH_DAYS = 7.0;

    /**
     * @param  string  $how  word key
     * @param  float  $days  from the day it is made
     * @param  string|null  $ingredient  catalogue key it speaks of
     */
    private function __construct(public string $how, public float $days, public ?string $ingredient = null)
    {
    }

    /** @return list<self> the longest first; none where nothing is dated or nothing helps */
    public static function of(
        ShelfLife $keeping,
        Formula $formula,
        Composition $composition,
        Preservation $preservation,
        ?DateTimeImmutable $madeOn = null,
        ?Container $container = null,
    ): array {
        if ($keeping->days === null) {
            return [];
        }
        $ways = match ($preservation->regime) {
            Regime::Dry => self::sweeter($keeping, $formula, $composition, $container),
            Regime::Fresh => [
                new self('freeze', ShelfLife::FROZEN_DAYS),
                new self('preserve', ShelfLife::of(
                    $formula,
                    $composition,
                    $preservation->as(Regime::Preserved),
                    $madeOn,
                )->days ?? 0.0),
            ],
            Regime::Preserved => [],
        };
        $first = $keeping->steps[0];
        $then = $keeping->steps[1]->days ?? 0.0;
        $how = match ($first->what) {
            'lot', 'ingredient_opened' => 'fresher',
            'ingredient' => 'sturdier',
            'preserved_plant_rich' => 'fewer_plants',
            default => null,
        };
        if ($how !== null) {
            $ways[] = new self(
                $how,
                $how === 'fewer_plants' ? min(ShelfLife::PRESERVED_DAYS, $then) : $then,
                $first->ingredient,
            );
        }
        $ways = array_values(array_filter(
            $ways,
            static fn (self $way): bool => $way->days >= $keeping->days + self::WORTH_DAYS,
        ));
        usort($ways, static fn (self $a, self $b): int => $b->days <=> $a->days);

        return $ways;
    }

    /** @return list<self> what keeps fats from turning */
    private static function sweeter(
        ShelfLife $keeping,
        Formula $formula,
        Composition $composition,
        ?Container $container,
    ): array {
        $storage = $formula->keeping->storage ?? Storage::Room;
        $now = Oxidation::of($formula, $composition, $storage, $container);
        if ($now === null) {
            return [];
        }
        $bound = ShelfLife::LONGEST_DAYS;
        foreach ($keeping->steps as $step) {
            $bound = $step->what === 'oxidation' ? $bound : min($bound, $step->days);
        }
        $until = static fn (Oxidation $then): float => min($bound, floor($then->days()));

        return [
            ...($now->hasAntioxidant ? [] : [new self('antioxidant', $until($now->withAntioxidant()))]),
            ...($now->isClear ? [new self('dark', $until($now->inTheDark()))] : []),
            ...($storage === Storage::Room ? [new self('fridge', $until($now->inTheFridge()))] : []),
        ];
    }
}
