<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\Span;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class TitleLineTest extends CoreCase
{
    #[DataProvider('titles')]
    public function test_the_first_line_is_the_name_and_no_ingredient(
        string $first,
        string $name,
        ?string $yield = null,
    ): void {
        $recipe = (new RecipeReader(self::catalogue()))->read("$first\n\n60 g shea butter\n40 g castor oil");
        self::assertSame($name, $recipe->title);
        self::assertSame($yield, $recipe->yield?->told());
        self::assertCount(2, $recipe->lines);
    }

    public static function titles(): iterable
    {
        yield ['Ginger scalp oil', 'Ginger scalp oil'];
        yield ['Honey & banana mask (150 g)', 'Honey & banana mask', '150 g'];
        yield ['Cocoa cloud, for a 200 g jar', 'Cocoa cloud', '200 g'];
        yield ['Protein mist 150 g', 'Protein mist', '150 g'];
        yield ['Coconut curl cream 200 ml', 'Coconut curl cream', '200 ml'];
        yield ['Whip — fills three 75 ml pots', 'Whip', '3 x 75 ml'];
        yield ['Lait d’avoine pour ma fille, 4 ans', 'Lait d’avoine'];
        yield ['Curl milk for my daughter, she is 8 years old', 'Curl milk'];
        yield ['Baby balm', 'Baby balm'];
        yield ['Beurre coco-karité (pot de 250 ml)', 'Beurre coco-karité', '250 ml'];
        yield ['Emulsion no. 7', 'Emulsion no. 7'];
        yield ['My onion juice routine', 'My onion juice routine'];
        yield ['Macérât de carotte', 'Macérât de carotte'];
        yield ['Whipped shea (soft)', 'Whipped shea'];
    }

    #[DataProvider('lines')]
    public function test_an_ingredient_at_the_top_stays_one(string $first): void
    {
        $recipe = (new RecipeReader(self::catalogue()))->read("$first\n60 g shea butter\n40 g castor oil");
        self::assertSame('', $recipe->title);
        self::assertCount(3, $recipe->lines);
    }

    public static function lines(): iterable
    {
        yield ['100 g coconut oil'];
        yield ['Coconut oil 100 g'];
        yield ['Coconut oil - 100 g'];
        yield ['Jojoba oil'];
        yield ['Argan oil (30 ml)'];
        yield ['Mix 20 g mango butter with'];
    }

    /** Who it is for and what it fills are kept for the notes, where the audience is read from. */
    public function test_what_else_the_first_line_says_is_kept(): void
    {
        $reader = new RecipeReader(self::catalogue());
        $kept = static function (string $first) use ($reader): array {
            $recipe = $reader->read("$first\n60 g shea butter");

            return array_map(static fn (Span $span): string => $span->of($recipe->text), $recipe->others);
        };
        self::assertSame(['for my daughter, she is 4 years old'], $kept('Curl milk for my daughter, she is 4 years old'));
        self::assertSame(['— fills three 75 ml pots'], $kept('Whip — fills three 75 ml pots'));
        self::assertSame([], $kept('Curl milk'));
    }

    public function test_a_text_of_one_line_has_no_title(): void
    {
        self::assertCount(1, (new RecipeReader(self::catalogue()))->read('Shea butter')->lines);
    }
}
