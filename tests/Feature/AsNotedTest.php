<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Formula;
use Illuminate\Support\Str;
use Ilvane\Core\Process\Step;
use Tests\Support\AppCase;

/** A note pasted, opened on the bench and made: at the hob stand its own steps, in its own words. */
final class AsNotedTest extends AppCase
{
    private const NOTE = <<<'NOTE'
        Snow butter
        70 g shea butter
        30 g jojoba oil
        1 g vitamin E
        Melt the shea and the jojoba in a water bath at 60 °C. Let it cool to 35 °C and add the vitamin E.
        Put it in the freezer for 20 minutes. Whip for 5 minutes, rest an hour and whip again. Spoon into jars.
        NOTE;

    public function test_the_steps_of_a_note_are_the_steps_at_the_hob(): void
    {
        $this->post('/recipe/open', ['text' => self::NOTE, 'client_key' => Str::uuid()->toString()]);
        $formula = Formula::query()->latest('id')->firstOrFail();
        $this->post("/formulas/$formula->id/make", ['reason' => 'To see it.'])->assertRedirect();
        $batch = Batch::query()->sole();
        $plan = app(MakeStateFactory::class)->of($batch->load('entries'))->plan;
        self::assertSame(
            ['sanitise', 'weigh', 'weigh', 'heat', 'hold', 'gate', 'weigh', 'add', 'chill', 'whip', 'rest', 'whip', 'fill'],
            array_map(static fn (Step $step): string => $step->kind->value, $plan->steps),
        );
        self::assertSame([60.0, 35.0], [$plan->step('heat')?->celsius, $plan->step('gate')?->celsius]);
        $this->post("/make/$batch->code/gate", ['client_key' => Str::uuid()->toString(), 'mix' => '34', 'do' => 'on']);
        $this->get("/make/$batch->code/rest")->assertSee('As you wrote it:')->assertSee('rest an hour');
        $this->get("/make/$batch->code/whip")->assertSee('Whip for 5 minutes');

        $formula = $this->formulaOf(['format' => 'ilvane.formula/1', 'name' => 'Too cold', 'family' => 'pomade',
            'lines' => [
                ['ingredient' => 'beeswax', 'amount' => '20 g'], ['ingredient' => 'castor-oil', 'amount' => '80 g'],
            ], 'process' => ['noted' => [['do' => 'heat', 'to_c' => 45, 'note' => 'only just warm']]]]);
        $this->post("/formulas/$formula->id/make", ['reason' => 'To see it.'])->assertRedirect();
        $cold = Batch::query()->latest('id')->firstOrFail();
        $this->get("/make/$cold->code/heat")
            ->assertSee('only just warm')
            ->assertSee('hob-remark sev-stop', false);
        $this->get("/make/$batch->code/heat")->assertDontSee('hob-remark', false);
        $formula = Formula::query()->where('id', $batch->version->formula_id)->sole();

        // and the simulation goes the same way
        $this->get("/formulas/$formula->id/simulation")->assertOk()->assertSee('60');
    }
}
