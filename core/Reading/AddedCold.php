<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Process\StepKind;

/** Lines that a note adds by name after it has let the thing cool. */
final class AddedCold
{
    private const ADDS = '/\b(?:add|stir in|fold in|mix in|drop in|ajoute[rz]?|ajout|incorpore[rz]?)\b/iu';

    /** A shorter word of a name says too little by itself. */
    private const WORD_LETTERS = 4;

    /**
     * @param  list<ReadLine>  $lines
     * @return list<ReadLine>
     */
    public static function of(Recipe $recipe, array $lines): array
    {
        $cold = [];
        $isCool = false;
        foreach ($recipe->ownSteps() as $span) {
            $words = $span->span->of($recipe->text);
            foreach (NotedSteps::in([$words]) as $step) {
                $isCool = $isCool || $step->kind === StepKind::Gate;
            }
            if ($isCool && preg_match(self::ADDS, $words) === 1) {
                array_push($cold, ...array_filter(
                    $lines,
                    static fn (ReadLine $line): bool => self::names($words, $line->name),
                ));
            }
        }

        return $cold;
    }

    private static function names(string $sentence, string $name): bool
    {
        $all = preg_split('/[^\p{L}\d]+/u', mb_strtolower($sentence)) ?: [];
        $words = array_filter(
            preg_split('/[^\p{L}\d]+/u', mb_strtolower($name)) ?: [],
            static fn (string $word): bool => mb_strlen($word) >= self::WORD_LETTERS,
        );

        return $words !== [] && array_diff($words, $all) === [];
    }
}
