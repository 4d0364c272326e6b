<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoWorkroom;
use Ilvane\Core\Material\Catalogue;
use Tests\Support\AppCase;

final class SearchTest extends AppCase
{
    public function test_anything_with_a_name_is_found_in_both_languages_and_leads_to_its_place(): void
    {
        $this->seed(DemoWorkroom::class);
        $this
            ->get('/search?q=slow+sunday')
            ->assertOk()
            ->assertSee('Formulas')
            ->assertSee('Batches')
            ->assertSee('/formulas/1');
        $this->get('/search?q=beurre+de+karit')->assertOk()->assertSee('/ingredients/shea-butter');
        $this->get('/search?q=calendula')->assertSee('/infusions/1')->assertSee('In the pantry');
        $this->get('/search?q=antioxidant')->assertSee('Rules');
        $this->get('/search?q=L2')->assertSee('In the pantry');
        $this->get('/search?q=100%25')->assertOk();
        $this->get('/search?q=zzzz')->assertSee('Nothing here is called');
        $this->get('/search?q=%3Cscript%3E')->assertOk()->assertDontSee('<script>', false);
        $this->get('/search')->assertOk()->assertSee('opens this page');
    }

    public function test_an_ingredient_tells_its_figures_where_they_are_from_and_what_there_is_of_it(): void
    {
        $this->seed(DemoWorkroom::class);
        $this
            ->get('/ingredients/apricot-kernel-oil')
            ->assertOk()
            ->assertSee('Prunus Armeniaca Kernel Oil')
            ->assertSee('Where the figures are from')
            ->assertSee('Slow Sunday leave-in milk')
            ->assertSee('left');
        $this->get('/ingredients/no-such-thing')->assertNotFound();
    }

    public function test_a_material_s_page_says_what_it_does_how_much_and_what_it_keeps_from(): void
    {
        $this->get('/ingredients/behentrimonium-chloride')->assertOk()->assertSeeInOrder([
            'Holds oil and water together',
            'How much of the batch is usual',
            'BTMS-50',
            'At which pH it works',
            'Keep apart',
            'It is cationic',
            'Most like it',
        ]);
        $this->get('/ingredients/marula-oil')->assertOk()->assertSee('How long it keeps once it is open')
            ->assertSee('High-oleic sunflower oil');
        $this->get('/ingredients/grapefruit-seed-extract')->assertSee('It is no preservative');
        $this->get('/ingredients/borax')->assertSee('It has no place in a home-made product');
        foreach (app(Catalogue::class)->all() as $n => $material) {
            if (crc32($material->key) % 12 === 0) {
                $this->get("/ingredients/$material->key")->assertOk()->assertDontSee('materials.');
            }
        }
    }

    public function test_what_nobody_knows_can_be_added_under_its_name(): void
    {
        $this->get('/search?q=unobtainium')->assertSee('Add “unobtainium” as a material of my own');
        $this->get('/own-ingredients?named=unobtainium')->assertSee('value="unobtainium"', false);
        $this->get('/search?q=emulsifier')->assertSee('Cetearyl glucoside')->assertDontSee('as a material of my own');
    }

    public function test_which_of_my_products_hold_it_however_deep_it_lies(): void
    {
        $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Peanut butter', 'family' => 'hair_oil',
            'parts' => [['key' => 'oil', 'makes' => 'infused_oil', 'lines' => [
                ['ingredient' => 'calendula-dried', 'amount' => '5 g'],
                ['ingredient' => 'peanut-oil', 'amount' => '50 g'],
            ]]],
            'lines' => [['part' => 'oil', 'amount' => '40 g'], ['ingredient' => 'jojoba-oil', 'amount' => '20 g']],
        ]);
        $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Plain oil', 'family' => 'hair_oil',
            'lines' => [['ingredient' => 'jojoba-oil', 'amount' => '20 g']],
        ]);
        $this->get('/search?q=peanuts')->assertOk()->assertSeeInOrder(['Hold it', 'Peanut butter', 'formula']);
        $this->get('/search?q=groundnut')->assertOk()->assertSee('Hold it');
        $this->get('/search?q=jojoba')->assertOk()->assertDontSee('Hold it');
        $this->get('/search?q=daisies')->assertOk()->assertSee('Peanut butter', false)->assertDontSee('Plain oil');
    }
}
