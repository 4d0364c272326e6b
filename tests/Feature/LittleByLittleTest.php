<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\BatchEntry;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** Gum, acid and scent go in a little at a time, and how it looks is kept: both are there for the next batch. */
final class LittleByLittleTest extends AppCase
{
    private const GEL = [
        'format' => 'ilvane.formula/1', 'name' => 'Clear gel', 'family' => 'gel', 'scale_resolution_g' => 0.01,
        'batch' => ['grams' => 200.0],
        'lines' => [
            ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water', 'key' => 'water'],
            ['ingredient' => 'xanthan-gum', 'amount' => '0.6 %', 'phase' => 'water', 'key' => 'gum'],
            ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
        ],
    ];

    private function start(array $more = []): Batch
    {
        $formula = $this->formulaOf([...self::GEL, ...$more]);

        return $this->again($formula->id);
    }

    private function again(int $formula): Batch
    {
        $this->post("/formulas/$formula/make", ['reason' => 'To see it.'])->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = []): TestResponse
    {
        return $this
            ->from("/make/$batch->code/$step")
            ->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), ...$fields]);
    }

    public function test_dose_after_dose_make_up_the_weight_and_are_offered_next_time(): void
    {
        $batch = $this->start();
        $here = "/make/$batch->code/weigh.2";
        $this->get("/make/$batch->code/weigh.1")->assertDontSee('A little at a time');
        $this->get($here)->assertSee('A little at a time');
        $this->tell($batch, 'weigh.2', ['do' => 'little'])->assertRedirect($here);
        $this->get($here)->assertSee('Planned: 1.20 g in all')->assertDontSee('That is right');
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => ''])->assertSessionHasErrors('weight');
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => '-1'])->assertSessionHasErrors('weight');
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => '0,5'])->assertRedirect($here);
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => '0.3'])->assertRedirect($here);
        $page = $this->get($here)->assertSee('data-ends', false);
        self::assertMatchesRegularExpression(
            '/0\.5.g \+ 0\.3.g = <b>0\.8.g<\/b>\s+of 1\.20 g planned/u',
            (string) $page->getContent(),
        );
        self::assertSame(
            [300.0, 300.0],
            BatchEntry::query()->where('kind', 'timer')->pluck('value')->all(),
            'a gum swells for five minutes',
        );
        $this->tell($batch, 'weigh.2', ['do' => 'enough']);
        self::assertSame([0.8], BatchEntry::query()->where('kind', 'weighed')->pluck('value')->all());
        $this->finish($batch);
        $this->get("/batches/$batch->code")->assertSee('a little at a time');

        $next = $this->again($batch->version->formula_id);
        $this->tell($next, 'weigh.2', ['do' => 'little']);
        $said = $this->get("/make/$next->code/weigh.2");
        self::assertMatchesRegularExpression(
            "/0\.8\d?.g was right last time \($batch->code\)/u",
            (string) $said->getContent(),
        );
    }

    public function test_more_than_planned_is_asked_about_as_in_every_weighing(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'weigh.2', ['do' => 'little']);
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => '1.5']);
        $this->followingRedirects()->tell($batch, 'weigh.2', ['do' => 'enough'])->assertSee('Leave it so');
        self::assertSame(0, BatchEntry::query()->where('kind', 'weighed')->count());
        $this->tell($batch, 'weigh.2', ['do' => 'accept', 'weight' => '1.5']);
        self::assertSame([1.5], BatchEntry::query()->where('kind', 'weighed')->pluck('value')->all());
    }

    public function test_a_recipe_that_says_so_has_it_at_its_own_place(): void
    {
        $batch = $this->start(['process' => ['steps' => [
            ['do' => 'blend', 'burst_s' => 30],
            ['do' => 'add_little', 'line' => 'gum', 'dose' => '1/4 tsp', 'wait_s' => 90, 'look' => 'thickness',
                'note' => 'sprinkle, wait, look'],
        ]]]);
        $this->tell($batch, 'sanitise')->assertRedirect("/make/$batch->code/weigh.1");
        $this->get("/make/$batch->code/weigh.2")->assertSee('sprinkle, wait, look')->assertSee('Put in, start the clock');
        $this->tell($batch, 'weigh.2', ['do' => 'dose', 'weight' => '0.4']);
        self::assertSame([90.0], BatchEntry::query()->where('kind', 'timer')->pluck('value')->all());
    }

    public function test_how_it_looks_is_kept_and_shown_beside_the_next_batch(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/blend")->assertSee('holds a ribbon')->assertDontSee('last batch');
        $this->tell($batch, 'blend', ['look' => ['thickness' => '3', 'parting' => '9', 'taste' => '1']]);
        self::assertSame(['thickness:3'], BatchEntry::query()->where('kind', 'look')->pluck('subject')->all());
        self::assertMatchesRegularExpression(
            '/name="look\[thickness\]"\s+value="3"\s+checked/',
            (string) $this->get("/make/$batch->code/blend")->getContent(),
        );
        $this->finish($batch);
        $this->get("/batches/$batch->code")->assertSee('holds a ribbon');
        $this->get("/batches/$batch->code")->assertSee('How it looked');
        $next = $this->again($batch->version->formula_id);
        $this->get("/make/$next->code/blend")->assertSee('last batch');
        $this->tell($next, 'blend', ['look' => ['thickness' => '1']]);
        $this->finish($next);
        $this->get("/batches/$next->code")->assertSeeInOrder(['How it looked', 'like milk', 'holds a ribbon']);
    }

    private function finish(Batch $batch): void
    {
        $this->tell($batch, 'fill', ['filled' => '180', 'containers' => '1', 'without' => '1'])
            ->assertRedirect("/batches/$batch->code");
        $batch->refresh();
    }
}
