<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Emulsion;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\ImpossibleMixture;

/**
 * Hydrophilic-lipophilic balance (Griffin 1949, 1954): HLB of a blend and required HLB of an oil phase, both weighed by
 * mass. Holds for non-ionic emulsifiers only, and is a rule of thumb: lists of required HLB differ by one or two.
 */
final readonly class Hlb
{
    /** This far off is as good as met. */
    public const GOOD = 1.0;

    /** Further off than this a pair wants another split. */
    public const MIND = 2.0;

    /** Fats of unknown requirement may be so much of the oil phase; with more of them nothing can be said. */
    private const UNKNOWN_AT_MOST = 0.6;

    /** From here on the unknown share is spoken of. */
    public const UNKNOWN_WORTH_SAYING = 0.2;

    /**
     * @param  list<WeighedLine>  $pair  the emulsifiers, where their split can be changed
     * @param  float  $unknown  share of the fats whose requirement nobody knows
     */
    private function __construct(
        public ?float $required,
        public ?float $blend,
        public array $pair,
        public bool $isBalanced,
        public float $unknown,
    ) {
    }

    /**
     * @param  list<WeighedLine>  $emulsifiers  solubilisers included
     * @param  list<WeighedLine>  $fats
     */
    public static function of(array $emulsifiers, array $fats): self
    {
        $known = array_values(array_filter(
            $emulsifiers,
            static fn (WeighedLine $line): bool => $line->ingredient?->hlb !== null,
        ));
        $isNonionic = $emulsifiers !== []
            && array_filter(
                $emulsifiers,
                static fn (WeighedLine $line): bool => $line->ingredient?->charge !== Charge::Nonionic,
            ) === [];
        $isBalanced = array_filter(
            $emulsifiers,
            static fn (WeighedLine $line): bool => $line->ingredient?->is(MaterialTrait::CompleteEmulsifier) === true,
        ) !== [];
        if (! $isNonionic || count($known) !== count($emulsifiers)) {
            return new self(self::required($fats), null, [], $isBalanced, self::unknown($fats));
        }

        return new self(
            self::required($fats),
            self::blend(self::weights($known, static fn (WeighedLine $line): ?float => $line->ingredient?->hlb)),
            $known,
            $isBalanced,
            self::unknown($fats),
        );
    }

    /** How far the blend lies from what the oils ask for, with its sign; null where either is not known. */
    public function off(): ?float
    {
        return $this->required === null || $this->blend === null ? null : $this->blend - $this->required;
    }

    /**
     * Percent of the batch of each of two emulsifiers that meets the requirement, their sum kept.
     *
     * @return array{float, float}|null in the order of the pair; null where no split of these two does
     */
    public function split(): ?array
    {
        if (count($this->pair) !== 2 || $this->required === null) {
            return null;
        }
        [$a, $b] = array_map(static fn (WeighedLine $line): float => $line->ingredient->hlb ?? 0.0, $this->pair);
        $total = array_sum(array_map(
            static fn (WeighedLine $line): float => 100 * $line->part(),
            $this->pair,
        ));
        try {
            $parts = Alligation::parts(min($a, $b), max($a, $b), $this->required);
        } catch (ImpossibleMixture) {
            return null;
        }
        $strong = $total * $parts['strong'] / ($parts['strong'] + $parts['weak']);

        return $a > $b ? [$strong, $total - $strong] : [$total - $strong, $strong];
    }

    /** @param  list<array{float, float}>  $parts weight and HLB of each */
    public static function blend(array $parts): ?float
    {
        return $parts === [] || array_sum(array_column($parts, 0)) <= 0 ? null : Alligation::mixed($parts);
    }

    /** @param  list<WeighedLine>  $fats */
    private static function unknown(array $fats): float
    {
        $known = self::weights($fats, static fn (WeighedLine $line): ?float => $line->ingredient?->requiredHlb);
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->part(), $fats));

        return $all > 0.0 ? 1 - array_sum(array_column($known, 0)) / $all : 0.0;
    }

    /** @param  list<WeighedLine>  $fats */
    private static function required(array $fats): ?float
    {
        return self::unknown($fats) > self::UNKNOWN_AT_MOST + 1e-9 ? null : self::blend(
            self::weights($fats, static fn (WeighedLine $line): ?float => $line->ingredient?->requiredHlb),
        );
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @param  callable(WeighedLine): ?float  $value
     * @return list<array{float, float}>
     */
    private static function weights(array $lines, callable $value): array
    {
        $weights = [];
        foreach ($lines as $line) {
            if ($value($line) !== null && $line->part() > 0) {
                $weights[] = [$line->part(), $value($line)];
            }
        }

        return $weights;
    }
}
