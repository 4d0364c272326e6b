<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Emulsion;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Band;

/**
 * How well the emulsifiers can hold the fats.
 *
 * Load = emulsifier / (oils + butters + waxes + fatty alcohols, emulsifier not counted), against the least load each
 * type
 * needs; with several, their shares of what is needed add up. Common practice, no single published source.
 */
final readonly class Emulsion
{
    /** Least grams of emulsifier per gram of fat, where none is known of it. Common practice. */
    public const USUAL_LOAD = 0.18;

    /** Below this fraction of the load needed it will part. Common practice. */
    public const PARTS_BELOW = 0.5;

    /** What is offered lies a little above just enough, for the scale's error. */
    public const COMFORT = 1.1;

    /**
     * @param  list<WeighedLine>  $emulsifiers  beside one, a solubiliser works as its partner and counts too
     * @param  list<WeighedLine>  $fats
     * @param  Band|null  $adequacy  load over the load needed: 1 is just enough; null without fat or emulsifier
     */
    private function __construct(
        public array $emulsifiers,
        public array $fats,
        public Band $emulsifierShare,
        public Band $fatShare,
        public ?Band $adequacy,
        public float $waterShare,
        public ?float $percentOfOilPhase,
    ) {
    }

    public static function of(Composition $composition): self
    {
        $emulsifiers = $composition->ofKind(Kind::Emulsifier);
        $emulsifiers = $emulsifiers === [] ? [] : [...$emulsifiers, ...$composition->ofKind(Kind::Solubiliser)];
        $fats = $composition->linesWith(static fn ($ingredient): bool => $ingredient->kind->isLipid());
        $fatShare = Composition::shareOfLines($fats);
        $emulsifierShare = Composition::shareOfLines($emulsifiers);
        $oilPhase = $composition->shareOf(Phase::Oil)->likely;

        return new self(
            $emulsifiers,
            $fats,
            $emulsifierShare,
            $fatShare,
            $fatShare->likely > 0 && $emulsifiers !== [] ? self::adequacyOf($emulsifiers, $fatShare) : null,
            $composition->waterShare(),
            $oilPhase > 0 ? 100 * $emulsifierShare->likely / $oilPhase : null,
        );
    }

    /** Least grams of this emulsifier per gram of fat. */
    public static function leastLoad(?Material $emulsifier): float
    {
        return $emulsifier->leastLoad ?? self::USUAL_LOAD;
    }

    /** Percent of the batch the first emulsifier would need to carry the fats alone. */
    public function percentNeeded(Material $emulsifier): float
    {
        return 100 * self::leastLoad($emulsifier) * $this->fatShare->likely;
    }

    /** @param  list<WeighedLine>  $emulsifiers */
    private static function adequacyOf(array $emulsifiers, Band $fat): Band
    {
        $needs = Band::sum(array_map(
            static fn (WeighedLine $line): Band => ($line->share ?? Band::zero())->times(
                1 / self::leastLoad($line->ingredient),
            ),
            $emulsifiers,
        ));

        return Band::of(
            $needs->low / $fat->high,
            $needs->likely / $fat->likely,
            $fat->low > 0 ? $needs->high / $fat->low : $needs->likely / $fat->likely,
        );
    }
}
