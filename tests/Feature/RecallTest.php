<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\LotShares;
use App\Make\MakeStateFactory;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Pantry\LotBook;
use App\Shelf\TraceFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/** Every gram has a lot, or a row that says it has none. Line 4 of the sound formula takes 120 g of almond oil here. */
final class RecallTest extends AppCase
{
    use MadeBatches;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-10 09:00:00');
    }

    private function begun(): Batch
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'batch' => ['grams' => 1500.0]]);
        $this->post("/formulas/$formula->id/make")->assertRedirect();

        return Batch::query()->orderByDesc('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $fields */
    private function tell(Batch $batch, string $step, array $fields = []): TestResponse
    {
        return $this->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), ...$fields]);
    }

    /** @param  array<string, mixed>  $oil  what is told of line 4 */
    private function made(array $oil): Batch
    {
        $batch = $this->begun();
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            $this->tell($batch, $step->key, match (true) {
                $step->key === 'weigh.4' => $oil,
                default => match ($step->kind->value) {
                    'heat' => ['water' => '74', 'oil' => '74', 'do' => 'on'],
                    'gate' => ['mix' => '35'],
                    'test_ph' => ['ph' => '4.8'],
                    'fill' => ['filled' => '1400', 'containers' => '10'],
                    default => [],
                },
            })->assertSessionHasNoErrors();
        }

        return $batch->refresh();
    }

    public function test_a_lot_that_runs_out_asks_where_the_rest_comes_from(): void
    {
        $small = $this->bought('sweet-almond-oil', 50.0, 2.5);
        $large = $this->bought('sweet-almond-oil', 200.0, 20.0);
        $batch = $this->begun();
        $this
            ->get("/make/$batch->code/weigh.4")
            ->assertSee("The other 70\u{202F}g from")
            ->assertSee('no lot: I can’t say');
        foreach ([[], ['rest' => ['?']], ['rest' => ['L999999-Z']], ['rest' => [$small->code]]] as $rest) {
            $this
                ->tell($batch, 'weigh.4', ['weight' => '120', 'lot' => $small->code, ...$rest])
                ->assertSessionHasErrors('rest');
        }
        self::assertSame(
            0,
            BatchEntry::query()->where('step', 'weigh.4')->count(),
            'nothing is written down before it is answered',
        );
        $this
            ->followingRedirects()
            ->tell($batch, 'weigh.4', ['weight' => '115', 'lot' => $small->code])
            ->assertSee("Where did the other 65\u{202F}g come from?")
            ->assertSee('value="115"', false);

        $made = $this->made(['weight' => '120', 'lot' => $small->code, 'rest' => [$large->code]]);
        self::assertEquals([$small->code => 50.0, $large->code => 70.0], Outcome::of($made)['lines'][3]['lots']);
        self::assertSame([0.0, 130.0], [$small->refresh()->grams_left, $large->refresh()->grams_left]);
        self::assertEqualsWithDelta(9.5, $made->outcome['cost']['known'], 0.001, '50 g at 5 and 70 g at 10 for 100 g');
        self::assertSame([$made->code], app(TraceFactory::class)->forward($small)->batchCodes());
        self::assertSame([$made->code], app(TraceFactory::class)->forward($large)->batchCodes());
        self::assertEqualsWithDelta(
            70.0,
            app(TraceFactory::class)->back($made)->edges["lot $large->code>batch $made->code"]['grams'],
            1e-6,
        );
        $this
            ->get("/batches/$made->code")
            ->assertSeeInOrder([$small->code, "50\u{202F}g", $large->code, "70\u{202F}g"]);
    }

    public function test_what_has_no_lot_is_a_row_of_its_own_in_every_room(): void
    {
        $lot = $this->bought('sweet-almond-oil', 50.0);
        $made = $this->made(['weight' => '120', 'lot' => $lot->code, 'rest' => ['']]);
        self::assertEquals(
            [[$lot->code => 50.0], 70.0],
            [Outcome::of($made)['lines'][3]['lots'], Outcome::of($made)['lines'][3]['no_lot']],
        );
        $none = "no lot told: 70\u{202F}g";
        $this->get("/batches/$made->code")->assertSee($none);
        $pdf = tempnam(sys_get_temp_dir(), 'ilvane-recall-') ?: self::fail();
        file_put_contents($pdf, (string) $this->get("/batches/$made->code/record.pdf")->assertOk()->getContent());
        $paper = (new Process(['pdftotext', $pdf, '-']))->mustRun()->getOutput();
        unlink($pdf);
        self::assertStringContainsString('no lot told: 70', $paper);
        self::assertStringContainsString($lot->code, $paper);
        $this->get("/batches/$made->code/trace")->assertSee($none)->assertSee('Sweet almond oil');
        self::assertEqualsWithDelta(
            70.0,
            app(TraceFactory::class)->back($made)->edges["none 4>batch $made->code"]['grams'],
            1e-6,
        );
        Carbon::setTestNow('2026-11-11 09:00:00');
        $other = $this->bought('sweet-almond-oil', 30.0);
        $this->get("/pantry/$other->code/trace")->assertSee('Nothing was made of it')->assertDontSee('May also be of');
        $second = $this->made(['weight' => '120', 'lot' => '']);
        $this
            ->get("/pantry/$other->code/trace")
            ->assertSee("May also be of $other->code")
            ->assertSee($second->code)
            ->assertSee("no lot told: 120\u{202F}g");
    }

    public function test_a_bottle_that_held_more_than_was_written_down_is_told_so(): void
    {
        $lot = $this->bought('sweet-almond-oil', 50.0);
        $made = $this->made(['weight' => '120', 'lot' => $lot->code, 'rest' => ['more']]);
        self::assertEquals(
            [[$lot->code => 120.0], 0.0],
            [Outcome::of($made)['lines'][3]['lots'], Outcome::of($made)['lines'][3]['no_lot']],
        );
        self::assertEqualsWithDelta(
            120.0,
            app(TraceFactory::class)->forward($lot)->edges["lot $lot->code>batch $made->code"]['grams'],
            1e-6,
        );
        self::assertSame(0.0, $lot->refresh()->grams_left);
    }

    public function test_three_bottles_and_two_lines_of_the_same_lot(): void
    {
        [$one, $two, $three] = [
            $this->bought('sweet-almond-oil', 40.0),
            $this->bought('sweet-almond-oil', 40.0),
            $this->bought('sweet-almond-oil', 100.0),
        ];
        $made = $this->made(['weight' => '120', 'lot' => $one->code, 'rest' => [$two->code, $three->code]]);
        self::assertEquals(
            [$one->code => 40.0, $two->code => 40.0, $three->code => 40.0],
            Outcome::of($made)['lines'][3]['lots'],
        );
        self::assertSame(60.0, $three->refresh()->grams_left);
    }

    public function test_a_batch_from_before_tells_its_lots_by_the_stock_and_nothing_that_was_put_back(): void
    {
        $lot = $this->bought('sweet-almond-oil', 50.0);
        $made = $this->made(['weight' => '120', 'lot' => $lot->code, 'rest' => ['']]);
        $outcome = $made->outcome;
        foreach (array_keys($outcome['lines']) as $i) {
            unset($outcome['lines'][$i]['lots'], $outcome['lines'][$i]['no_lot']);
        }
        $made->setAttribute('outcome', $outcome);
        app(LotBook::class)->wentInto(
            $lot->refresh(),
            9.0,
            $made->code,
            Carbon::now(),
            "drop-$made->id-1-$lot->code-4",
        );
        $shares = LotShares::ofBatch($made);
        self::assertEquals([[$lot->code => 50.0], 70.0], [$shares[4]->lots, $shares[4]->none]);
        self::assertSame([], $shares[1]->lots);
    }

    /**
     * @return iterable<string, array{float, bool}> what the lot holds; whether a rest is asked for. The scale shows
     *   0.01 g.
     */
    public static function edges(): iterable
    {
        yield 'enough' => [120.0, false];
        yield 'a step of the scale less' => [119.99, false];
        yield 'more than a step less' => [119.98, true];
    }

    #[DataProvider('edges')]
    public function test_a_step_of_the_scale_is_not_asked_about(float $holds, bool $isAsked): void
    {
        $lot = $this->bought('sweet-almond-oil', $holds);
        $batch = $this->begun();
        self::assertSame(0.01, app(MakeStateFactory::class)->of($batch->load('entries'))->scale);
        $answer = $this->tell($batch, 'weigh.4', ['weight' => '120', 'lot' => $lot->code]);
        $isAsked ? $answer->assertSessionHasErrors('rest') : $answer->assertSessionHasNoErrors();
    }

    public function test_a_weighing_told_again_replaces_its_lots(): void
    {
        [$one, $two] = [$this->bought('sweet-almond-oil', 50.0), $this->bought('sweet-almond-oil', 200.0)];
        $batch = $this->begun();
        $this
            ->tell($batch, 'weigh.4', ['weight' => '120', 'lot' => $one->code, 'rest' => [$two->code]])
            ->assertSessionHasNoErrors();
        $this->tell($batch, 'weigh.4', ['weight' => '118', 'lot' => $two->code])->assertSessionHasNoErrors();
        self::assertSame(
            [['lot' => $two->code, 'grams' => 118.0]],
            app(MakeStateFactory::class)->of($batch->load('entries'))->lotsOf(4),
        );
        self::assertSame(
            5,
            BatchEntry::query()->where('kind', 'lot')->orWhere('kind', 'weighed')->count(),
            'the older telling stays in the log',
        );
    }
}
