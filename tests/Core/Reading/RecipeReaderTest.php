<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Reading\Clauses;
use Ilvane\Core\Reading\Lexer;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\TextRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class RecipeReaderTest extends CoreCase
{
    private static ?RecipeReader $reader = null;

    private static function read(string $text): Recipe
    {
        return (self::$reader ??= new RecipeReader(self::catalogue()))->read($text);
    }

    #[DataProvider('lines')]
    public function test_it_reads_a_line(string $text, string $ingredient, string $amount): void
    {
        $lines = self::read($text)->lines;
        self::assertCount(1, $lines, $text);
        self::assertSame([$ingredient, $amount], [$lines[0]->ingredient, $lines[0]->amount?->entered]);
    }

    public static function lines(): iterable
    {
        yield ['1/3 cup shea butter', 'shea-butter-unrefined', '1/3 cup'];
        yield ['half a tablespoon of emulsifying wax', 'emulsifying-wax-nf', '0.5 tbsp'];
        yield ['a half cup of distilled water', 'distilled-water', '0.5 cup'];
        yield ['three quarters of a cup of mango butter', 'mango-butter', '0.75 cup'];
        yield ['a quarter of a teaspoon of citric acid', 'citric-acid', '0.25 tsp'];
        yield ['two half tablespoons of glycerin', 'glycerin', '1 tbsp'];
        yield ['one and a half teaspoons of panthenol powder', 'panthenol-powder', '1.5 tsp'];
        yield ['1 1/2 cups aloe vera juice', 'aloe-juice', '1.5 cup'];
        yield ['1½ tsp xanthan gum', 'xanthan-gum', '1.5 tsp'];
        yield ['½ tsp. citric acid', 'citric-acid', '0.5 tsp'];
        yield ['10 to 12 drops of peppermint essential oil', 'peppermint-essential-oil', '10-12 drop'];
        yield ['10-12 drops rosemary oil', 'rosemary-essential-oil', '10-12 drop'];
        yield ['twenty five drops of lavender oil', 'lavender-essential-oil', '25 drop'];
        yield ['a couple of drops of clary sage essential oil', 'clary-sage-essential-oil', '2 drop'];
        yield ['3 x 5 ml jojoba oil', 'jojoba-oil', '15 ml'];
        yield ['glycerin 3 %', 'glycerin', '3 %'];
        yield ['Glycerin: 3%', 'glycerin', '3 %'];
        yield ['glycerine – 2,5 %', 'glycerin', '2.5 %'];
        yield ['BTMS-50: 4 %', 'btms-50', '4 %'];
        yield ['4% BTMS 25', 'btms-25', '4 %'];
        yield ['polysorbate 80 5g', 'polysorbate-80', '5 g'];
        yield ['Distilled water to 100', 'distilled-water', 'to 100'];
        yield ['q.s. to 100 % water', 'distilled-water', 'to 100'];
        yield ['eau distillée qsp 100', 'distilled-water', 'to 100'];
        yield ['une cuillère à soupe et demie d’huile d’olive', 'olive-oil', '1.5 c. à s.'];
        yield ['2 c. à s. de beurre de karité', 'shea-butter-unrefined', '2 c. à s.'];
        yield ['1 c.c. de gomme xanthane', 'xanthan-gum', '1 c. à c.'];
        yield ['une demi-tasse de lait de coco', 'coconut-milk-canned', '0.5 tasse'];
        yield ['10 à 12 gouttes d’huile essentielle de lavande', 'lavender-essential-oil', '10-12 drop'];
        yield ['Huile de ricin 20 ml', 'castor-oil', '20 ml'];
        yield ['100g d’eau', 'distilled-water', '100 g'];
        yield ['trois cuillères à café de miel', 'honey', '3 c. à c.'];
        yield ['5 cl d’hydrolat de romarin', 'rosemary-hydrosol', '5 cl'];
        yield ['1 avocado', 'avocado-flesh', '1 whole'];
        yield ['2 ripe bananas', 'banana-flesh', '2 whole'];
        yield ['two leaves of aloe vera', 'aloe-leaf-fresh', '2 leaf'];
        yield ['vitamin e 1 capsule', 'vitamin-e-tocopherols', '1 capsule'];
        yield ['3 cloves of garlic', 'garlic-fresh', '3 clove'];
        yield ['a good amount of coconut oil', 'coconut-oil', 'a good amount'];
        yield ['some honey', 'honey', 'some'];
        yield ['a few drops of tea tree oil', 'tea-tree-essential-oil', 'a few drops'];
        yield ['Sweet almond oil', 'sweet-almond-oil', 'some'];
        yield ['- 2 tablespoons castor oil', 'castor-oil', '2 tbsp'];
        yield ['• 250ml rose water', 'rose-hydrosol', '250 ml'];
        yield ['1 lb cocoa butter', 'cocoa-butter', '1 lb'];
    }

    /** Of two measures the better counts and the other is kept. */
    public function test_a_second_measure_in_brackets_is_kept_beside_the_better_one(): void
    {
        foreach ([
            '8 oz (1 cup) distilled water' => ['8 oz', '1 cup'],
            '1 cup (240 ml) rose water' => ['240 ml', '1 cup'],
            'shea butter 1/2 cup (110 g)' => ['110 g', '0.5 cup'],
            '2 tbsp or 30 ml argan oil' => ['30 ml', '2 tbsp'],
        ] as $text => [$kept, $other]) {
            $line = self::read($text)->lines[0];
            self::assertSame([$kept, $other], [$line->amount?->entered, $line->other?->entered], $text);
        }
    }

    public function test_sentences_give_up_their_ingredients_in_order(): void
    {
        $recipe = self::read(
            'Add half a cup of water and two half tablespoons of glycerin, then stir in 10 drops lavender oil and some honey. Faites fondre 30 g de beurre de mangue avec 2 c. à s. d’huile d’argan.',
        );
        self::assertSame(
            [
                ['distilled-water', '0.5 cup'],
                ['glycerin', '1 tbsp'],
                ['lavender-essential-oil', '10 drop'],
                ['honey', 'some'],
                ['mango-butter', '30 g'],
                ['argan-oil', '2 c. à s.'],
            ],
            array_map(
                static fn (ReadLine $line): array => [$line->ingredient, $line->amount?->entered],
                $recipe->lines,
            ),
        );
    }

    public function test_a_slip_of_the_pen_is_doubtful_never_certain(): void
    {
        $line = self::read('shae buttr 50 g')->lines[0];
        self::assertSame('shea-butter-unrefined', $line->ingredient);
        self::assertLessThan(ReadLine::SURE, $line->confidence);
        foreach (['coconut milk powder 10 g', '10 g rose petal butter', '5 ml infused olive oil'] as $text) {
            self::assertLessThan(ReadLine::SURE, self::read($text)->lines[0]->confidence, $text);
        }
    }

    public function test_what_nobody_knows_is_kept_with_its_amount_and_no_ingredient(): void
    {
        foreach (['3 capsules of moon dust', 'stardust 5 g', '5 g of stardust'] as $text) {
            $line = self::read($text)->lines[0];
            self::assertNull($line->ingredient, $text);
            self::assertNotNull($line->amount?->number, $text);
        }
    }

    public function test_a_thousand_or_one_is_asked_about(): void
    {
        $line = self::read('1,000 g distilled water')->lines[0];
        self::assertSame(
            ['distilled-water', '1,000 g', null],
            [$line->ingredient, $line->amount?->entered, $line->amount?->number],
        );
        self::assertSame('2.5 g', self::read('2,5 g glycerin')->lines[0]->amount?->entered);
    }

    public function test_a_line_with_three_measures_loses_none_of_them(): void
    {
        $lines = self::read('2 tbsp 3 g 1 cup olive oil')->lines;
        self::assertSame(
            ['2 tbsp', '3 g', '1 cup'],
            array_map(static fn (ReadLine $line): ?string => $line->amount?->entered, $lines),
        );
        self::assertSame('olive-oil', $lines[2]->ingredient);
        self::assertTrue($lines[0]->isDoubtful() && $lines[1]->isDoubtful());
    }

    public function test_the_same_thing_twice_stays_twice_and_nothing_of_it_is_none(): void
    {
        self::assertCount(2, self::read("2 tbsp olive oil\n1 tsp olive oil")->lines);
        self::assertNotSame('0 g', self::read('0 g olive oil')->lines[0]->amount?->entered);
        self::assertTrue(self::read('0 g olive oil')->lines[0]->isDoubtful());
    }

    public function test_headings_give_the_phase_and_the_making_is_kept_as_hints(): void
    {
        $recipe = self::read(
            "Evening milk\nMakes 250 g\nPhase aqueuse\n70 % water\nOil phase:\n5 % shea butter\nHeat both phases to 158 °F for 20 minutes, then cool below 40 °C.\n0.5 % lavender oil\nLeave overnight.",
        );
        self::assertSame(
            ['Evening milk', 250.0, 70.0, 40.0],
            [$recipe->title, $recipe->yield?->grams(), $recipe->heatTo, $recipe->gate],
        );
        self::assertSame(
            [Phase::Water, Phase::Oil, Phase::Cooldown],
            array_map(static fn (ReadLine $line): ?Phase => $line->phase, $recipe->lines),
        );
        self::assertSame(
            [['temperature', 70.0], ['minutes', 20.0], ['temperature', 40.0], ['overnight', null]],
            array_map(static fn ($hint): array => [$hint->kind, $hint->value], $recipe->hints),
        );
        self::assertContains('Leave overnight.', array_map(
            static fn ($span): string => $span->of($recipe->text),
            $recipe->others,
        ));
    }

    public function test_the_kind_of_product_is_guessed(): void
    {
        self::assertSame(Family::LeaveInEmulsion, self::read("water 70 %\nbtms-50 4 %\nolive oil 5 %")->family);
        self::assertSame(Family::WhippedButter, self::read("shea butter 100 g\nolive oil 50 g")->family);
        self::assertSame(Family::HairOil, self::read('olive oil 50 g')->family);
        self::assertSame(Family::WhippedButter, self::read("shea butter 100 g\nolive oil 50 g\nhoney 1 tsp")->family);
        self::assertSame(Family::FreshMask, self::read("1 avocado\n2 tbsp honey")->family);
        self::assertSame(Family::WaterSpray, self::read("rose water 100 ml\nglycerin 2 g")->family);
    }

    /** The reading is a formula, its spans point at the text, and its amounts read back the same. */
    public function test_the_reading_is_a_valid_formula_that_points_at_its_text(): void
    {
        $text =
            "Été\n1/3 tasse de beurre de karité\n10-12 drops lavender oil\n3 blobs of goo and 2 tbsp honey\nto 100 water";
        $document = self::read($text)->document('untitled');
        $formula = FormulaDocument::read($document);
        self::assertCount(count($document['lines']), $formula->lines);
        foreach ($document['reading']['lines'] as $i => $line) {
            self::assertSame($line['text'], substr($text, $line['start'], $line['end'] - $line['start']));
            self::assertNotSame('', trim($line['text']));
            self::assertEquals(
                AmountReader::read($formula->lines[$i]->amount)->number,
                self::read($text)->lines[$i]->amount?->number,
            );
        }
    }

    public function test_a_text_that_is_none_is_refused(): void
    {
        foreach ([
            'not_text' => "a\0b",
            'too_large' => str_repeat("2 g water\n", 60_000),
            'line_too_long' => str_repeat('2 tbsp shea butter ', 6000),
        ] as $reason => $text) {
            try {
                self::read($text);
                self::fail($reason);
            } catch (TextRefused $refusal) {
                self::assertSame($reason, $refusal->reason);
            }
        }
        self::assertSame([], self::read('')->lines);
    }

    /** No crash and nothing lost: every number with a unit in the text is in a line, a hint or the rest of the text. */
    public function test_fuzz(): void
    {
        mt_srand(42);
        $bits = [
            '1',
            '2',
            '1/2',
            '½',
            '10-12',
            '3,5',
            '1e308',
            '0',
            '-4',
            'tbsp',
            'cup',
            'drops',
            'g',
            '%',
            'of',
            'de',
            'half',
            'a',
            'une',
            'et demie',
            'to 100',
            'some',
            'shea butter',
            'water',
            'huile',
            'oil',
            'phase',
            ':',
            ',',
            '(',
            ')',
            '.',
            "\n",
            "\n",
            '°C',
            '70',
            'minutes',
            'x',
            '🜁',
            "'",
            'BTMS-50',
            str_repeat('z', 300),
            'and',
            'shae',
            'feuilles',
            '/',
            '—',
        ];
        for ($i = 0; $i < 2000; $i++) {
            $text = '';
            for ($n = mt_rand(1, 30); $n > 0; $n--) {
                $text .= $bits[mt_rand(0, count($bits) - 1)].(mt_rand(0, 5) > 0 ? ' ' : '');
            }
            $recipe = self::read($text);
            FormulaDocument::read($recipe->document('untitled'));
            foreach ($recipe->lines as $line) {
                self::assertLessThanOrEqual(strlen($text), $line->span->end);
                self::assertTrue(mb_check_encoding($line->span->of($text), 'UTF-8'));
                self::assertGreaterThanOrEqual(0.0, $line->amount->number->low ?? 0.0);
            }
        }
    }

    /** "Shea butter" is the same thing as a line of text and as a name; in a note it is asked about. */
    public function test_a_name_without_its_kind_is_the_same_by_every_door(): void
    {
        $read = static fn (array $line): ?string => (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'A', 'family' => 'whipped_butter', 'lines' => [$line],
        ]))->assessment->composition->lines[0]->ingredient?->key;
        self::assertSame('shea-butter-unrefined', $read(['name' => 'shea butter', 'amount' => '2 tbsp']));
        self::assertSame('shea-butter-unrefined', $read(['text' => '2 tbsp shea butter']));
        self::assertTrue(self::read('2 tbsp shea butter')->lines[0]->isDoubtful());
        self::assertNull($read(['text' => '2 tbsp shae buttr']), 'a slip is no name');
    }

    public function test_a_heading_tells_how_hot_its_phase_gets_and_when_the_next_may_go_in(): void
    {
        $recipe = self::read("Milk\nPhase A (75 °C)\n70 g water\nCool below 40 °C\n1 g phenoxyethanol");
        self::assertSame([75.0, 40.0], [$recipe->heatTo, $recipe->gate]);
        self::assertSame(Phase::Cooldown, $recipe->lines[1]->phase);
    }

    /** One line may be all of a note; what looks at a clause as a whole must not look at all of that. */
    public function test_no_clause_is_so_long_that_reading_it_gets_slow(): void
    {
        foreach (['half water, ', '2 g oil ', '. a', 'the juice: ', '(2 g zqx '] as $again) {
            $tokens = Lexer::tokens(str_repeat($again, 700), 0);
            $clauses = Clauses::of($tokens);
            self::assertSame($tokens, array_merge(...$clauses), 'nothing is lost');
            self::assertLessThanOrEqual(120, max(array_map(count(...), $clauses)), $again);
        }
    }

    /** @return iterable<array{string, string, Phase}> */
    public static function headings(): iterable
    {
        yield ['Water part', '3 g glycerin', Phase::Water];
        yield ['The oil side', '3 g vitamin E', Phase::Oil];
        yield ['When cool', '3 g vitamin E', Phase::Cooldown];
        yield ['Once it has cooled:', '3 g glycerin', Phase::Cooldown];
        yield ['Partie huileuse', '3 g vitamin E', Phase::Oil];
        yield ['Une fois refroidi', '3 g vitamin E', Phase::Cooldown];
        yield ['After cooling down', '3 g glycerin', Phase::Cooldown];
    }

    #[DataProvider('headings')]
    public function test_it_knows_a_heading_however_it_is_put(string $heading, string $line, Phase $phase): void
    {
        $recipe = self::read("Curl cream\n2 g water\n\n$heading\n$line");
        self::assertCount(2, $recipe->lines);
        self::assertSame($phase, $recipe->lines[1]->phase);
    }

    public function test_a_line_with_a_part_in_it_is_still_a_line(): void
    {
        $lines = self::read("1 part shea butter\n3 g glycerin\nadd 5 drops lavender oil when cool")->lines;
        self::assertContains(
            'shea-butter-unrefined',
            array_map(static fn (ReadLine $line): ?string => $line->ingredient, $lines),
        );
        self::assertContains(
            'lavender-essential-oil',
            array_map(static fn (ReadLine $line): ?string => $line->ingredient, $lines),
        );
    }

    public function test_more_than_one_drop_are_drops(): void
    {
        $amounts = array_column(
            self::read(
                "10 drops lavender oil\n1 drop clove bud oil\n10 to 12 drops of peppermint oil\n1 1/2 cups aloe vera juice\n1/2 cup water\n2 tbsp glycerin",
            )->document('x')['lines'],
            'amount',
        );
        self::assertSame(['10 drops', '1 drop', '10-12 drops', '1.5 cups', '0.5 cup', '2 tbsp'], $amounts);
    }

    public function test_french_spoons_and_the_apostrophe_that_is_no_litre(): void
    {
        $read = static fn (string $line): array => array_map(
            static fn (ReadLine $one): array => [$one->ingredient, $one->amount?->entered],
            (new RecipeReader(self::catalogue()))->read($line)->lines,
        );
        self::assertSame([['castor-oil', '3 c. à s.']], $read('3 c. à soupe d’huile de ricin'));
        self::assertSame([['argan-oil', '1 c. à c.']], $read("1 c. à café d'huile d'argan"));
        self::assertSame([['honey', '2 c. à c.']], $read('deux c à thé de miel'));
        self::assertSame([['oat-colloidal', '5 g']], $read('5 g d’avoine colloïdale, à l’ancienne'));
        self::assertSame([['distilled-water', '1 l']], $read('1 l d’eau'));
        self::assertSame([['distilled-water', '1 l']], $read('1l eau'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function sharedNouns(): iterable
    {
        foreach ([
            ['equal parts olive, coconut and castor oil', ['olive-oil', 'coconut-oil', 'castor-oil']],
            ['2 tbsp each of castor, olive and coconut oil', ['castor-oil', 'olive-oil', 'coconut-oil']],
            ['olive, and castor oil, 2 tbsp each', ['olive-oil', 'castor-oil']],
            ["parts égales d'huile de ricin, d'olive et de coco", ['castor-oil', 'olive-oil', 'coconut-oil']],
            ['3 drops each lavender, rosemary and peppermint essential oils',
                ['lavender-essential-oil', 'rosemary-essential-oil', 'peppermint-essential-oil']],
        ] as [$line, $keys]) {
            yield $line => [$line, $keys];
        }
    }

    /** @param  list<string>  $keys */
    #[DataProvider('sharedNouns')]
    public function test_a_noun_that_several_names_share_is_lost_for_none(string $line, array $keys): void
    {
        $lines = self::read("Blend\n$line\n")->lines;
        self::assertSame($keys, array_column($lines, 'ingredient'));
        self::assertCount(1, array_unique(array_map(
            static fn (ReadLine $one): string => $one->amount->entered ?? '',
            $lines,
        )));
    }

    /** @return iterable<string, array{string}> */
    public static function qualified(): iterable
    {
        foreach (['50 g zuzu (dark castor oil)', '10 g marseille clay soap', '20 g powdery musk rose water',
            '5 cl alcool à 70', '30 g glycerin zorbo', 'house blend 2 g, glycerin',
            'my preservative 1 %, citric to pH 4'] as $line) {
            yield $line => [$line];
        }
    }

    /** Wrong though sure is the worst there is: a word nobody knows beside a name is asked about. */
    #[DataProvider('qualified')]
    public function test_beside_a_word_nobody_knows_a_name_is_not_sure(string $line): void
    {
        self::assertTrue(self::read("Blend\n$line\n")->lines[0]->isDoubtful());
    }

    public function test_as_much_acid_as_needed_is_no_rest_of_the_batch(): void
    {
        $lines = self::read("Rinse\n5 g glycerin\ncitric acid qs\nwater to 100")->lines;
        self::assertSame('as needed', $lines[1]->amount?->entered);
        self::assertTrue($lines[1]->isDoubtful());
        self::assertSame('to 100', $lines[2]->amount?->entered);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function spoken(): iterable
    {
        foreach ([
            ['handful of fresh mint', 'mint-fresh', '1 handful'],
            ['three-quarters cup aloe juice', 'aloe-juice', '0.75 cup'],
            ['100% pure aloe juice 1/4 cup', 'aloe-juice', '0.25 cup'],
            ['two black tea bags', 'black-tea-leaves', '2 bag'],
            ['2 bags hibiscus tea', 'hibiscus-dried', '2 bag'],
            ['chamomile 4 tea bags', 'chamomile-dried', '4 bag'],
            ['yolk of 1 egg', 'egg-yolk', '1 whole'],
            ['carrot, 1 large', 'carrot-fresh', '1 whole'],
            ['nettles 2 handfuls, fresh', 'nettle-fresh', '2 handful'],
            ['bunch of parsley', 'parsley-fresh', 'bunch'],
            ['10 curry leaves', 'curry-leaf-fresh', '10 whole'],
            ['5 clous de girofle', 'clove-buds', '5 whole'],
            ["1 cc d'amidon de maïs", 'corn-starch', '1 c. à c.'],
            ['1 morceau de gingembre de 20 g', 'ginger-root-fresh', '20 g'],
            ['store-bought aloe gel 2 tbsp', 'aloe-gel-bought', '2 tbsp'],
            ['rest sweet almond oil', 'sweet-almond-oil', 'to 100'],
            ['reste : eau distillée', 'distilled-water', 'to 100'],
            ['Jojoba oil - rest', 'jojoba-oil', 'to 100'],
            ['zest of half a lime', 'citrus-peel-fresh', '0.5 whole'],
            ['le zeste de 2 citrons', 'citrus-peel-fresh', '2 whole'],
            ['peel of 1 orange', 'citrus-peel-fresh', '1 whole'],
            ['1 ml HE de lavande', 'lavender-essential-oil', '1 ml'],
            ['1 ml H.E. de menthe poivrée', 'peppermint-essential-oil', '1 ml'],
            ['quelques gouttes de romarin', 'rosemary-essential-oil', 'quelques gouttes'],
            ['few drops lavender', 'lavender-essential-oil', 'few drops'],
            ['Cetyl alcohol . 3 g', 'cetyl-alcohol', '3 g'],
            ['300 g flaxseed gel (made from 40 g seeds + 500 g water)', 'flaxseed-gel', '300 g'],
            ['12 drops cedarwood per 60 g', 'cedarwood-atlas-essential-oil', '12 drop'],
        ] as $case) {
            yield $case[0] => $case;
        }
    }

    #[DataProvider('spoken')]
    public function test_amounts_as_people_write_them(string $text, string $ingredient, string $amount): void
    {
        $lines = self::read("Test\n$text\n5 g glycerin")->lines;
        self::assertCount(2, $lines);
        self::assertSame([$ingredient, $amount], [$lines[0]->ingredient, $lines[0]->amount?->entered]);
    }

    public function test_what_only_talks_of_more_is_none(): void
    {
        $recipe = self::read("Test butter\n100 g oat milk\n5 g honey\nStir, add a splash more milk if it is stiff.\n"
            ."rest 10 minutes\nMélanger avec une cuillère en bois.\nAbout 105 g");
        self::assertCount(2, $recipe->lines);
        self::assertSame('105 g', $recipe->yield?->told());
        self::assertCount(1, self::read("Beurre\n50 g huile de coco\nPour un pot de 50 ml")->lines);
    }

    public function test_thirds_that_make_a_whole_are_parts(): void
    {
        $lines = self::read("Night oil\n1/3 castor\n1/3 jojoba\n1/3 argan")->lines;
        self::assertSame(['1/3 part', '1/3 part', '1/3 part'], array_map(
            static fn (ReadLine $line): ?string => $line->amount?->entered,
            $lines,
        ));
        self::assertCount(2, self::read("Oil blend\n30 olive\n10 argan")->lines);
    }

    public function test_a_line_in_capitals_stands_over_what_is_made_there(): void
    {
        $recipe = self::read(
            "Curl jelly\nFLAX GEL\n1/4 cup flax seed\n2 cups water\nTHEN\n4 oz of the gel\n1 oz honey",
        );
        self::assertCount(4, $recipe->lines);
        self::assertNotNull($recipe->lines[0]->in);
        self::assertNotNull($recipe->lines[2]->takes);
    }

    public function test_an_oil_over_its_plant_and_its_oil_is_made_first_and_no_scent_oil(): void
    {
        $recipe = self::read("Leave-in\n\nRosemary oil:\n10 g dried rosemary\n120 g sunflower oil\nthree weeks"
            ." in the dark, strain\n\nbtms-50 20 g\nrosemary oil 48 g");
        self::assertCount(4, $recipe->lines);
        self::assertSame([true, true, false], array_map(
            static fn (ReadLine $line): bool => $line->in !== null,
            array_slice($recipe->lines, 0, 3),
        ));
        self::assertSame($recipe->lines[0]->in, $recipe->lines[3]->takes);
        self::assertSame([], $recipe->claims());
        $french = self::read("Beurre\n\nHuile de calendula :\n20 g de fleurs de calendula séchées\n200 ml d’huile de"
            ." tournesol\n4 semaines au noir, filtrer\n\nkarité 100 g\nhuile de calendula 40 g");
        self::assertSame($french->lines[0]->in, $french->lines[3]->takes);
        self::assertNotNull($french->lines[3]->takes);
        self::assertNull($french->lines[2]->in, 'the shea below it is of the butter');
        // bought ones, each over its amount
        self::assertNull(self::read("Hair oil\nCastor oil:\n30 g\nJojoba oil:\n20 g")->lines[0]->in);
    }

    /** @return iterable<string, array{string, string, bool}> begun, spoken of, and whether it is meant */
    public static function spokenOf(): iterable
    {
        yield 'a herb oil' => ['Cook the oil first:', '80 g of the herb oil', true];
        yield 'infused' => ['Cook the oil first:', '80 g infused oil', true];
        yield 'strained' => ['First the oil:', '80 g of the strained oil', true];
        yield 'of herbs' => ['First the oil:', '80 g herbal oil', true];
        yield 'its plant' => ['For the nettle oil:', '80 g of the nettle oil', true];
        yield 'hemp is another' => ['Cook the oil first:', '80 g of hemp oil', false];
        yield 'argan is another' => ['First the oil:', '80 g of the argan oil', false];
        yield 'infused, of another plant' => ['First the oil:', '80 g infused calendula oil', false];
    }

    #[DataProvider('spokenOf')]
    public function test_an_oil_made_first_is_known_again(string $begin, string $spoken, bool $isMeant): void
    {
        foreach (["\n", ' '] as $after) {
            $recipe = (new RecipeReader(self::catalogue()))->read(
                "Butter\n$begin{$after}10 g dried nettle, 150 g coconut oil. Strain.\n\n"
                    ."Then the butter:\n200 g shea butter\n$spoken",
            );
            self::assertCount($isMeant ? 1 : 0, $recipe->parts, $recipe->text);
            $last = $recipe->lines[array_key_last($recipe->lines)];
            self::assertSame($isMeant, $last->takes !== null, $recipe->text);
            self::assertSame(80.0, $last->amount?->number?->likely);
        }
    }

    public function test_a_part_is_called_by_what_it_is(): void
    {
        $names = [
            'First the oil:' => 'Oil', 'Cook the oil first:' => 'Oil', 'For the nettle oil:' => 'Nettle oil',
            'To make the herb oil:' => 'Herb oil', 'Brew the tea the day before:' => 'Tea',
            'D’abord l’huile :' => 'Huile',
        ];
        foreach ($names as $heading => $name) {
            $word = str_contains($heading, 'huile') ? 'l’huile' : ($name === 'Tea' ? 'the tea' : 'the oil');
            $liquid = $name === 'Tea' ? 'water' : 'coconut oil';
            $document = self::read("Butter\n\n$heading\n10 g dried nettle\n150 g $liquid\n\nThen the butter:\n"
                ."200 g shea butter\n80 g of $word")->document('');
            self::assertSame($name, $document['parts'][0]['name'] ?? null, $heading);
        }
    }

    public function test_how_long_a_part_stands_is_its_own_step_and_it_is_strained(): void
    {
        $document = self::read("Leave-in\n\nNettle tea:\n5 g dried nettle\n300 g water\nleave it overnight, strain\n\n"
            ."Mint tea:\n5 g dried peppermint\n100 g water\n\nWater phase\nnettle tea 200 g\nmint tea 50 g\n"
            ."Oil phase\nBTMS-50 20 g\nmelt for 20 minutes")->document('');
        self::assertSame(
            [['do' => 'steep', 'minutes' => 720.0], ['do' => 'strain']],
            $document['parts'][0]['process']['steps'] ?? null,
        );
        self::assertArrayNotHasKey('process', $document['parts'][1], 'nothing is said of the other');
        FormulaDocument::read(array_diff_key($document, ['reading' => true]));
    }

    public function test_kitchen_vanilla_and_a_milk_from_nobody_knows_where_are_asked_about(): void
    {
        foreach (['1 tsp vanilla', '100 g oat milk', '80 ml peppermint tea', '20 g nigelle'] as $line) {
            self::assertTrue(self::read("Test\n$line\n5 g glycerin")->lines[0]->isDoubtful(), $line);
        }
    }

    public function test_a_cup_and_two_spoons_are_one_amount(): void
    {
        $lines = self::read("Test\n1 cup + 2 tbsp water\n5 g glycerin")->lines;
        self::assertCount(2, $lines);
        self::assertEqualsWithDelta(1.12, $lines[0]->amount?->number?->likely, 0.01);
    }
}
