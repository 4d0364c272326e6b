<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoWorkroom;
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
}
