<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** What the maker measures with: which spoons, which scale, which dropper. */
final readonly class Tools
{
    /**
     * Millilitres in one drop where the dropper is not known; droppers differ. Common practice; 0.05 mL is the 20-drops
     * convention.
     */
    public const DROP_ML = [0.03, 0.05, 0.0625];

    /** Scale resolution in grams when nothing is said. */
    public const DEFAULT_SCALE_G = 0.1;

    /** @param  array<string, Band>  $ownMl millilitres of the maker's own drop and spoons, by unit, weighed once */
    public function __construct(
        public UnitSystem $units = UnitSystem::UsCustomary,
        public float $scaleResolutionG = self::DEFAULT_SCALE_G,
        public array $ownMl = [],
    ) {
    }

    public function onScale(float $resolutionG): self
    {
        return new self($this->units, $resolutionG, $this->ownMl);
    }

    /**
     * Grams of a measured amount. What is weighed is what it says: how far the scale may be off is told where it
     * matters (measure.unweighable), and exceeds no limit that is met.
     *
     * @return Band|null null where the material has no density to tell by: it must be weighed
     */
    public function grams(Band $number, Unit $unit, Bulk $bulk): ?Band
    {
        return match ($unit->dimension()) {
            Dimension::Mass => $number->times((float) $unit->grams()),
            Dimension::Drops => $this->drops($number, $bulk),
            Dimension::Volume => $this->poured($number, $unit, $bulk),
        };
    }

    private function drops(Band $number, Bulk $bulk): ?Band
    {
        $density = $bulk->density ?? $bulk->spoonDensity;

        return $density === null
            ? null
            : $number->times($this->ownMl[Unit::Drop->value] ?? Band::of(...self::DROP_ML))->times($density);
    }

    private function poured(Band $number, Unit $unit, Bulk $bulk): ?Band
    {
        $own = $this->ownMl[$unit->value] ?? null;
        if ($own !== null && $bulk->spoonDensity === null && $bulk->density !== null) {
            return $number->times($own)->times($bulk->density);
        }
        $ml = $number->times($own->likely ?? (float) $unit->millilitres($this->units));
        if ($bulk->spoonDensity !== null && ($unit->isScooped() || $bulk->density === null)) {
            return self::widen($ml->times($bulk->spoonDensity), max($bulk->spoonError, $unit->fillingError()));
        }

        return $bulk->density === null ? null : self::widen($ml->times($bulk->density), $unit->fillingError());
    }

    private static function widen(Band $grams, float $relative): Band
    {
        return Band::of($grams->low * (1 - $relative), $grams->likely, $grams->high * (1 + $relative));
    }
}
