<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\StepAnswer;
use App\Models\Batch;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** What the page at the hob asks for while it changes its steps in place. */
final class HobTest extends AppCase
{
    private const IN_PLACE = [StepAnswer::HEADER => '1'];

    private function start(): Batch
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/make")->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    }

    private function tell(Batch $batch, string $step, array $fields = []): TestResponse
    {
        return $this
            ->withHeaders(self::IN_PLACE)
            ->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), ...$fields]);
    }

    public function test_a_step_comes_alone_and_says_whether_what_was_told_is_taken(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/sanitise")->assertSee('<body', false);
        $this->withHeaders(self::IN_PLACE)->get("/make/$batch->code/sanitise")->assertDontSee('<body', false);
        $this->tell($batch, 'sanitise')->assertRedirect("/make/$batch->code/weigh.1");
        $this->get("/make/$batch->code/weigh.1")->assertSee('data-taken', false)->assertDontSee('<body', false);

        // asked back at its own step, whichever step the page stands at
        $this
            ->from("/make/$batch->code/heat")
            ->tell($batch, 'weigh.1', ['weight' => 'a lot'])
            ->assertRedirect("/make/$batch->code/weigh.1");
        $this
            ->get("/make/$batch->code/weigh.1")
            ->assertDontSee('data-taken', false)
            ->assertSee('value="a lot"', false)
            ->assertSee('Grams, as the scale shows them.');
    }

    public function test_another_room_is_told_by_address_and_what_is_said_there_is_still_said(): void
    {
        $batch = $this->start();
        $batch->forceFill(['status' => 'abandoned'])->save();
        $this->tell($batch, 'sanitise')->assertNoContent()->assertHeader(StepAnswer::GO, route('today'));
        $this->flushHeaders()->get('/')->assertSee('thrown away on another device');
        $this->get("/batches/$batch->code")->assertRedirect("/make/$batch->code");
        $this->get("/make/$batch->code")->assertRedirect('/');
        $this
            ->withHeaders(self::IN_PLACE)
            ->get("/make/$batch->code/sanitise")
            ->assertNoContent()
            ->assertHeader(StepAnswer::GO, route('today'));
    }

    public function test_the_next_steps_come_up_to_the_first_that_has_to_be_judged(): void
    {
        $batch = $this->start();
        $this->tell($batch, 'sanitise');
        $pages = (string) $this->get("/make/$batch->code/weigh.1/ahead")->assertOk()->getContent();
        preg_match_all('#data-step="([^"]+)"#', $pages, $steps);
        self::assertSame(['weigh.2', 'weigh.3', 'weigh.4'], $steps[1], 'the heat is judged');
        preg_match_all('#name="client_key" value="([^"]+)"#', $pages, $keys);
        self::assertCount(3, array_unique($keys[1]), 'each told once under a name of its own');
        self::assertSame('', $this->get("/make/$batch->code/gate/ahead")->assertOk()->getContent());
    }

    public function test_another_device_is_followed_and_instruments_are_not(): void
    {
        $batch = $this->start();
        $before = $this->getJson("/make/$batch->code/follow")->assertOk()->json();
        self::assertSame("/make/$batch->code/sanitise", $before['at']);
        $this->tell($batch, 'sanitise');
        $after = $this->getJson("/make/$batch->code/follow")->json();
        self::assertSame("/make/$batch->code/weigh.1", $after['at']);
        self::assertGreaterThan($before['revision'], $after['revision']);
        $batch->entries()->create([
            'step' => 'heat',
            'kind' => 'temperature',
            'subject' => 'oil',
            'value' => 50,
            'reason' => 'live',
            'client_key' => 'live-1',
            'recorded_at' => now(),
        ]);
        self::assertSame($after['revision'], $this->getJson("/make/$batch->code/follow")->json('revision'));
        $batch->forceFill(['status' => 'abandoned'])->save();
        self::assertSame(0, $this->getJson("/make/$batch->code/follow")->json('revision'));
    }
}
