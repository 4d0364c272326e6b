<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\PartDefaults;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Bulk;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\UnreadableAmount;

/**
 * Opens the parts of a formula down to materials: what goes in, what is strained out, what comes out and of what.
 *
 * Oil that comes out: what went in less what the plants keep (see Material::oilKept). Water: by the making of the plant
 * in data/preparations.csv. What isn't strained comes out whole.
 */
final class PartWeighing
{
    /** Where the table knows no making of the plant, so much of the liquid comes out. A guess. */
    private const UNKNOWN_YIELD = [0.6, 0.8, 0.95];

    /** What of a dried plant goes into water, by weight; it only orders the list of contents. A guess. */
    private const DISSOLVED_OF_PLANT = 0.2;

    /** @var array<string, WeighedPart> */
    private array $weighed = [];

    public function __construct(
        private readonly Weighing $weighing,
        private readonly Catalogue $catalogue,
        private readonly Tools $tools,
    ) {
    }

    /** @return array<string, WeighedPart> by key, in the order of the formula */
    public function of(Formula $formula): array
    {
        $inOrder = [];
        foreach ($formula->parts as $part) {
            $inOrder[$part->key] = $this->part($part, $formula);
        }

        return $inOrder;
    }

    private function part(Part $part, Formula $formula): WeighedPart
    {
        if (! isset($this->weighed[$part->key])) {
            foreach ($part->uses() as $key) {
                $used = $formula->part($key);
                $used === null ?: $this->part($used, $formula);
            }
            $this->weighed[$part->key] = $this->opened($part, $formula);
        }

        return $this->weighed[$part->key];
    }

    private function opened(Part $part, Formula $formula): WeighedPart
    {
        $defaults = $this->catalogue->partDefaults($part->makes->value);
        $put = $this->put($part, $formula, $defaults);
        $path = '/parts/'.array_search($part, $formula->parts, true);
        $lines = self::underTheirKeys($put->lines, $part, $path);
        $known = array_values(array_filter(
            [...$lines, ...$put->inner],
            static fn (WeighedLine $line): bool => $line->ingredient !== null && $line->grams !== null,
        ));
        $isStrained = $part->process->steps === [] ? $defaults->isStrained : $part->saysItIsStrained();
        [$plants, $rest] = $isStrained ? self::sorted($known) : [[], $known];
        $method = $this->method($known, $defaults);
        $holds = $this->holds($plants, $rest, $method, $defaults, $isStrained);
        $isWhole = array_filter($lines, static fn (WeighedLine $line): bool => $line->grams === null) === [];

        return new WeighedPart(
            $part,
            $put,
            $this->given($part, $holds) ?? ($isWhole ? self::yield($plants, $rest, $method, $defaults) : null),
            $isStrained,
            $holds,
            $rest === [] ? [] : [
                ...self::extracts($plants, $rest, $defaults->isOily ?? false),
                ...$put->extracts,
            ],
            $lines,
            $path,
        );
    }

    /** What goes in, all of it in one pot: no line of a part is strained out before the part is. */
    private function put(Part $part, Formula $formula, PartDefaults $defaults): Composition
    {
        $phase = $defaults->isOily ?? false ? Phase::Oil : Phase::Water;
        $isCookedOut = $part->isCookedOut();

        return $this->weighing->with($this->weighed, new Formula(
            $part->name,
            $phase === Phase::Oil ? Family::InfusedOil : Family::WaterSpray,
            array_map(
                static fn (Line $line): Line => $isCookedOut
                    ? $line->inPhase($phase)->cookedOut()
                    : $line->inPhase($phase),
                $part->lines,
            ),
            scaleResolutionG: $formula->scaleResolutionG,
        ));
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return list<WeighedLine>
     */
    private static function underTheirKeys(array $lines, Part $part, string $path): array
    {
        return array_map(static fn (WeighedLine $line): WeighedLine => $line->at(
            $line->position,
            "$part->key/".$line->key(),
            $path.$line->path(),
        ), $lines);
    }

    /**
     * @param  list<WeighedLine>  $lines
     * @return array{list<WeighedLine>, list<WeighedLine>} the plants, and the rest
     */
    private static function sorted(array $lines): array
    {
        $sorted = [[], []];
        foreach ($lines as $line) {
            $sorted[$line->ingredient?->kind->isPlant() ?? false ? 0 : 1][] = $line;
        }

        return $sorted;
    }

    /** @param  list<WeighedLine>  $lines */
    private function method(array $lines, PartDefaults $defaults): ?PreparationMethod
    {
        foreach ($lines as $line) {
            $method = $line->ingredient === null
                ? null
                : $this->catalogue->preparationOf($line->ingredient->key, $defaults->preparations);
            if ($method !== null) {
                return $method;
            }
        }

        return null;
    }

    /**
     * What comes out, by what is in it. Plain water that plants stood in is a tea, a gel or a juice, known by its
     * plant.
     *
     * @param  list<WeighedLine>  $plants  strained out
     * @param  list<WeighedLine>  $rest
     * @return list<WeighedLine> shares are fractions of what comes out
     */
    private function holds(
        array $plants,
        array $rest,
        ?PreparationMethod $method,
        PartDefaults $defaults,
        bool $isStrained,
    ): array {
        $drawn = $isStrained && $plants !== [] ? $this->drawn($plants, $rest, $method, $defaults) : null;
        $isPlain = static fn (WeighedLine $line): bool => $line->ingredient?->kind === Kind::WaterPhaseLiquid;
        $rest = $rest === [] ? $plants : $rest;
        $all = self::grams($rest)->likely;
        $holds = [];
        foreach ($all > 0 ? $rest : [] as $line) {
            $isDrawn = $drawn !== null && ($isPlain($line) || $line->ingredient?->kind->isPlant());
            $holds[] = $line->of(
                $isDrawn ? $drawn : $line->ingredient,
                Band::exact($line->weighs() / $all),
            );
        }

        return $holds;
    }

    /**
     * @param  non-empty-list<WeighedLine>  $plants
     * @param  list<WeighedLine>  $rest
     */
    private function drawn(array $plants, array $rest, ?PreparationMethod $method, PartDefaults $defaults): ?Material
    {
        $key = $method->ingredient ?? $defaults->standsFor;
        if ($key === null || ($defaults->isOily ?? true)) {
            return null;
        }
        $like = $this->catalogue->get($key)->madeBy($method);
        if ($method !== null && ! $method->isNamedByItsPlant() && count($plants) === 1) {
            return $like;
        }
        $water = max(self::grams($rest)->likely, self::grams($plants)->likely);
        $parts = [];
        foreach ($plants as $plant) {
            $inci = $plant->ingredient?->inciOfExtract() ?? '';
            $parts[$inci] = self::DISSOLVED_OF_PLANT * $plant->weighs() / $water;
        }
        $parts = ['Aqua' => 1 - array_sum($parts), ...$parts];

        return $like->composedOf(implode(' (and) ', array_keys($parts)), $parts);
    }

    /**
     * @param  list<WeighedLine>  $plants  strained out
     * @param  list<WeighedLine>  $rest
     */
    private static function yield(
        array $plants,
        array $rest,
        ?PreparationMethod $method,
        PartDefaults $defaults,
    ): Band {
        $liquid = self::grams($rest);
        if ($plants === []) {
            return $liquid;
        }
        if ($defaults->isOily ?? false) {
            return $liquid->minus(Band::sum(array_map(self::oilKeptBy(...), $plants)))->notBelowZero();
        }
        $part = $method?->usualYield() ?? Band::of(...self::UNKNOWN_YIELD);

        return ($rest === [] ? self::grams($plants) : $liquid)->times($part);
    }

    private static function oilKeptBy(WeighedLine $plant): Band
    {
        $water = $plant->ingredient?->kind === Kind::FreshBotanical ? $plant->ingredient->waterFraction ?? 0.0 : 0.0;
        $kept = $plant->ingredient?->oilKept() ?? Band::zero();

        return ($plant->grams ?? Band::zero())->times(1 - $water)->times($kept);
    }

    /** @param  list<WeighedLine>  $holds */
    private function given(Part $part, array $holds): ?Band
    {
        try {
            $amount = $part->gives === '' ? null : AmountReader::read($part->gives);
        } catch (UnreadableAmount) {
            return null; // refused where it is read from a document
        }
        $bulk = new Bulk(Composition::densityOf($holds), null, 0.0);

        return $amount?->number === null || $amount->unit === null
            ? null
            : $this->tools->grams($amount->number, $amount->unit, $bulk);
    }

    /**
     * At rest what a plant gives is shared between the plants and what they stand in.
     *
     * @param  list<WeighedLine>  $plants
     * @param  list<WeighedLine>  $rest
     * @return list<Extract>
     */
    private static function extracts(array $plants, array $rest, bool $isInOil): array
    {
        $extracts = [];
        foreach ($plants as $i => $plant) {
            $others = [...$rest, ...array_diff_key($plants, [$i => true])];
            $share = $plant->grams === null ? null : Band::share($plant->grams, self::grams($others));
            $plant->ingredient === null ?: $extracts[] = new Extract($plant->ingredient, $plant, $share, $isInOil);
        }

        return $extracts;
    }

    /** @param  array<WeighedLine>  $lines */
    private static function grams(array $lines): Band
    {
        return Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(),
            array_values($lines),
        ));
    }
}
