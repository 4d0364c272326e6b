<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Person\HairProfile;
use Ilvane\Core\Person\PersonalNotes;

/** What the maker says of their own hair, and what it says to a formula. */
final readonly class OwnHair
{
    private const NAME = 'hair';

    public static function profile(): HairProfile
    {
        $values = Settings::values(self::NAME);
        $list = static fn (string $field): array => array_values(array_filter(
            is_array($values[$field] ?? null) ? $values[$field] : [],
            is_string(...),
        ));

        return new HairProfile(
            is_string($values['strand'] ?? null) ? $values['strand'] : '',
            is_string($values['porosity'] ?? null) ? $values['porosity'] : '',
            array_map(self::word(...), $list('dislikes')),
            array_values(array_filter(array_map(Allergen::tryFrom(...), $list('avoids')))),
        );
    }

    /** Until 28 November 2026 this one was kept under a shorter name. */
    private static function word(string $dislike): string
    {
        return str_starts_with($dislike, 'glycer') ? 'glycerine' : $dislike;
    }

    /** @param  array<mixed>  $typed  what is not known is left out */
    public static function keep(array $typed): void
    {
        $one = static fn (string $field, array $known): string => in_array($typed[$field] ?? null, $known, true)
            ? $typed[$field]
            : '';
        $some = static fn (
            string $field,
            array $known,
        ): array => array_values(array_intersect(
            $known,
            is_array($typed[$field] ?? null) ? array_filter($typed[$field], is_string(...)) : [],
        ));
        Settings::keep(self::NAME, [
            'strand' => $one('strand', HairProfile::STRANDS), 'porosity' => $one('porosity', HairProfile::POROSITIES),
            'dislikes' => $some('dislikes', HairProfile::DISLIKES),
            'avoids' => $some('avoids', array_column(Allergen::cases(), 'value')),
        ]);
    }

    /** @return list<string> */
    public static function notes(Formula $formula, Composition $composition, Wording $wording): array
    {
        $profile = self::profile();

        return $profile->saysNothing()
            ? []
            : array_map(static fn (array $note): string => say("hair.notes.{$note['word']}", [
                'percent' => $note['percent'] === null
                    ? ''
                    : $wording
                        ->percent(round($note['percent'], 1)), 'ingredients' => $wording
                        ->together(array_map($wording->ingredient(...), $note['ingredients'])),
            ]), PersonalNotes::of($profile, $formula, $composition));
    }
}
