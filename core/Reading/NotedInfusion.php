<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Material\Kind;

/** A note that is nothing but plants in oil: the way of infusing it tells, and for how long. */
final readonly class NotedInfusion
{
    /** Words by which a note tells its way of infusing, in this order. */
    private const WAYS = [
        'sunny_sill' => '/\b(?:sun|sunny|sunlight|sill|windowsill|window|soleil|fenêtre|vitre)\b/iu',
        'low_oven' => '/\boven\b|\b(?:au|du|le) four\b|\bfour (?:à|tiède|doux)(?!\w)/iu',
        'cook_out' => '/\b(?:fry|frying|brown|sizzl\w*|frémir|dor[ée]\w*)\b/iu',
        'warm_bath' => '/\b(?:bath|bain|crock|slow cooker|double boiler|mijoteuse|simmer\w*|heat|warm|chauff\w*)\b/iu',
    ];

    /** Said the other way round: "keep out of the sun", "away from heat". */
    private const NOT =
        '/\b(?:no|not|never|without|out of|away from|pas|sans|jamais|loin|hors|à l[’\']abri)\b[^.,;!?\n]{0,20}$/iu';

    /** What these say is of the product or of its use, not of the making. */
    private const ELSEWHERE = [Role::Title, Role::Yield, Role::Claim, Role::Audience, Role::Use];

    private const MINUTES_A_NIGHT = 720.0;

    private function __construct(
        public Method $method,
        /** null where none is told */
        public ?float $minutes,
    ) {
    }

    /**
     * @param  list<Kind|null>  $kinds  of its lines, as the maker put them right; null for what isn't of the catalogue
     * @return self|null null where something else than plants and oils is in it
     */
    public static function in(Recipe $recipe, array $kinds): ?self
    {
        return self::isPlantsInOil($kinds) && $recipe->parts === []
            ? new self(self::method($recipe), self::longest($recipe->spans, $recipe->hints))
            : null;
    }

    /** @param  list<Kind|null>  $kinds */
    public static function isPlantsInOil(array $kinds): bool
    {
        $plants = count(array_filter($kinds, static fn (?Kind $kind): bool => $kind?->isPlant() ?? false));
        $oils = count(array_filter($kinds, static fn (?Kind $kind): bool => $kind?->takesPlants() ?? false));

        return $plants > 0 && $oils > 0 && $plants + $oils === count($kinds)
            && max($plants, $oils) <= InfusionPlanDocument::MAX_PARTS;
    }

    /** Cooked out where it says so plainly, else as is said of the making, else by the title, else cold in the dark. */
    private static function method(Recipe $recipe): Method
    {
        $making = implode("\n", array_map(
            static fn (ReadSpan $span): string => $span->span->of($recipe->text),
            array_filter($recipe->spans, self::isOfTheMaking(...)),
        ));
        if (CookedOut::in($making)) {
            return Method::CookOut;
        }
        foreach ([$making, $recipe->title] as $text) {
            foreach (self::WAYS as $way => $pattern) {
                preg_match_all($pattern, $text, $found, PREG_OFFSET_CAPTURE);
                foreach ($found[0] as [, $at]) {
                    if (preg_match(self::NOT, substr($text, 0, $at)) !== 1) {
                        return Method::from($way);
                    }
                }
            }
        }

        return Method::ColdDark;
    }

    /**
     * @param  list<ReadSpan>  $spans  in order
     * @param  list<Hint>  $hints
     * @return float|null minutes: the longest time told for the making
     */
    public static function longest(array $spans, array $hints): ?float
    {
        usort($hints, static fn (Hint $a, Hint $b): int => $a->span->start <=> $b->span->start);
        $longest = null;
        $at = 0;
        foreach ($spans as $span) {
            for (; isset($hints[$at]) && $hints[$at]->span->start < $span->span->end; $at++) {
                $minutes = match ($hints[$at]->kind) {
                    'minutes' => $hints[$at]->value,
                    'overnight' => self::MINUTES_A_NIGHT,
                    default => null,
                };
                $longest = self::isOfTheMaking($span) && $minutes > 0 ? max($longest, $minutes) : $longest;
            }
        }

        return $longest;
    }

    private static function isOfTheMaking(ReadSpan $span): bool
    {
        return ! in_array($span->role, self::ELSEWHERE, true);
    }
}
