<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnIngredient;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** A conditioner bought to stir things into: its printed list, and what its own preservative still holds. */
final class BoughtBaseTest extends AppCase
{
    private const LIST = 'Aqua (Water), Cetearyl Alcohol, Behentrimonium Chloride, Glycerin, Hydrolyzed Wheat Protein,'
        .' Phenoxyethanol, Ethylhexylglycerin, Parfum, Linalool';

    private const KEY = 'own-plain-conditioner';

    /** @param  array<string, mixed>  $more */
    private function base(array $more = []): void
    {
        if (OwnIngredient::query()->find(self::KEY) === null) {
            $this->post('/own-ingredients', ['name' => 'Plain conditioner', 'kind' => 'bought_base'])
                ->assertRedirect('/own-ingredients?key='.self::KEY);
            $this->refreshApplicationParts();
        }
        $this->post('/own-ingredients', [
            'of' => self::KEY, 'name' => 'Plain conditioner', 'kind' => 'bought_base', 'list' => self::LIST,
            'traits_told' => '1', 'cautions_told' => '1', ...$more,
        ])->assertSessionHasNoErrors();
        $this->refreshApplicationParts();
    }

    /** @param  array<string, string>  $lines  amount by ingredient */
    private function judged(array $lines, array $more = []): Evaluation
    {
        return app(Evaluator::class)->evaluate(FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'Dressed conditioner', 'family' => 'leave_in_emulsion', ...$more,
            'lines' => array_map(
                static fn (string $amount, string $of): array => ['ingredient' => $of, 'amount' => $amount],
                array_values($lines),
                array_keys($lines),
            ),
        ]));
    }

    /** @return array<string, string> severity by code */
    private static function found(Evaluation $evaluation): array
    {
        return array_column(array_map(
            static fn (Finding $found): array => [$found->code, $found->severity->value],
            $evaluation->findings,
        ), 1, 0);
    }

    public function test_its_list_is_read_and_stands_on_the_label_in_its_order(): void
    {
        $this->base();
        $this->get('/own-ingredients?key='.self::KEY)->assertOk()
            ->assertSee('9 names read')->assertSee('A preservative is named in it: Phenoxyethanol.');
        $material = app(Catalogue::class)->get(self::KEY);
        self::assertSame('cationic', $material->charge->value);
        self::assertContains('gluten', array_map(static fn ($one): string => $one->value, $material->allergens));
        $label = ContentsList::of($this->judged([self::KEY => '96 g', 'jojoba-oil' => '4 g'])->assessment->composition);
        self::assertSame('Aqua', $label->names()[0]);
        self::assertLessThan(
            array_search('Linalool', $label->names(), true),
            array_search('Simmondsia Chinensis Seed Oil', $label->names(), true),
        );
        self::assertCount(10, $label->names());
    }

    /** @return iterable<string, array{array<string, string>, string, bool}> what is added to 100 g, code, preserved */
    public static function additions(): iterable
    {
        yield 'a little oil' => [['jojoba-oil' => '4 g'], 'preservation.base_own', true];
        // a tenth of the whole, and a gram more: 11.1 of 111.1 g are 10 %, 12 of 112 are 10.7 %
        yield 'just a tenth' => [['glycerin' => '11.1 g'], 'preservation.base_own', true];
        yield 'more than a tenth' => [['glycerin' => '12 g'], 'preservation.base_diluted', false];
        // one percent of water: 1 of 101 g is 0.99 %; 1.1 of 101.1 is 1.09 %
        yield 'hardly any water' => [['distilled-water' => '1 g'], 'preservation.base_own', true];
        yield 'a little more water' => [['distilled-water' => '1.1 g'], 'preservation.base_diluted', false];
        yield 'protein' => [['hydrolysed-silk-protein' => '3 g'], 'preservation.base_diluted', false];
        yield 'aloe' => [['aloe-gel-fresh' => '20 g'], 'preservation.base_diluted', false];
    }

    /** @param  array<string, string>  $added */
    #[DataProvider('additions')]
    public function test_its_preservative_is_trusted_with_little_and_nothing_that_feeds(
        array $added,
        string $code,
        bool $isKept,
    ): void {
        $this->base();
        $evaluation = $this->judged([self::KEY => '100 g', ...$added]);
        $found = self::found($evaluation);
        self::assertArrayHasKey($code, $found);
        self::assertArrayNotHasKey('preservation.missing', $found);
        self::assertArrayNotHasKey('preservation.narrow', $found);
        $days = $evaluation->assessment->keeping->days;
        $isKept ? self::assertSame(90.0, $days) : self::assertLessThanOrEqual(5.0, $days);
        self::assertSame('note', $found['label.base_order']);
    }

    public function test_with_a_preservative_for_the_whole_it_is_judged_as_any_product(): void
    {
        $this->base();
        $found = self::found($this->judged([
            self::KEY => '80 g', 'distilled-water' => '19 g', 'phenoxyethanol-ethylhexylglycerin' => '1 g',
        ], ['ph' => 5]));
        self::assertArrayNotHasKey('preservation.base_diluted', $found);
        self::assertArrayNotHasKey('preservation.base_own', $found);
        self::assertArrayNotHasKey('preservation.missing', $found);
    }

    public function test_it_bears_a_little_oil_and_no_more(): void
    {
        $this->base();
        self::assertArrayNotHasKey('emulsion.base_oil', self::found($this->judged([
            self::KEY => '95 g', 'jojoba-oil' => '5 g',
        ])));
        $found = self::found($this->judged([self::KEY => '94.9 g', 'jojoba-oil' => '5.1 g']));
        self::assertSame('mind', $found['emulsion.base_oil']);
        self::assertArrayNotHasKey('emulsion.no_emulsifier', $found);
    }

    public function test_without_a_preservative_on_its_list_nothing_keeps_it(): void
    {
        $this->base(['list' => 'Aqua, Cetearyl Alcohol, Glycerin, Ethylhexylglycerin, Parfum']);
        $this->get('/own-ingredients?key='.self::KEY)->assertSee('No preservative we know is named in it');
        $found = self::found($this->judged([self::KEY => '96 g', 'jojoba-oil' => '4 g']));
        self::assertSame('stop', $found['preservation.missing']);
        // unless its maker knows better
        $this->base(['list' => 'Aqua, Cetearyl Alcohol, Glycerin, Parfum', 'traits' => ['preserves_itself']]);
        self::assertArrayHasKey('preservation.base_own', self::found($this->judged([
            self::KEY => '96 g', 'jojoba-oil' => '4 g',
        ])));
    }

    public function test_its_own_date_after_opening_counts(): void
    {
        $this->base(['opened' => '1']);
        self::assertSame(30.0, floor((float) $this->judged([self::KEY => '96 g', 'jojoba-oil' => '4 g'])
            ->assessment->keeping->days));
    }

    public function test_a_list_that_is_none_is_said_beside_its_field_and_stays_typed(): void
    {
        $this->base();
        $this->from('/own-ingredients?key='.self::KEY)->followingRedirects()->post('/own-ingredients', [
            'of' => self::KEY, 'name' => 'Plain conditioner', 'kind' => 'bought_base', 'list' => 'conditioner',
        ])->assertSee('At least two names')->assertSee('>conditioner</textarea>', false);
    }
}
