<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Infusions\PlanDraft;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\NotePicture;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

final class RecipeTest extends AppCase
{
    /** One grey pixel. */
    private const PNG =
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    private const RECIPE =
        "Aunt’s milk\nWater phase\n1 cup distilled water\n1/3 cup shae buter\n1 tsp coconut milk powder\n3 capsules of moon dust\nsome honey\nStir until it looks nice";

    /** How the page names a stretch of the note: by its words. */
    private static function key(string $words): string
    {
        return 's'.substr(md5($words), 0, 12);
    }

    public function test_a_recipe_is_marked_and_weighed_and_doubts_are_shown(): void
    {
        $this->post('/recipe', ['text' => self::RECIPE])->assertOk()
            ->assertSee('1 cup distilled water')
            ->assertSee("236.1\u{202F}g")
            ->assertSee('is-ingredient read-doubtful', false)
            ->assertSee('which ingredient?')
            ->assertSee('how much?')
            ->assertSee('Stir until it looks nice');
    }

    public function test_corrections_are_kept_and_open_on_the_bench(): void
    {
        $this
            ->post(
                '/recipe/open',
                [
                    'text' => self::RECIPE,
                    'pick' => [
                        self::key('1/3 cup shae buter') => 'shea-butter-refined',
                        self::key('3 capsules of moon dust') => 'vitamin-e-tocopherols',
                    ],
                    'amount' => [self::key('some honey') => '5 g'],
                ],
            )
            ->assertRedirect();
        $draft = Draft::fromStored(Formula::query()->sole()->draft);
        self::assertSame('Aunt’s milk', $draft->text('name'));
        self::assertSame(
            ['distilled-water', 'shea-butter-refined', '', 'vitamin-e-tocopherols', 'honey'],
            array_column($draft->lines(), 'ingredient'),
            'what no one knows stays open',
        );
        self::assertSame(['1 cup', '1/3 cup', '1 tsp', '3 capsule', '5 g'], array_column($draft->lines(), 'amount'));
        self::assertStringContainsString('Stir until it looks nice', $draft->text('notes'), 'nothing is dropped');
    }

    /** Every stretch, sure or not, may be said to be something else, and a line left open is open. */
    public function test_what_a_stretch_is_may_be_changed(): void
    {
        $text = "Curl milk\n100 g rose water\n5 g glycerin\nMum’s favourite since 1998";
        $opened = function (array $more) use ($text): Draft {
            Formula::query()->delete();
            $this->post('/recipe/open', ['text' => $text, ...$more])->assertRedirect();

            return Draft::fromStored(Formula::query()->sole()->draft);
        };
        $names = static fn (Draft $draft): array => array_map(
            static fn (array $line): string => $line['ingredient'] ?: $line['name'],
            $draft->lines(),
        );
        $glycerin = self::key('5 g glycerin');
        self::assertSame(['rose-hydrosol'], $names($opened(['drop' => [$glycerin => '1']])));
        self::assertStringContainsString('5 g glycerin', $opened(['role' => [$glycerin => 'step']])->text('notes'));
        self::assertSame(['rose-hydrosol', 'honey'], $names($opened([
            'pick' => [$glycerin => ''], 'called_line' => [$glycerin => 'honey'],
        ])));
        self::assertSame(['rose-hydrosol', 'Grandma’s slime'], $names($opened([
            'pick' => [$glycerin => ''], 'called_line' => [$glycerin => 'Grandma’s slime'],
        ])));
        self::assertContains('Mum’s favourite since 1998', $names($opened([
            'mark' => self::key('Mum’s favourite since 1998'), 'as' => 'ingredient',
        ])));
        self::assertSame('Mum’s favourite since 1998', $opened([
            'mark' => self::key('Mum’s favourite since 1998'), 'as' => 'title',
        ])->text('name'));
        $this->post('/recipe', ['text' => $text, 'pick' => [$glycerin => ''], 'called_line' => [$glycerin => 'slime']])
            ->assertSee('“slime” isn’t in the catalogue')->assertSee('value="slime"', false);
        $this->post('/recipe', ['text' => $text, 'mark' => ['x'], 'as' => 'nonsense', 'role' => 'x', 'drop' => [[1]]])
            ->assertOk();
    }

    public function test_a_doubtful_line_is_settled_by_one_press(): void
    {
        $text = "Whip\n100 g shea butter\n20 g jojoba oil";
        $key = self::key('100 g shea butter');
        $this->post('/recipe', ['text' => $text])->assertSee('One line to check.')->assertSee('Yes, Shea butter, unrefined');
        $this->post('/recipe', ['text' => $text, 'take' => [$key => 'shea-butter-refined']])
            ->assertSee('Every line was clear.')->assertSee('value="Shea butter, refined"', false);
        $this->post('/recipe', ['text' => $text, 'settled' => [$key => 'shea-butter-unrefined']])
            ->assertSee('Every line was clear.');
    }

    /** What is made first stays a part by every door: page, bench, command. */
    public function test_a_note_with_a_part_keeps_it(): void
    {
        $text = "Oat milk conditioner (300 g)\nthe milk: blend 40 g rolled oats with 400 g water, strain twice\n"
            ."260 g of the milk\n15 g BTMS-25\n3 g phenoxyethanol";
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee('Made first: Milk');
        $this->post('/recipe/open', ['text' => $text])->assertRedirect();
        $draft = Draft::fromStored(Formula::query()->sole()->draft);
        self::assertCount(3, $draft->lines());
        [$document] = $draft->document();
        self::assertSame(['rolled oats', 'water'], [
            'rolled oats', $document['parts'][0]['lines'][1]['ingredient'] === 'distilled-water' ? 'water' : '',
        ]);
        self::assertSame('milk', $document['parts'][0]['makes']);
        self::assertSame($document['parts'][0]['key'], $document['lines'][0]['part']);
    }

    public function test_an_infusion_opens_as_one_with_its_way_its_time_and_its_words(): void
    {
        $text = "Nettle oil\n25 g dried nettle\n250 g olive oil\nOn the sunny sill three weeks, shake daily. Keeps 6 months.";
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee('Plan the infusion');
        $this->post('/recipe/open', ['text' => $text])->assertRedirect('/infusions/1');
        self::assertSame(0, Formula::query()->count());
        $plan = PlanDraft::fromStored(Jar::query()->sole()->draft);
        self::assertSame(['Nettle oil', 'sunny_sill', '21 days'], array_map($plan->text(...), ['name', 'method', 'lasts']));
        self::assertSame(['nettle-dried', 'olive-oil'], [
            $plan->rows('plants')[0]['ingredient'], $plan->rows('oils')[0]['ingredient'],
        ]);
        $this->get('/infusions/1')->assertOk()->assertSee('shake daily. Keeps 6 months.')->assertSee('25 g');
        $this->post('/recipe/open', ['text' => $text, 'as_formula' => '1'])->assertRedirect('/formulas/1');
        $this->post('/recipe/open', ['text' => "$text\nadd 5 drops lavender oil"])->assertRedirect('/formulas/2');
        // what the maker put right counts: honey is nothing to infuse
        $this->post('/recipe/open', ['text' => $text, 'take' => [self::key('25 g dried nettle') => 'honey']])
            ->assertRedirect('/formulas/3');
        // four weeks are no oven
        $this->post('/recipe/open', ['text' => "Nettle oil\n25 g dried nettle\n250 g olive oil\nfour weeks, dark"]);
        $plan = PlanDraft::fromStored(Jar::query()->orderByDesc('id')->firstOrFail()->draft);
        self::assertSame(['cold_dark', '28 days'], array_map($plan->text(...), ['method', 'lasts']));
    }

    /** "The rosemary oil from before": what stands in the pantry is asked first. */
    public function test_a_long_note_asks_the_pantry_once(): void
    {
        $asked = 0;
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked += str_contains($query->sql, 'from "lots"') ? 1 : 0;
        });
        $text = implode("\n", array_map(static fn (int $n): string => "Jojoba oil $n g", range(1, 60)));
        $this->post('/recipe', ['text' => "Oil\n$text"])->assertOk();
        self::assertLessThanOrEqual(2, $asked);
    }

    public function test_a_lot_of_the_pantry_may_be_what_is_meant(): void
    {
        $lot = Lot::query()->create([
            'code' => 'L261101-A', 'kind' => 'bought', 'name' => 'Rosemary oil', 'ingredient' => 'jojoba-oil', 'grams' => 100,
            'grams_left' => 80, 'storage' => 'room', 'first_storage' => 'room', 'made_at' => '2026-11-01', 'good_until' => '2027-11-01',
        ]);
        $text = "Balm\n30 g rosemary oil\n10 g beeswax";
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee("from the pantry: Rosemary oil, $lot->code");
        $take = ['take' => [self::key('30 g rosemary oil') => "lot:$lot->code"]];
        $this->post('/recipe', ['text' => $text, ...$take])->assertOk()->assertSee('Every line was clear.');
        $this->post('/recipe/open', ['text' => $text, ...$take])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        self::assertSame([$lot->code, '30 g'], [$document['lines'][0]['lot'], $document['lines'][0]['amount']]);
    }

    /** Weighed once, right there, and used from then on, in every room that reads amounts. */
    public function test_a_handful_is_weighed_once_and_used_from_then_on(): void
    {
        $text = "Rinse\n2 handfuls dried nettle\n500 ml water";
        $asked = 'name="weighs[nettle-dried][handful]"';
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee($asked, false)->assertSee('One line to check.');
        $weighs = static fn (string $grams): array => ['text' => $text, 'weighs' => ['nettle-dried' => ['handful' => $grams]]];
        foreach (['much', '0', '0.009', '5000.1', '-3'] as $nonsense) {
            $this->post('/recipe', $weighs($nonsense))->assertOk()
                ->assertSee('from 0.01 to 5000')->assertSee("value=\"$nonsense\"", false);
        }
        $this->post('/recipe', $weighs('12,5'))->assertOk()->assertSee("25\u{202F}g")->assertDontSee($asked, false);
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee("25\u{202F}g");
        $this->get('/settings')->assertOk()->assertSee($asked, false)->assertSee('value="12.5"', false);
        $this->post('/settings', ['weighs' => ['nettle-dried' => ['handful' => 'x']], 'units' => 'metric'])
            ->assertRedirect();
        $this->get('/settings')->assertSee('from 0.01 to 5000');
        $this->post('/settings', ['weighs' => ['nettle-dried' => ['handful' => '']], 'units' => 'metric']);
        $this->get('/settings')->assertDontSee($asked, false);
    }

    public function test_lines_without_amounts_are_offered_usual_shares_in_one_go(): void
    {
        $text = "Twist-out butter\nrefined shea\na bit of beeswax\ncoconut oil";
        $this->post('/recipe', ['text' => $text])->assertOk()
            ->assertSee('Fill in usual shares')->assertSee('usually')->assertSee('3 lines to check.');
        foreach (['much', '0', '0.09', '1000000.1'] as $nonsense) {
            $this->post('/recipe', ['text' => $text, 'fill' => '1', 'batch' => $nonsense])
                ->assertSee('Write grams or millilitres')->assertSee("value=\"$nonsense\"", false);
        }
        $this->post('/recipe', ['text' => $text, 'fill' => '1', 'batch' => '120'])->assertOk()
            ->assertSee('Every line was clear.')->assertDontSee('Fill in usual shares');
        $this->post('/recipe/open', ['text' => $text, 'fill' => '1', 'batch' => '120'])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        $shares = array_map(static fn (array $line): float => (float) $line['amount'], $document['lines']);
        self::assertEqualsWithDelta(100.0, array_sum($shares), 0.2);
        self::assertEquals(120, $document['batch']['grams']);
        // what the maker did before goes first
        Formula::query()->delete();
        $before = "Old butter\n70 g refined shea\n5 g beeswax\n25 g coconut oil";
        $this->post('/recipe/open', ['text' => $before])->assertRedirect();
        $this->post('/recipe/open', ['text' => $text, 'fill' => '1', 'batch' => '120'])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->orderByDesc('id')->firstOrFail()->draft)->document();
        self::assertSame(['70 %', '5 %', '25 %'], array_column($document['lines'], 'amount'));
    }

    public function test_what_the_note_says_stands_beside_what_is_calculated(): void
    {
        $text = "Evening milk (makes 500 g)\n100 g rose water\n5 g glycerin\nKeeps a year. pH 5";
        $this->post('/recipe', ['text' => $text])->assertOk()
            ->assertSeeInOrder(['The note says', 'Calculated here', 'keeps', 'makes', '500 g', "105\u{202F}g", 'differs']);
        $this->post('/recipe/open', ['text' => $text])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        self::assertSame(['keeps_days', 'ph', 'yield_g'], array_column($document['claims'], 'what'));
    }

    public function test_the_name_and_the_yield_come_from_the_first_line_and_the_name_may_be_typed(): void
    {
        $text = "Banana & honey cream (fills 2 x 75 ml)\n\n100 g shea butter\n20 g honey\nsome castor oil";
        $this->post('/recipe', ['text' => $text])->assertOk()
            ->assertSee('value="Banana &amp; honey cream"', false)
            ->assertSee('2 x 75 ml');
        $this->post('/recipe/open', ['text' => $text, 'name' => 'Cream for Inès'])->assertRedirect();
        self::assertSame('Cream for Inès', Draft::fromStored(Formula::query()->sole()->draft)->text('name'));
        self::assertCount(3, Draft::fromStored(Formula::query()->sole()->draft)->lines());
    }

    public function test_who_it_is_for_is_still_seen_where_the_name_leaves_it_out(): void
    {
        $this->post('/recipe/open', [
            'text' => "Curl milk for my daughter, she is 4 years old\n100 g rose water\n5 g glycerin",
        ])->assertRedirect();
        $draft = Draft::fromStored(Formula::query()->sole()->draft);
        self::assertSame('Curl milk', $draft->text('name'));
        self::assertStringContainsString('she is 4 years old', $draft->text('notes'));
        $this->get('/formulas/'.Formula::query()->sole()->id)->assertSee('4 years old');
    }

    public function test_a_text_changed_and_read_again_brings_its_own_name_unless_one_was_typed(): void
    {
        $again = static fn (string $name): array => [
            'text' => "Autumn balm\n60 g shea butter\n40 g castor oil", 'name' => $name, 'called' => 'Winter balm',
        ];
        $this->post('/recipe', $again('Winter balm'))->assertSee('value="Autumn balm"', false);
        $this->post('/recipe', $again('Balm for Inès'))->assertSee('value="Balm for Inès"', false);
    }

    public function test_the_text_stays_as_it_was_written(): void
    {
        $text = "Winter balm\n\n  60 g shea butter, melted\n40 g castor oil";
        $page = (string) $this->post('/recipe', ['text' => $text])->getContent();
        preg_match('~<div class="marked" lang="">(.*?)</div>~s', $page, $marked);
        self::assertSame(
            $text,
            html_entity_decode(strip_tags(preg_replace('~<b>\d+</b>~', '', $marked[1] ?? '') ?? '')),
        );
    }

    public function test_a_text_file_may_be_dropped(): void
    {
        $file = UploadedFile::fake()->createWithContent('recipe.txt', "2 tbsp olive oil\r\n1 tsp castor oil");
        $this->post('/recipe', ['file' => $file])->assertOk()->assertSee('Olive oil')->assertSee('Castor oil');
    }

    /** @param  list<list<string|float|null>>  $rows */
    private static function sheet(string $format, array $rows): UploadedFile
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray($rows);
        $path = tempnam(sys_get_temp_dir(), 'ilv').'.'.$format;
        IOFactory::createWriter($book, ucfirst($format))->save($path);

        return new UploadedFile($path, "formula.$format", null, null, true);
    }

    public function test_sheets_are_read_by_their_headings_in_both_languages(): void
    {
        $english = [
            ['My milk'],
            ['Phase', 'Ingredient', 'Percent', 'Note'],
            ['water', 'Distilled water', 'to 100', ''],
            ['water', 'Glycerin', 3, ''],
            ['oil', 'BTMS-50', 4.5, 'pellets'],
            ['', 'Total', 100, ''],
        ];
        $french = [['Ingrédient', 'Quantité'], ['Beurre de karité brut', '2 c. à s.'], ['Huile d’olive', '30 g']];
        foreach (['csv', 'xlsx', 'ods'] as $format) {
            $this
                ->post('/recipe', ['file' => self::sheet($format, $english)])
                ->assertOk()
                ->assertSeeInOrder(['Distilled water: to 100', 'Glycerin: 3 %', 'BTMS-50: 4.5 %'])
                ->assertDontSee('Total: ')
                ->assertSee('Every line was clear.');
            $this
                ->post('/recipe', ['file' => self::sheet($format, $french)])
                ->assertOk()
                ->assertSee('2 c. à s.')
                ->assertSee('Every line was clear.');
        }
    }

    public function test_formulas_in_cells_are_not_reckoned_and_bad_files_are_refused(): void
    {
        $this
            ->post(
                '/recipe',
                ['file' => self::sheet(
                    'xlsx',
                    [
                        ['Ingredient', 'Grams'],
                        ['Olive oil', '=10*3'],
                        ['Castor oil', '=WEBSERVICE("http://127.0.0.1/")'],
                    ],
                )],
            )
            ->assertOk()
            ->assertSee('Olive oil')
            ->assertDontSee('WEBSERVICE');
        foreach (['csv', 'xlsx', 'ods'] as $format) {
            $this
                ->post(
                    '/recipe',
                    ['file' => UploadedFile::fake()->createWithContent("x.$format", "\0\1\2".random_bytes(300))],
                )
                ->assertStatus(422);
        }
        $this
            ->post('/recipe', ['file' => UploadedFile::fake()->createWithContent('x.csv', "a,b\n1,2")])
            ->assertStatus(422)
            ->assertSee('headed “Ingredient”');
        $this
            ->post(
                '/recipe',
                ['file' => UploadedFile::fake()->createWithContent('x.csv', str_repeat("Ingredient,Grams\n", 150_000))],
            )
            ->assertStatus(422)
            ->assertSee('2 MB');
        $bomb = tempnam(sys_get_temp_dir(), 'ilv').'.xlsx';
        $zip = new \ZipArchive;
        $zip->open($bomb, \ZipArchive::CREATE);
        $zip->addFromString('xl/worksheets/sheet1.xml', str_repeat('0', 60_000_000));
        $zip->close();
        $this
            ->post('/recipe', ['file' => new UploadedFile($bomb, 'x.xlsx', null, null, true)])
            ->assertStatus(422)
            ->assertSee('far larger than any formula');
        unlink($bomb);
    }

    public function test_a_formula_in_json_opens_on_the_bench_or_says_where_it_is_wrong(): void
    {
        $this
            ->post('/recipe', ['text' => json_encode(SoundFormula::document(), JSON_THROW_ON_ERROR)])
            ->assertRedirect('/formulas/1');
        $this
            ->post(
                '/recipe',
                ['text' => '{"format":"ilvane.formula/1","name":"A","family":"gel","lines":[],"colour":1}'],
            )
            ->assertStatus(422)
            ->assertSee('/colour');
    }

    public function test_what_is_no_recipe_is_refused_in_place_with_what_was_pasted(): void
    {
        foreach ([
            '' => 'There is nothing in it.',
            "a\0b" => 'not plain text',
            str_repeat('x ', 15_000) => 'This line has no end',
            str_repeat("2 g water\n", 500_000) => 'more text than a recipe',
        ] as $text => $why) {
            $this->post('/recipe', ['text' => $text])->assertStatus(422)->assertSee($why);
        }
        $this->post('/recipe', ['text' => str_repeat('x ', 15_000)])->assertSee('x x x x');
        $this->post('/recipe', ['text' => ['a']])->assertStatus(422);
        $this
            ->post('/recipe', ['file' => UploadedFile::fake()->createWithContent('recipe.txt', random_bytes(400))])
            ->assertStatus(422);
        $this
            ->post('/recipe', ['text' => 'just words', 'pick' => 'x', 'amount' => [[1]]])
            ->assertOk()
            ->assertSee('No ingredients found');
        $this->get('/recipe')->assertOk();
    }

    public function test_text_is_escaped(): void
    {
        $this
            ->post('/recipe', ['text' => '<script>alert(1)</script> 2 tbsp olive oil'])
            ->assertOk()
            ->assertDontSee('<script>alert', false);
    }

    public function test_more_lines_than_a_formula_holds_are_a_sentence_by_every_door(): void
    {
        foreach ([200 => 302, 201 => 422, 230 => 422] as $lines => $status) {
            $text = implode("\n", array_map(static fn (int $n): string => "Jojoba oil $n g", range(1, $lines)));
            $answer = $this->post('/recipe/open', ['text' => $text]);
            self::assertSame($status, $answer->getStatusCode(), "$lines lines");
            $status === 302 ?: $answer->assertSee('200')->assertSee('Jojoba oil 77 g');
            self::assertLessThan(500, $this->post('/recipe', ['text' => $text])->getStatusCode());
        }
    }

    /** Two presses make a part of lines; how much of it goes in is asked, and the whole opens as a formula with it. */
    public function test_lines_go_into_something_made_first(): void
    {
        $text = "Spray\n20 g dried nettle\n300 g water\n5 g glycerin";
        $nettle = self::key('20 g dried nettle');
        $water = self::key('300 g water');
        $this->post('/recipe', ['text' => $text, 'mark' => $nettle, 'as' => 'into:made-first'])->assertOk()
            ->assertSee("name=\"into[$nettle]\" value=\"made-first\"", false)->assertSee('how much of it goes in')
            ->assertSee('One line to check.');
        $both = ['text' => $text, 'into' => [$nettle => 'made-first', $water => 'made-first'],
            'amount' => ['made-first' => '200 g']];
        $this->post('/recipe', $both)->assertOk()->assertSee('value="200 g"', false)->assertSee('Made first');
        $this->post('/recipe/open', $both)->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        self::assertSame(['made-first', 'tea'], [$document['parts'][0]['key'], $document['parts'][0]['makes']]);
        self::assertSame(['nettle-dried', 'distilled-water'], array_column($document['parts'][0]['lines'], 'ingredient'));
        self::assertSame([['glycerin', '5 g'], ['made-first', '200 g']], array_map(
            static fn (array $line): array => [$line['ingredient'] ?? $line['part'], $line['amount']],
            $document['lines'],
        ));
        // back into the product, and nonsense changes nothing
        $this->post('/recipe', [...$both, 'mark' => $nettle, 'as' => 'into:'])->assertOk()->assertSee('Made first');
        $this->post('/recipe', ['text' => $text, 'into' => [$nettle => 'nowhere']])->assertOk()
            ->assertDontSee('how much of it goes in');
    }

    /** A part of the note whose lines were all moved out of it is none; its line stays, under its name. */
    public function test_an_emptied_part_leaves_its_line_open(): void
    {
        $text = "Spray\nTea:\n10 g hibiscus petals\n200 ml water\n\nThen\n100 g of the tea\n5 g glycerin";
        $into = [self::key('10 g hibiscus petals') => '', self::key('200 ml water') => ''];
        $this->post('/recipe/open', ['text' => $text, 'into' => $into])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        self::assertArrayNotHasKey('parts', $document);
        self::assertCount(4, $document['lines']);
        $open = array_values(array_filter(
            $document['lines'],
            static fn (array $line): bool => ! isset($line['ingredient']),
        ));
        self::assertSame([['Made first: Tea', '100 g']], array_map(
            static fn (array $line): array => [$line['name'], $line['amount']],
            $open,
        ));
    }

    public function test_a_note_without_amounts_is_filled_to_a_bottle(): void
    {
        $text = "Hair oil, 100 ml bottle\njojoba oil\nargan oil\nvitamin E";
        $this->post('/recipe', ['text' => $text])->assertOk()->assertSee('value="100 ml"', false);
        foreach (['0.05 ml', '1001 l', 'a bottle'] as $nonsense) {
            $this->post('/recipe', ['text' => $text, 'fill' => '1', 'batch' => $nonsense])
                ->assertOk()->assertSee('“250 ml”');
        }
        $this->post('/recipe/open', ['text' => $text, 'fill' => '1', 'batch' => '10 cl'])->assertRedirect();
        [$document] = Draft::fromStored(Formula::query()->sole()->draft)->document();
        // oils weigh 0.86 to 0.93 g a millilitre: common tables
        self::assertGreaterThan(86, $document['batch']['grams']);
        self::assertLessThan(93, $document['batch']['grams']);
        // who can't say how heavy a millilitre is fills nothing, and says so
        $powder = "Hair pack\nrhassoul clay\nkaolin clay\namla powder";
        $this->post('/recipe', ['text' => $powder, 'fill' => '1', 'batch' => '200 ml'])->assertOk()
            ->assertSee('isn’t known. Write grams.')->assertSee('value="200 ml"', false);
    }

    /** A picture isn't read: it is shown beside the field, and kept with what is opened. */
    public function test_a_photo_of_the_recipe_is_kept_with_the_note(): void
    {
        $png = (string) base64_decode(self::PNG, true);
        $photo = static fn (string $bytes, string $name): UploadedFile => UploadedFile::fake()
            ->createWithContent($name, $bytes);
        $this->post('/recipe', ['file' => $photo($png, 'card.png')])->assertOk()->assertSee('Pictures aren’t read.');
        $uid = NotePicture::query()->sole()->uid;
        $kept = ['text' => "Balm\n10 g beeswax\n30 g olive oil", 'picture' => $uid];
        $this->post('/recipe', $kept)->assertOk()->assertSee("/recipe/pictures/$uid", false);
        $this->post('/recipe/open', $kept)->assertRedirect('/formulas/1');
        $this->get('/formulas/1')->assertOk()->assertSee("/recipe/pictures/$uid", false);
        self::assertSame($png, $this->get("/recipe/pictures/$uid")->assertOk()
            ->assertHeader('Content-Type', 'image/png')->getContent());
        // with its text at once, and with an infusion
        $this->post('/recipe', ['text' => 'x', 'file' => $photo($png, 'note.jpg')])->assertOk();
        $second = NotePicture::query()->whereNull('formula_id')->sole()->uid;
        $this->post('/recipe/open', [
            'text' => "Nettle oil\n25 g dried nettle\n250 g olive oil", 'picture' => $second,
        ])->assertRedirect('/infusions/1');
        $this->get('/infusions/1')->assertOk()->assertSee("/recipe/pictures/$second", false);
        // one that belongs to something stays there
        $this->post('/recipe/open', $kept)->assertRedirect('/formulas/2');
        self::assertSame(1, NotePicture::query()->where('uid', $uid)->sole()->formula_id);
        foreach (['nonsense.png' => 'no picture', 'card.heic' => 'no picture'] as $name => $bytes) {
            $this->post('/recipe', ['text' => 'kept text', 'file' => $photo($bytes, $name)])->assertStatus(422)
                ->assertSee('This is no JPEG, PNG or WebP picture.')->assertSee('kept text');
        }
        $this->post('/recipe', ['text' => 'kept text', 'file' => $photo(str_repeat('x', 6_000_001), 'a.png')])
            ->assertStatus(422)->assertSee('larger than 6 MB')->assertSee('kept text');
        self::assertSame(2, NotePicture::query()->count());
    }

    /** One that nothing was opened of is gone after a day. */
    public function test_a_photo_nothing_was_made_of_does_not_stay(): void
    {
        $card = static fn (): UploadedFile => UploadedFile::fake()
            ->createWithContent('card.png', (string) base64_decode(self::PNG, true));
        $this->post('/recipe', ['file' => $card()])->assertOk();
        $old = NotePicture::query()->sole()->uid;
        NotePicture::query()->update(['created_at' => '2026-01-01 10:00:00']);
        $this->post('/recipe', ['file' => $card()])->assertOk();
        self::assertNotSame($old, NotePicture::query()->sole()->uid);
        $this->get("/recipe/pictures/$old")->assertNotFound();
    }

    /** "1.5 tbsp (5 %)": one line, and where the two differ by more than the spoon does, both are named. */
    public function test_two_measures_of_one_thing_are_compared(): void
    {
        $note = static fn (string $line): array => ['text' => "Milk\n$line\n95 g water"];
        foreach (['5 g (5 %) glycerin', '1 tsp (5.6 g) glycerin'] as $line) {
            $this->post('/recipe', $note($line))->assertOk()->assertSee('also given')->assertDontSee('Which one counts?');
        }
        $this->post('/recipe', $note('5 g (15 %) glycerin'))->assertOk()
            ->assertSee("also given: 15 %, which is 15\u{202F}g here. Which one counts?")->assertSee('One line to check.');
        $this->post('/recipe', [...$note('5 g (15 %) glycerin'), 'amount' => [self::key('5 g (15 %) glycerin') => '15 g']])
            ->assertOk()->assertDontSee('One line to check.');
    }
}
