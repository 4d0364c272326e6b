<?php

declare(strict_types=1);

namespace App\Ground;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\JarContents;
use Ilvane\Core\Infusion\JarRoom;
use Ilvane\Core\Material\Phase;

/** Which vessel a thing stands in, and what is drawn inside it. */
final readonly class Vessels
{
    /** A mixing vessel holds this many times what is in it; a filled one is nearly full. */
    public const ROOM_TO_STIR = 1.3;

    private const HEADSPACE = 1.08;

    /** Where nothing tells, water's density. */
    private const DENSITY = 1.0;

    public function __construct(private Wording $wording)
    {
    }

    /**
     * The formula on the bench: phases as strata from the bottom, ingredients in them to scale by volume, named.
     *
     * @param  Composition|null  $before  what was in it before the last change, for its ghost
     */
    public function bench(
        Composition $composition,
        Family $family,
        float $labels,
        ?Composition $before = null,
        float $stands = 340,
    ): Section {
        $strata = $this->strata($composition);
        $ml = array_sum(array_map(static fn (Stratum $stratum): float => $stratum->ml, $strata));

        return Section::draw(
            Profile::of(self::mixing($family), max(1.0, $ml * self::ROOM_TO_STIR)),
            $strata,
            $labels,
            $stands,
            ghost: $before === null ? [] : $this->strata($before),
        );
    }

    /** @return list<Stratum> bottom first */
    private function strata(Composition $composition): array
    {
        $strata = [];
        foreach ([Phase::Water, Phase::Oil, Phase::Cooldown] as $phase) {
            foreach ($composition->inPhase($phase) as $line) {
                $stratum = $this->stratum($line);
                if ($stratum !== null) {
                    $strata[] = $stratum;
                }
            }
        }

        return $strata;
    }

    /**
     * Once emulsified there is one body, of the largest phase's material.
     *
     * @param  list<Stratum>  $strata
     * @return list<Stratum>
     */
    public static function oneBody(array $strata, float $left = 1.0): array
    {
        $ml = array_sum(array_map(static fn (Stratum $stratum): float => $stratum->ml, $strata));
        usort($strata, static fn (Stratum $a, Stratum $b): int => $b->ml <=> $a->ml);

        return $ml <= 0.0 || $left <= 0.0
            ? []
            : [new Stratum('body', '', '', $strata[0]->material, $ml * min(1.0, $left))];
    }

    /**
     * The same thing small, without names: for the shelf.
     *
     * @param  float  $left  of what was filled, 0 to 1
     * @param  float  $tallest  see Section::draw
     */
    public function small(
        Composition $composition,
        Family $family,
        bool $filled,
        float $stands = 120,
        float $left = 1.0,
        float $tallest = 0.0,
    ): Section {
        $strata = [];
        foreach ([Phase::Water, Phase::Oil, Phase::Cooldown] as $phase) {
            $ml = 0.0;
            foreach ($composition->inPhase($phase) as $line) {
                $ml += $this->stratum($line)->ml ?? 0.0;
            }
            if ($ml > 0) {
                $strata[] = new Stratum($phase->value, '', '', $phase->value, $ml);
            }
        }
        $ml = array_sum(array_map(static fn (Stratum $stratum): float => $stratum->ml, $strata));
        $strata = $filled ? self::oneBody($strata, $left) : $strata;

        return Section::draw(
            Profile::of(
                $filled ? self::keeping($family) : self::mixing($family),
                max(1.0, $ml * ($filled ? self::HEADSPACE : self::ROOM_TO_STIR)),
            ),
            $strata,
            0,
            $stands,
            closed: $filled,
            tallest: $tallest,
        );
    }

    /**
     * One of the containers it was filled into.
     *
     * @param  string  $shape  see Profile
     * @param  float  $grams  that were filled into it
     * @param  float  $left  of that, 0 to 1
     * @param  float  $tallest  see Section::draw
     */
    public function container(
        Composition $composition,
        string $shape,
        float $grams,
        float $left,
        float $stands,
        float $tallest,
    ): Section {
        $strata = $this->strata($composition);
        $ml = array_sum(array_map(static fn (Stratum $stratum): float => $stratum->ml, $strata));
        $perGram = $composition->total === null ? 1 / self::DENSITY : $ml / $composition->total->likely;
        $body = self::oneBody($strata);
        $filled = $grams * $perGram;

        return Section::draw(
            Profile::of($shape, max(1.0, $filled * self::HEADSPACE)),
            $body === [] || $left <= 0.0 ? [] : [new Stratum('body', '', '', $body[0]->material, $filled * $left)],
            0,
            $stands,
            closed: $shape !== 'cube',
            tallest: $tallest,
        );
    }

    /**
     * A jar of plants in oil: the settled plant at the bottom, oil above it, tinted by how far it has come; a plant
     * above
     * the oil stands dry.
     *
     * @param  float  $depth  of tint, 0 to 1
     * @param  float  $tallest  see Section::draw
     */
    public function infusing(
        JarContents $contents,
        JarRoom $room,
        float $depth,
        float $labels,
        float $stands = 300,
        bool $closed = false,
        float $tallest = 0.0,
    ): Section {
        $surface = $room->oilMl + $room->solidMl;
        $grams = fn (array $parts): string => $this->wording->grams(array_sum(array_map(
            static fn (InPart $part): float => $part->grams->likely,
            $parts,
        )));
        $plants = static fn (float $ml): Stratum => new Stratum(
            'plants',
            mb_strtolower(say('infusions.plants')),
            $grams($contents->plants),
            'steeping',
            $ml,
            $depth,
        );
        $strata = $room->isCovered()
            ? [
                $plants($room->settledMl),
                new Stratum(
                    'oil',
                    mb_strtolower(say('infusions.oils')),
                    $grams($contents->oils),
                    'oil',
                    $surface - $room->settledMl,
                    $depth,
                ),
            ]
            : [$plants($surface), new Stratum('dry', say('infusions.above'), '', 'dry', $room->settledMl - $surface)];
        $holds = max($room->jarMl ?? $room->levelMl() * self::ROOM_TO_STIR, 1.0);

        return Section::draw(
            Profile::of('jar', $holds),
            array_values(array_filter($strata, static fn (Stratum $stratum): bool => $stratum->ml > 0.5)),
            $labels,
            $stands,
            $closed,
            labelled: false,
            tallest: $tallest,
        );
    }

    public static function mixing(Family $family): string
    {
        return match ($family) {
            Family::HairOil, Family::InfusedOil => 'jar',
            Family::WhippedButter, Family::FreshMask, Family::FrozenBar => 'bowl',
            Family::Pomade => 'tub',
            default => 'beaker',
        };
    }

    public static function keeping(Family $family): string
    {
        return match ($family) {
            Family::WhippedButter, Family::FreshMask, Family::Pomade, Family::FrozenBar => 'tub',
            Family::Gel => 'jar',
            default => 'bottle',
        };
    }

    public function stratum(WeighedLine $line): ?Stratum
    {
        $grams = $line->grams?->likely;
        if ($grams === null || $grams <= 0) {
            return null;
        }
        $bulk = $line->ingredient?->bulk;

        return new Stratum(
            'line-'.$line->position,
            $line->ingredient === null ? $line->line->spokenOf() : $this->wording->ingredient($line->ingredient->key),
            $line->percent() === null ? '' : $this->wording->percent($line->percent()->likely),
            $line->phase->value,
            $grams / ($bulk->density ?? $bulk->spoonDensity ?? self::DENSITY),
        );
    }
}
