<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnIngredient;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** What a maker adds is judged by the same rules as what ships. */
final class OwnIngredientTest extends AppCase
{
    /** @param  array<string, mixed>  $told */
    private function own(array $told): string
    {
        $this->post('/own-ingredients', $told)->assertSessionHasNoErrors();
        $this->refreshApplicationParts();

        return OwnIngredient::query()->orderByDesc('updated_at')->orderByDesc('key')->firstOrFail()->key;
    }

    /**
     * @param  list<array{string, string}>  $lines
     * @param  array<string, mixed>  $more
     */
    private function finding(string $code, array $lines, array $more = []): ?Finding
    {
        $lines = array_map(static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]], $lines);
        $document = [
            'format' => 'ilvane.formula/1',
            'name' => 'x',
            'family' => 'hair_oil',
            'batch' => ['grams' => 100],
            'lines' => $lines,
            ...$more,
        ];
        foreach (app(Evaluator::class)->evaluate(FormulaDocument::read($document))->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, bool}> what is told, how much of it, whether the sun
     *   rule stops it
     */
    public static function scents(): iterable
    {
        $oil = static fn (string $name, array $more = []): array => [
            'name' => $name,
            'kind' => 'essential_oil',
            ...$more,
        ];
        // limits: published essential-oil safety texts, recalled
        yield 'expressed lime, 3 %' => [$oil('Lime oil, expressed'), '3 %', true];
        yield 'expressed lime at its limit' => [$oil('Lime oil, expressed'), '0.7 %', false];
        yield 'expressed lime a little over' => [$oil('Lime oil, expressed'), '0.72 %', true];
        yield 'in French' => [$oil('Citron vert exprimé'), '3 %', true];
        yield 'by its INCI name' => [$oil('Green citrus', ['inci' => 'Citrus Aurantifolia Peel Oil']), '3 %', true];
        yield 'a pressed citrus nobody knows' => [$oil('Yuzu, cold-pressed'), '0.5 %', true];
        yield 'distilled lime' => [$oil('Lime oil, distilled'), '3 %', false];
        yield 'lemongrass is not lemon' => [$oil('Lemongrass'), '3 %', false];
        yield 'a lavender' => [$oil('My lavender'), '3 %', false];
        yield 'said to burn, no figure' => [
            $oil('My secret oil', ['cautions' => ['phototoxic'], 'cautions_told' => '1']),
            '0.5 %',
            true,
        ];
        yield 'the sheet says 2' => [$oil('Lime oil, expressed', ['phototoxic' => '2']), '1.9 %', false];
        yield 'the sheet says 2, over' => [$oil('Lime oil, expressed', ['phototoxic' => '2']), '2.1 %', true];
        yield 'said not to burn' => [$oil('Lime oil, furocoumarins removed', ['cautions_told' => '1']), '3 %', false];
    }

    /** @param  array<string, mixed>  $told */
    #[DataProvider('scents')]
    public function test_pressed_citrus_of_ones_own_stops_as_the_shipped_lemon_does(
        array $told,
        string $amount,
        bool $isStopped,
    ): void {
        $key = $this->own($told);
        $finding = $this->finding('scent.phototoxic', [['jojoba-oil', 'to 100'], [$key, $amount]]);
        self::assertSame($isStopped, $finding !== null);
        if ($isStopped) {
            $shipped = $this->finding(
                'scent.phototoxic',
                [['jojoba-oil', 'to 100'], ['lemon-essential-oil-expressed', '3 %']],
            );
            self::assertSame($shipped?->severity, $finding?->severity);
            self::assertNotSame([], $finding->fixes);
        }
    }

    /** A row kept before the form asked: nothing was answered, so what its kind and name suggest counts. */
    public function test_an_ingredient_kept_before_the_form_asked_is_judged_by_its_name(): void
    {
        OwnIngredient::query()->create([
            'key' => 'own-lime',
            'is_own' => true,
            'fields' => [
                'name' => 'Lime oil, expressed',
                'kind' => 'essential_oil',
                'source' => 'bottle',
                'allergens' => [],
            ],
        ]);
        $this->refreshApplicationParts();
        self::assertNotNull($this->finding('scent.phototoxic', [['jojoba-oil', 'to 100'], ['own-lime', '3 %']]));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{string, string}>, array<string, mixed>, string}>
     */
    public static function others(): iterable
    {
        $water = ['distilled-water', 'to 100'];
        $milk = ['family' => 'leave_in_emulsion'];
        yield 'a gum clumps' => [
            ['name' => 'Konjac gum', 'kind' => 'thickener_gum'],
            [$water, ['OWN', '0.5 %']],
            ['family' => 'gel'],
            'gum.wet_first',
        ];
        yield 'a gel is no emulsifier' => [
            ['name' => 'Okra gel', 'kind' => 'plant_juice_or_gel'],
            [['OWN', 'to 100'], ['jojoba-oil', '10 %']],
            $milk,
            'emulsion.not_an_emulsifier',
        ];
        yield 'shea of ones own turns grainy' => [
            ['name' => 'Shea from Tamale', 'kind' => 'butter'],
            [['OWN', '80 %'], ['jojoba-oil', '20 %']],
            ['family' => 'whipped_butter'],
            'texture.grain_risk',
        ];
        yield 'mango flesh is strained' => [
            ['name' => 'Mango flesh', 'kind' => 'plant_milk_or_food'],
            [['OWN', '100 %']],
            ['family' => 'fresh_mask'],
            'plant.unstrained',
        ];
        yield 'aloe of ones own has latex' => [
            ['name' => 'Whole leaf aloe of ours', 'kind' => 'plant_juice_or_gel'],
            [['OWN', '100 %']],
            ['family' => 'fresh_mask'],
            'plant.latex',
        ];
        yield 'lye burns' => [
            ['name' => 'Potassium hydroxide 10 %', 'kind' => 'acid_or_base'],
            [$water, ['OWN', '0.2 %']],
            ['family' => 'gel'],
            'safety.caustic',
        ];
        yield 'soap and a cationic' => [
            ['name' => 'Baking soda', 'kind' => 'acid_or_base'],
            [$water, ['btms-25', '4 %'], ['stearic-acid', '1 %'], ['OWN', '0.3 %']],
            $milk,
            'emulsion.charge_clash',
        ];
        yield 'a powder is dust' => [
            ['name' => 'Sidr powder', 'kind' => 'powder_botanical'],
            [['OWN', '2 %'], ['jojoba-oil', 'to 100']],
            [],
            'safety.dust',
        ];
        yield 'phenoxyethanol by another name' => [
            [
                'name' => 'Shop preservative',
                'kind' => 'preservative',
                'contents' => [['substance' => 'Phenoxyethanol', 'percent' => '90']],
            ],
            [$water, ['OWN', '1.2 %']],
            ['family' => 'water_spray'],
            'preservation.over_limit',
        ];
    }

    /**
     * @param  array<string, mixed>  $told
     * @param  list<array{string, string}>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('others')]
    public function test_rules_ask_what_a_thing_is_and_never_what_it_is_called(
        array $told,
        array $lines,
        array $more,
        string $code,
    ): void {
        $key = $this->own($told);
        $lines = array_map(static fn (array $line): array => [$line[0] === 'OWN' ? $key : $line[0], $line[1]], $lines);
        self::assertNotNull($this->finding($code, $lines, $more));
    }

    public function test_the_law_counts_what_is_in_a_blend_of_ones_own(): void
    {
        $key = $this->own([
            'name' => 'Shop preservative',
            'kind' => 'preservative',
            'contents' => [['substance' => 'Phenoxyethanol', 'percent' => '90']],
        ]);
        $spray = ['family' => 'water_spray'];
        // 1.0 % phenoxyethanol (Regulation 1223/2009, Annex V, entry 29): 1.11 % of a blend of 90 %
        self::assertNull($this->finding(
            'preservation.over_limit',
            [['distilled-water', 'to 100'], [$key, '1.1 %']],
            $spray,
        ));
        self::assertNotNull($this->finding(
            'preservation.over_limit',
            [['distilled-water', 'to 100'], [$key, '1.12 %']],
            $spray,
        ));
    }

    public function test_a_name_and_a_kind_begin_and_what_is_assumed_is_shown_ticked(): void
    {
        $this->get('/own-ingredients')->assertOk()->assertSee('A name and what it is are enough to begin.');
        $this->post('/own-ingredients', ['name' => 'Lime oil, expressed', 'kind' => 'essential_oil'])
            ->assertSessionHasNoErrors()->assertRedirect('/own-ingredients?key=own-lime-oil-expressed');
        $this->refreshApplicationParts();
        $page = $this
            ->get('/own-ingredients?key=own-lime-oil-expressed')
            ->assertOk()
            ->assertSee('is what Ilvane assumes');
        $form = (string) preg_replace('/\s+/', ' ', (string) $page->getContent());
        self::assertStringContainsString('name="cautions[]" value="phototoxic" checked', $form);
        self::assertStringContainsString('name="cautions[]" value="irritant" >', $form);
        $page->assertSeeInOrder(['name="phototoxic"', 'placeholder="0.7"'], false);
        $told = [
            'of' => 'own-lime-oil-expressed',
            'name' => 'Lime oil, expressed',
            'kind' => 'essential_oil',
            'cautions_told' => '1',
            'cautions' => ['sensitiser'],
            'traits_told' => '1',
        ];
        $this->post('/own-ingredients', $told)->assertSessionHasNoErrors();
        $this->refreshApplicationParts();
        $own = app(Catalogue::class)->get('own-lime-oil-expressed');
        self::assertSame([Caution::Sensitiser], $own->cautions, 'what was answered counts');
        self::assertNull($own->phototoxicLimit());
    }

    public function test_what_was_typed_wrong_is_said_beside_its_field_and_kept(): void
    {
        $bad = [
            'name' => 'Mix',
            'kind' => 'preservative',
            'contents' => [
                ['substance' => 'Phenoxyethanol', 'percent' => '90'],
                ['substance' => 'Sorbic Acid', 'percent' => '20'],
            ],
            'phototoxic' => '0',
        ];
        $this
            ->from('/own-ingredients')
            ->post('/own-ingredients', $bad)
            ->assertSessionHasErrors(['contents', 'phototoxic']);
        $this
            ->from('/own-ingredients')
            ->post(
                '/own-ingredients',
                [...$bad, 'contents' => [['substance' => 'Phenoxyethanol', 'percent' => 'most']], 'phototoxic' => ''],
            )
            ->assertSessionHasErrors(['contents.0.percent']);
        self::assertSame(0, OwnIngredient::query()->count());
    }

    public function test_traits_of_the_shipped_ones_stand_where_the_rules_look(): void
    {
        $catalogue = app(Catalogue::class);
        self::assertTrue($catalogue->get('xanthan-gum')->is(MaterialTrait::LumpsWhenDry));
        self::assertFalse($catalogue->get('hydroxyethylcellulose')->is(MaterialTrait::LumpsWhenDry));
        self::assertSame(
            [0.4, 2.0, 4.0, null],
            array_map(
                static fn (string $key): ?float => $catalogue->get($key)->phototoxicLimit(),
                [
                    'bergamot-essential-oil-expressed',
                    'lemon-essential-oil-expressed',
                    'grapefruit-essential-oil',
                    'bergamot-essential-oil-fcf',
                ],
            ),
        );
    }

    public function test_the_maker_s_sheet_is_named_for_the_figures_it_gave_and_for_no_others(): void
    {
        $shipped = app(Catalogue::class)->get('phenoxyethanol-ethylhexylglycerin');
        $this->own(['of' => $shipped->key, 'ph_max' => '7', 'source' => 'supplier, March']);
        $own = app(Catalogue::class)->get($shipped->key);
        self::assertStringContainsString('supplier, March', $own->sourceOf('ph'));
        self::assertSame(
            [$shipped->sourceOf('heat'), $shipped->sourceOf('use')],
            [$own->sourceOf('heat'), $own->sourceOf('use')],
        );
    }

    public function test_what_was_told_is_shown_again_as_it_was_told(): void
    {
        $key = $this->own([
            'name' => 'Shop lye',
            'kind' => 'acid_or_base',
            'water' => '70',
            'contents' => [['substance' => 'Sodium Hydroxide', 'percent' => '30']],
        ]);
        $page = $this->get("/own-ingredients?key=$key")->assertOk();
        $page
            ->assertSee('value="70"', false)
            ->assertSee('value="Sodium Hydroxide"', false)
            ->assertSee('value="30"', false);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is told, the field it is refused at */
    public static function contradictions(): iterable
    {
        $oil = ['name' => 'Plum oil', 'kind' => 'carrier_oil'];
        $liquid = ['name' => 'Solution', 'kind' => 'humectant'];
        yield 'water and glycerin are more than all' => [[
            ...$liquid, 'water' => '70', 'contents' => [['substance' => 'Glycerin', 'percent' => '40']],
        ], 'water'];
        yield 'water in an oil' => [[...$oil, 'water' => '10'], 'water'];
        yield 'the law allows less than the least dose' => [
            [...$oil, 'use_low' => '2', 'use_high' => '5', 'legal_max' => '1'], 'legal_max',
        ];
        yield 'opened it keeps longer' => [[...$oil, 'unopened' => '12', 'opened' => '24'], 'opened'];
        yield 'an iodine value too low' => [[...$oil, 'pufa' => '70', 'iodine' => '60'], 'iodine'];
        yield 'more solid as it warms' => [
            ['name' => 'Butter', 'kind' => 'butter', 'sfc_10' => '40', 'sfc_20' => '50'], 'sfc_20',
        ];
        yield 'solid where all has melted' => [
            ['name' => 'Butter', 'kind' => 'butter', 'melt_low' => '20', 'melt_high' => '30', 'sfc_30' => '10'],
            'sfc_30',
        ];
    }

    /** @param  array<string, mixed>  $told */
    #[DataProvider('contradictions')]
    public function test_what_cannot_be_true_together_is_refused_beside_its_field(array $told, string $field): void
    {
        $this->from('/own-ingredients')->post('/own-ingredients', $told)->assertSessionHasErrors([$field]);
        self::assertSame(0, OwnIngredient::query()->count());
        $this->get('/own-ingredients')->assertSee('value="'.$told['name'].'"', false);
    }

    public function test_what_goes_together_is_taken(): void
    {
        $this->own(['name' => 'Plum oil', 'kind' => 'carrier_oil', 'pufa' => '20', 'iodine' => '100', 'water' => '0']);
        $this->own([
            'name' => 'Butter', 'kind' => 'butter', 'melt_low' => '30', 'melt_high' => '35',
            'sfc_10' => '60', 'sfc_20' => '50', 'sfc_30' => '20', 'sfc_35' => '0',
        ]);
        self::assertSame(2, OwnIngredient::query()->count());
    }
}
