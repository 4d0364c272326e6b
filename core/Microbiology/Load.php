<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;

/**
 * What a preservative has to hold before it holds anything else: food, raw juices and gels, plant powder, plant waters.
 * Limits: common practice, recalled. Shares are fractions of the batch.
 */
final readonly class Load
{
    /** More than this is fresh, whatever is added to it. */
    public const FOOD = 0.05;

    public const RAW = 0.30;

    public const POWDER = 0.03;

    /** From here on it is watched, and keeps for half the time. */
    public const RAW_SOME = 0.05;

    public const POWDER_SOME = 0.01;

    /** So much tea, hydrosol, boiled gel or bottled juice asks for the usual dose, not the least. */
    public const PLANT_WATERS = 0.20;

    /**
     * @param  list<WeighedLine>  $foods
     * @param  list<WeighedLine>  $raw  juices and gels that were neither boiled nor bottled
     * @param  list<WeighedLine>  $powders  left in
     * @param  list<WeighedLine>  $plantWaters
     */
    private function __construct(
        public array $foods,
        public array $raw,
        public array $powders,
        public array $plantWaters,
    ) {
    }

    public static function of(Composition $composition): self
    {
        $isJuice = static fn (Material $material): bool => $material->kind === Kind::PlantJuiceOrGel;
        $isRaw = static fn (Material $material): bool => $material->bioburden->isRaw ?? true;

        return new self(
            $composition->linesWith(self::isFood(...)),
            $composition->linesWith(static fn (Material $one): bool => $isJuice($one) && $isRaw($one)),
            array_values(array_filter(
                $composition->ofKind(Kind::PowderBotanical),
                static fn (WeighedLine $line): bool => ! $line->line->isPrepared(Prepared::Strained),
            )),
            $composition->linesWith(static fn (Material $one): bool => $one->kind === Kind::HydrosolOrTea
                || ($isJuice($one) && ! $isRaw($one))),
        );
    }

    /** Food as it comes, with its water; honey and syrups have none free. */
    public static function isFood(Material $ingredient): bool
    {
        return $ingredient->kind === Kind::PlantMilkOrFood && $ingredient->bringsFreeWater();
    }

    /** @return array<string, array{lines: list<WeighedLine>, limit: float}> food, raw or powder: too much of it */
    public function tooMuch(): array
    {
        return self::above($this->limited(self::FOOD, self::RAW, self::POWDER));
    }

    /** @return array<string, array{lines: list<WeighedLine>, limit: float}> enough of it to be watched */
    public function some(): array
    {
        return self::above($this->limited(self::TRACE, self::RAW_SOME, self::POWDER_SOME));
    }

    /** Less than this of a food is a garnish. A guess. */
    private const TRACE = 0.001;

    public function plantWater(): float
    {
        return self::share($this->plantWaters);
    }

    /** @return array<string, array{lines: list<WeighedLine>, limit: float}> */
    private function limited(float $food, float $raw, float $powder): array
    {
        return [
            'food' => ['lines' => $this->foods, 'limit' => $food],
            'raw' => ['lines' => $this->raw, 'limit' => $raw],
            'powder' => ['lines' => $this->powders, 'limit' => $powder],
        ];
    }

    /**
     * @param  array<string, array{lines: list<WeighedLine>, limit: float}>  $kinds
     * @return array<string, array{lines: list<WeighedLine>, limit: float}>
     */
    private static function above(array $kinds): array
    {
        return array_filter(
            $kinds,
            static fn (array $kind): bool => self::share($kind['lines']) > $kind['limit'] + 1e-9,
        );
    }

    /** @param  list<WeighedLine>  $lines */
    private static function share(array $lines): float
    {
        return Composition::shareOfLines($lines)->likely;
    }
}
