<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\MakeStateFactory;
use App\Models\Batch;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** Every family goes through the make to a record, each by the steps of its own work. */
final class FamiliesTest extends AppCase
{
    /**
     * @param  list<array{ingredient: string, amount: string, phase?: string}>  $lines
     * @param  list<string>  $kinds  of steps besides weighing
     */
    #[DataProvider('families')]
    public function test_it_is_made_from_first_to_last(string $family, array $lines, array $kinds): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => "A $family",
            'family' => $family,
            'scale_resolution_g' => 0.1,
            'lines' => $lines,
        ]);
        $this->post("/formulas/$formula->id/make", ['reason' => 'To see every step of the family.'])->assertRedirect();
        $batch = Batch::query()->sole();
        $steps = app(MakeStateFactory::class)->of($batch)->plan->steps;
        self::assertSame(
            $kinds,
            array_values(array_unique(array_filter(
                array_map(static fn ($step): string => $step->kind->value, $steps),
                static fn (string $kind): bool => $kind !== 'weigh',
            ))),
        );
        foreach ($steps as $step) {
            $this->get("/make/$batch->code/$step->key")->assertOk();
            $this->post("/make/$batch->code/$step->key", [
                'client_key' => Str::uuid()->toString(),
                'do' => 'on',
                ...match ($step->kind->value) {
                    'weigh' => ['weight' => (string) $step->grams],
                    'heat' => ['water' => (string) ($step->celsius + 1), 'oil' => (string) $step->celsius],
                    'gate' => ['mix' => (string) $step->celsius],
                    'test_ph' => ['ph' => '4.8'],
                    'fill' => ['filled' => (string) round(($step->grams ?? 0) * 0.95, 1), 'containers' => '1'],
                    default => [],
                }])->assertSessionHasNoErrors();
        }
        self::assertTrue($batch->refresh()->isFinished(), $batch->at_step);
        $this->get("/batches/$batch->code")->assertOk()->assertSee('95');
        $this->get("/batches/$batch->code/label")->assertOk()->assertSee("A $family");
        $this->get('/')->assertOk()->assertSee($batch->code);
    }

    public static function families(): iterable
    {
        $line = static fn (
            string $ingredient,
            string $amount,
            ?string $phase = null,
        ): array => array_filter(['ingredient' => $ingredient, 'amount' => $amount, 'phase' => $phase]);
        yield 'hair oil' => [
            'hair_oil',
            [$line('argan-oil', '30 g'), $line('jojoba-oil', '20 g')],
            ['sanitise', 'shake', 'fill'],
        ];
        yield 'infused oil' => [
            'infused_oil',
            [$line('olive-oil', '200 g'), $line('calendula-dried', '20 g')],
            ['sanitise', 'strain', 'fill'],
        ];
        yield 'whipped butter' => [
            'whipped_butter',
            [
                $line('shea-butter-refined', '120 g'),
                $line('sunflower-oil-high-oleic', '60 g'),
                $line('vitamin-e-tocopherols', '1 g', 'cooldown'),
            ],
            ['sanitise', 'heat', 'hold', 'gate', 'add', 'chill', 'whip', 'fill'],
        ];
        yield 'pomade' => [
            'pomade',
            [$line('beeswax', '20 g'), $line('castor-oil', '60 g')],
            ['sanitise', 'heat', 'hold', 'fill'],
        ];
        yield 'emulsion' => [
            'leave_in_emulsion',
            [
                $line('distilled-water', '170 g'),
                $line('btms-50', '8 g'),
                $line('argan-oil', '20 g'),
                $line('phenoxyethanol-ethylhexylglycerin', '1.8 g'),
            ],
            ['sanitise', 'heat', 'hold', 'combine', 'blend', 'gate', 'add', 'test_ph', 'fill'],
        ];
        yield 'spray' => [
            'water_spray',
            [
                $line('distilled-water', '95 g'),
                $line('glycerin', '3 g'),
                $line('sodium-benzoate-potassium-sorbate', '0.8 g'),
            ],
            ['sanitise', 'shake', 'test_ph', 'fill'],
        ];
        yield 'gel' => [
            'gel',
            [
                $line('flaxseed-gel', '94 g'),
                $line('glycerin', '5 g'),
                $line('phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'),
            ],
            ['sanitise', 'blend', 'add', 'test_ph', 'fill'],
        ];
        yield 'fresh mask' => [
            'fresh_mask',
            [$line('avocado-flesh', '1 whole'), $line('honey', '1 tbsp')],
            ['sanitise', 'prepare', 'blend_fresh', 'strain', 'fill'],
        ];
        yield 'frozen bar' => [
            'frozen_bar',
            [$line('coconut-milk-canned', '200 g'), $line('coconut-oil', '20 g')],
            ['sanitise', 'combine', 'blend', 'mould', 'freeze', 'unmould', 'fill'],
        ];
    }
}
