<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Formula;
use Tests\Support\AppCase;

final class AcidityTest extends AppCase
{
    private function milk(array $lines = [], array $more = []): Formula
    {
        return $this
            ->formulaOf(['format' => 'ilvane.formula/1', 'name' => 'Harbour milk', 'family' => 'leave_in_emulsion', 'scale_resolution_g' => 0.01, 'batch' => ['grams' => 200.0], 'ph' => 4.8, ...$more, 'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'btms-50', 'amount' => '4 %'],
                ['ingredient' => 'argan-oil', 'amount' => '5 %'],
                ['ingredient' => 'sodium-benzoate-potassium-sorbate', 'amount' => '1 %'], ...$lines,
            ]]);
    }

    private function ask(Formula $formula, array $asked): \Illuminate\Testing\TestResponse
    {
        return $this->get(route('acidity', ['formula' => $formula, ...$asked]))->assertOk();
    }

    public function test_the_bench_leads_there_where_there_is_water(): void
    {
        $this->get(route('bench', $this->milk()))->assertSee('Test and set the pH');
        $oil = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Oil',
            'family' => 'hair_oil',
            'batch' => ['grams' => 50.0],
            'lines' => [['ingredient' => 'argan-oil', 'amount' => '100 %']],
        ]);
        $this->get(route('bench', $oil))->assertDontSee('Test and set the pH');
    }

    public function test_a_sample_is_scaled_to_the_batch(): void
    {
        // 0.4 g in 10 g of cream: twenty times as much for 200 g
        $this->ask($this->milk(), ['product' => '10', 'added' => '0.4 g', 'strength' => '10'])
            ->assertSeeText("8\u{202F}g of the same solution")->assertSeeText("0.8\u{202F}g of what is dissolved")
            ->assertSeeText("take a 50\u{202F}% solution instead, 1.6\u{202F}g");
        $this
            ->ask($this->milk(), ['product' => '10', 'added' => '0,2', 'strength' => '10', 'batch' => '100'])
            ->assertSeeText("2\u{202F}g of the same solution")
            ->assertDontSeeText('would thin it');
    }

    public function test_drops_are_wider_than_grams(): void
    {
        $this->ask($this->milk(), ['product' => '10', 'added' => '8 drops'])->assertSeeText('between');
    }

    public function test_what_cannot_be_read_is_said_at_its_field_and_stays(): void
    {
        $this->ask(
            $this->milk(),
            ['product' => 'much', 'added' => 'a splash <b>', 'wanted' => '19', 'strength' => '0', 'batch' => '-4'],
        )
            ->assertSee('id="problem-product"', false)
            ->assertSee('id="problem-added"', false)
            ->assertSee('id="problem-wanted"', false)
            ->assertSee('id="problem-strength"', false)->assertSee('id="problem-batch"', false)
            ->assertSee('value="much"', false)
            ->assertSee('a splash &lt;b&gt;', false)
            ->assertDontSeeText('of the same solution');
        $this->ask($this->milk(), ['product' => '0.005', 'added' => '1 g'])->assertSee('id="problem-product"', false);
    }

    public function test_the_first_guess_says_what_it_does_not_know(): void
    {
        $this
            ->ask($this->milk(), ['wanted' => '4.5'])
            ->assertSeeText('starts near pH')
            ->assertSeeText('would bring it to pH 4.5')
            ->assertDontSeeText('this estimate is unreliable');
        $this
            ->ask($this->milk([['ingredient' => 'aloe-juice', 'amount' => '30 %']]), [])
            ->assertSeeText('this estimate is unreliable');
        $sour = $this->milk([['ingredient' => 'citric-acid', 'amount' => '1 %']]);
        $this->ask($sour, ['wanted' => '5'])->assertSeeText('below the pH wanted already');
        $plain = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Mist',
            'family' => 'water_spray',
            'batch' => ['grams' => 100.0],
            'lines' => [['ingredient' => 'distilled-water', 'amount' => '100 %']],
        ]);
        $this->ask($plain, [])->assertSeeText('nothing to guess from');
    }

    public function test_the_bench_shows_the_date_and_what_would_move_it(): void
    {
        $oil = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Oil',
            'family' => 'hair_oil',
            'batch' => ['grams' => 100.0],
            'packaging' => ['container' => 'clear-jar-120', 'count' => 1],
            'lines' => [['ingredient' => 'rosehip-oil', 'amount' => '100 %']],
        ]);
        $this
            ->get(route('bench', $oil))
            ->assertSeeText('It would keep longer')
            ->assertSeeText('in dark glass')
            ->assertSeeText('with an antioxidant in it');
        $this
            ->get(route('bench', $this->milk()))
            ->assertSeeText('How much of the acid works at this pH')
            ->assertSee('pH 4.8: ', false);
        $butter = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Butter',
            'family' => 'whipped_butter',
            'batch' => ['grams' => 100.0],
            'lines' => [
                ['ingredient' => 'shea-butter-refined', 'amount' => '67 %'],
                ['ingredient' => 'jojoba-oil', 'amount' => '33 %'],
            ],
        ]);
        $this->get(route('bench', $butter))->assertSeeText('Scoopable at 20')->assertSeeText('slumps from');
    }
}
