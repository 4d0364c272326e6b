<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Person\HairProfile;
use Ilvane\Core\Person\PersonalNotes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Remarks for one person's hair; all limits are common practice. */
final class PersonalNotesTest extends CoreCase
{
    /** @return iterable<string, array{HairProfile, array<string, mixed>, list<string>}> */
    public static function cases(): iterable
    {
        $milk = self::document([
            ['distilled-water', 'to 100'],
            ['btms-50', '5 %'],
            ['shea-butter-refined', '9 %'],
            ['sweet-almond-oil', '5 %'],
            ['glycerin', '6 %'],
            ['hydrolysed-oat-protein', '1 %'],
            ['lavender-essential-oil', '0.2 %'],
        ]);
        $light = self::document([['distilled-water', 'to 100'], ['btms-50', '3 %'], ['jojoba-oil', '3 %']]);
        $butter = self::document([['shea-butter-refined', '100 g']], ['family' => 'whipped_butter', 'batch' => null]);
        yield 'nothing said' => [new HairProfile, $milk, []];
        yield 'fine hair, rich milk' => [new HairProfile(strand: 'fine'), $milk, ['rich_for_fine']];
        yield 'fine hair, light milk' => [new HairProfile(strand: 'fine'), $light, []];
        yield 'coarse hair, light milk' => [new HairProfile(strand: 'coarse'), $light, ['thin_for_coarse']];
        yield 'a butter is meant to be all fat' => [new HairProfile(strand: 'fine', porosity: 'low'), $butter, []];
        yield 'low porosity' => [new HairProfile(porosity: 'low'), $milk, ['sits_on_top']];
        yield 'high porosity' => [new HairProfile(porosity: 'high'), $milk, ['draws_water']];
        yield 'dislikes' => [
            new HairProfile(dislikes: ['protein', 'glycerine', 'coconut', 'scent', 'cationic', 'nonsense']),
            $milk,
            ['dislikes_protein', 'dislikes_glycerine', 'dislikes_scent', 'dislikes_cationic'],
        ];
        yield 'reacts to nuts, said first' => [
            new HairProfile(strand: 'fine', avoids: [Allergen::TreeNut, Allergen::Fish]),
            $milk,
            ['reacts', 'rich_for_fine'],
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $expected
     */
    #[DataProvider('cases')]
    public function test_what_is_said_to_whom(HairProfile $hair, array $document, array $expected): void
    {
        $formula = FormulaDocument::read(array_filter($document, static fn (mixed $value): bool => $value !== null));
        $notes = PersonalNotes::of($hair, $formula, (new Evaluator(self::catalogue()))->weigh($formula));
        self::assertSame($expected, array_column($notes, 'word'));
    }
}
