<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\OwnKitchen;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\BatchEntry;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** Scale, thermometer and height are asked once, at the first make, and counted with from then on. */
final class FirstMakeTest extends AppCase
{
    private function start(array $more = []): Batch
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Balm', 'family' => 'pomade',
            'lines' => [
                ['ingredient' => 'beeswax', 'amount' => '20 g'], ['ingredient' => 'castor-oil', 'amount' => '80.25 g'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '0.5 g', 'phase' => 'cooldown'],
            ], ...$more,
        ]);
        $this->post("/formulas/$formula->id/make", ['reason' => 'To see it.'])->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = []): TestResponse
    {
        return $this->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), ...$fields]);
    }

    public function test_it_is_asked_once_and_the_scale_counts_at_once(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/sanitise")->assertSee('Asked once');
        $this->get("/make/$batch->code/weigh.1")->assertDontSee('Asked once');
        $this->tell($batch, 'sanitise', ['scale' => '1', 'thermometer' => '', 'altitude_m' => 'high'])
            ->assertSessionHasErrors('altitude_m');
        self::assertSame(0, BatchEntry::query()->where('kind', 'done')->count(), 'nothing is told yet');
        $this->tell($batch, 'sanitise', ['scale' => '1', 'thermometer' => 'no', 'altitude_m' => '1600'])
            ->assertRedirect("/make/$batch->code/weigh.1");
        self::assertSame('1600', app(OwnKitchen::class)->values()['altitude_m']);
        $state = app(MakeStateFactory::class)->of($batch->refresh()->load('entries'));
        self::assertSame(1.0, $state->scale);
        self::assertSame(80.0, $state->plan->step('weigh.2')?->grams, 'to whole grams');
        self::assertSame(1600.0, $state->formula->process->conditions->altitude());

        $next = $this->start();
        $this->get("/make/$next->code/sanitise")->assertDontSee('Asked once');
    }

    public function test_a_product_of_one_phase_is_never_told_of_two(): void
    {
        $batch = $this->start();
        foreach (['heat', 'hold'] as $step) {
            $this->get("/make/$batch->code/$step")->assertOk()->assertDontSee('both')->assertDontSee('water phase');
        }
    }

    public function test_a_scale_that_the_formula_names_stays(): void
    {
        $batch = $this->start(['scale_resolution_g' => 0.01]);
        $this->tell($batch, 'sanitise', ['scale' => '1', 'thermometer' => '', 'altitude_m' => '']);
        self::assertSame(0.01, app(MakeStateFactory::class)->of($batch->refresh()->load('entries'))->scale);
    }

    public function test_without_a_thermometer_it_is_felt_and_stands_so_in_the_record(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/heat")->assertDontSee('No thermometer');
        $this->tell($batch, 'sanitise', ['scale' => '', 'thermometer' => 'no', 'altitude_m' => '']);
        $this->get("/make/$batch->code/heat")->assertSee('No thermometer: all melted');
        $this->tell($batch, 'heat', ['reason' => 'No thermometer: all melted, ten minutes more'])
            ->assertRedirect("/make/$batch->code/hold");
        self::assertSame(
            ['No thermometer: all melted, ten minutes more'],
            BatchEntry::query()->where('kind', 'override')->pluck('reason')->all(),
        );
        self::assertSame(0, BatchEntry::query()->where('kind', 'temperature')->count(), 'nothing was read');
    }
}
