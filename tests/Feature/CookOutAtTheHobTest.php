<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** An oil that a wet plant is cooked out in is dated by what the pot weighs: 60 g of rosemary give 38.8 g of water. */
final class CookOutAtTheHobTest extends AppCase
{
    private function start(): Batch
    {
        Carbon::setTestNow('2026-11-23 10:00:00');
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Rosemary oil', 'family' => 'hair_oil',
            'parts' => [[
                'key' => 'p1', 'name' => 'Rosemary cooked out', 'makes' => 'cooked_out_oil',
                'lines' => [
                    ['ingredient' => 'rosemary-fresh', 'amount' => '60 g'],
                    ['ingredient' => 'olive-oil', 'amount' => '400 g'],
                ],
                'process' => ['steps' => [['do' => 'cook_out', 'to_c' => 105, 'minutes' => 60], ['do' => 'strain']]],
            ]],
            'lines' => [['part' => 'p1', 'amount' => '100 g'], ['ingredient' => 'castor-oil', 'amount' => '100 g']],
        ]);
        $this->post("/formulas/$formula->id/make")->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = []): TestResponse
    {
        return $this
            ->from("/make/$batch->code/$step")
            ->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), ...$fields]);
    }

    /** @param  list<string>  $pots */
    #[DataProvider('weighings')]
    public function test_the_date_follows_from_the_pot(array $pots, string $bestBefore, string $said): void
    {
        $batch = $this->start();
        $this->tell($batch, 'sanitise')->assertRedirect("/make/$batch->code/prepare");
        $this->tell($batch, 'prepare')->assertRedirect("/make/$batch->code/cook_out");
        foreach ($pots as $pot) {
            $this->tell($batch, 'cook_out', ['pot' => $pot, 'do' => 'note'])
                ->assertRedirect("/make/$batch->code/cook_out");
        }
        $this->tell($batch, 'cook_out', ['do' => 'on'])->assertRedirect("/make/$batch->code/strain");
        $this->tell($batch, 'strain')->assertRedirect("/make/$batch->code/weigh.1");
        $this->tell($batch, 'weigh.1', ['weight' => '100']);
        $this->tell($batch, 'weigh.2', ['weight' => '100']);
        $this->tell($batch, 'fill', ['filled' => '195', 'containers' => '2', 'without' => '1'])
            ->assertRedirect("/batches/$batch->code");
        self::assertSame($bestBefore, $batch->refresh()->best_before?->toDateString());
        $this->get("/batches/$batch->code")->assertSee($said);
    }

    public static function weighings(): iterable
    {
        $short = 'Keep it in the fridge';
        yield 'nobody weighed' => [[], '2026-11-27', $short];
        yield 'weighed once' => [['1200'], '2026-11-27', $short];
        yield 'a gram short' => [['1200', '1162,3'], '2026-11-27', $short];
        yield 'all of it gone' => [['1200', '1180', '1161.1'], '2027-11-23', 'decides'];
    }

    public function test_the_step_says_what_the_pot_has_to_weigh(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/cook_out")->assertOk()->assertSee('before you heat it');
        $this->tell($batch, 'cook_out', ['do' => 'note'])->assertSessionHasErrors('pot');
        $this->tell($batch, 'cook_out', ['pot' => 'much', 'do' => 'note'])->assertSessionHasErrors('pot');
        $this->tell($batch, 'cook_out', ['pot' => '1200', 'do' => 'note']);
        $this->get("/make/$batch->code/cook_out")
            ->assertSee('1161.2')
            ->assertSee("38.8\u{202F}g of water have still to go", false)
            ->assertSee('in the fridge');
        $this->tell($batch, 'cook_out', ['pot' => '1180', 'do' => 'note']);
        $this->get("/make/$batch->code/cook_out")->assertSee(
            "20\u{202F}g are gone, 18.8\u{202F}g of water have still to go",
            false,
        );
        $this->tell($batch, 'cook_out', ['pot' => '1161', 'do' => 'note']);
        $this->get("/make/$batch->code/cook_out")->assertSee('By weight the water is gone')
            ->assertDontSee('in the fridge');
    }
}
