<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\AppCase;
use Tests\Support\StoresFormulas;

/** The maker's own kitchen, said once: what a formula leaves open is taken from it, what it says itself counts. */
final class KitchenTest extends AppCase
{
    use StoresFormulas;

    /** @return array<string, string> */
    private static function high(): array
    {
        return [
            'room_c' => '17,5',
            'altitude_m' => '2600',
            'water' => 'steel-pan-1000',
            'oil' => 'steel-bowl-500',
            'region' => 'US',
            'scale' => '0.01',
        ];
    }

    public function test_a_new_formula_begins_by_the_makers_rules_and_scale_however_it_begins(): void
    {
        $this->post('/settings/kitchen', self::high())->assertSessionHas('said');
        $this->get('/settings')->assertSee('value="17,5"', false)->assertSee('value="2600"', false);
        $this->post('/formulas', ['family' => 'leave_in_emulsion']);
        $this->post('/ready-made/light-milk');
        $this->post('/recipe/open', ['text' => "100 g water\n3 g glycerin\n"]);
        self::assertSame(3, Formula::query()->count());
        foreach (Formula::query()->get() as $formula) {
            $draft = Draft::fromStored($formula->draft);
            self::assertSame(['US', '0.01'], [$draft->text('region'), $draft->text('scale')], $formula->name);
        }
    }

    public function test_the_height_above_the_sea_decides_what_a_bath_can_do_and_stands_in_the_record(): void
    {
        $formula = $this->milk(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '4 %'],
                ['jojoba-oil', '6 %'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %'],
            ],
            ['process' => ['heat_to_c' => 95.0, 'bath_c' => 98.0]],
        );
        $this->get("/formulas/$formula->id")->assertDontSee('boils');
        $this->post('/settings/kitchen', self::high());
        $this->get("/formulas/$formula->id")->assertSee('heat.unreachable');
        $this
            ->get("/formulas/$formula->id/simulation")
            ->assertSee('value="2600"', false)
            ->assertSee('value="17.5"', false);
        self::assertNull(
            Draft::fromStored($formula->refresh()->draft)->plain()->process->conditions->altitude,
            'what is typed on the bench stays as it was',
        );
        $this->post("/formulas/$formula->id/make")->assertSessionHas('refused');
        self::assertSame(0, Batch::query()->count(), 'what can not be reached is not begun without a word');
        $this->post("/formulas/$formula->id/make", ['reason' => 'Only to look at the steps.']);
        $process = Batch::query()->firstOrFail()->document['process'];
        self::assertSame(
            [2600, 17.5, 'steel-pan-1000'],
            [(int) $process['altitude_m'], $process['room_c'], $process['vessels']['water']],
        );
        self::assertArrayNotHasKey('room_c', FormulaVersion::query()->firstOrFail()->document['process']);
    }

    public function test_what_the_formula_says_itself_counts(): void
    {
        $this->post('/settings/kitchen', self::high());
        $formula = $this->milk(
            [['distilled-water', 'to 100'], ['btms-50', '4 %'], ['jojoba-oil', '6 %']],
            ['process' => ['altitude_m' => 10.0, 'vessels' => ['oil' => 'canning-jar-250']]],
        );
        $read = app(DraftReader::class)->read(Draft::fromStored($formula->draft))[0]->process;
        self::assertEqualsWithDelta(10.0, $read->conditions->altitude, 1e-9);
        self::assertSame(
            ['steel-pan-1000', 'canning-jar-250'],
            [$read->conditions->waterVessel, $read->conditions->oilVessel],
        );
    }

    public function test_what_cannot_be_read_is_pointed_at_and_nothing_is_lost(): void
    {
        $this->post('/settings/kitchen', self::high());
        $this
            ->from('/settings')
            ->post('/settings/kitchen', [...self::high(), 'altitude_m' => 'the attic', 'scale' => '-1'])
            ->assertSessionHasErrors(['altitude_m', 'scale']);
        $this
            ->followingRedirects()
            ->post('/settings/kitchen', [...self::high(), 'altitude_m' => 'the attic'])
            ->assertSee('the attic')
            ->assertSee('Metres, from');
        $this->get('/settings')->assertSee('value="2600"', false);
    }

    /**
     * @param  list<array{string, string}>  $lines
     * @param  array<string, mixed>  $more
     */
    private function milk(array $lines, array $more): Formula
    {
        return $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Milk',
            'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200],
            'lines' => array_map(
                static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]],
                $lines,
            ),
            ...$more,
        ]);
    }

    public function test_no_workrooms_own_measures_are_used_unless_one_is_named(): void
    {
        $this
            ->post(
                '/settings',
                [
                    'units' => 'metric',
                    'drops' => '40',
                    'drops_grams' => '1,2',
                    'drops_of' => 'water',
                    'tablespoon' => '',
                    'teaspoon' => '',
                ],
            )
            ->assertSessionHasNoErrors();
        $file = tempnam(sys_get_temp_dir(), 'ilvane').'.json';
        file_put_contents(
            $file,
            (string) json_encode([
                'format' => 'ilvane.formula/1',
                'name' => 'A',
                'family' => 'hair_oil',
                'lines' => [
                    ['ingredient' => 'jojoba-oil', 'amount' => '30 g'],
                    ['ingredient' => 'lavender-essential-oil', 'amount' => '20 drops'],
                ],
            ]),
        );
        Artisan::call('ilvane:evaluate', ['file' => $file]);
        // a usual drop is 0.05 mL; this maker's own would be 0.03
        self::assertEqualsWithDelta(
            20 * 0.05 * 0.884,
            json_decode(Artisan::output(), true)['lines'][1]['grams']['likely'],
            0.02,
        );
        $this->artisan('ilvane:evaluate', ['file' => $file, '--workroom' => 'attic'])->assertExitCode(2);
        unlink($file);
    }
}
