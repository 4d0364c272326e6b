<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\LearnedMakes;
use App\Instruments\ByHand;
use App\Instruments\Instruments;
use App\Instruments\OverLine;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\BatchEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Physics\Heat\CoolingRate;
use Ilvane\Core\Process\StepKind;
use Ilvane\Core\Simulation\Simulation;
use Ilvane\Core\Simulation\Simulator;
use Symfony\Component\Process\Process;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** Instruments read while making, and clocks. */
final class InstrumentsTest extends AppCase
{
    public function test_without_instruments_nothing_asks_for_them(): void
    {
        $batch = $this->batch();
        self::assertInstanceOf(ByHand::class, app(Instruments::class));
        $this
            ->get("/make/$batch->code/heat")
            ->assertOk()
            ->assertDontSee('data-reading=', false)
            ->assertSee('Dotted as rehearsed');
        $this
            ->ask("/make/$batch->code/heat/reading", 'now=3')
            ->assertOk()
            ->assertJsonPath('readings.water.trust', 'silent');
    }

    public function test_what_can_be_believed_goes_into_the_field_and_the_rest_is_said(): void
    {
        $batch = $this->batch();
        $this->show([
            'thermometer water' => 71.3,
            'thermometer oil' => 250.0,
            'thermometer mix' => 50.0,
            'scale' => 12.34,
            'ph' => 5.61,
        ]);
        $this->get("/make/$batch->code/heat")->assertSee('data-reading=', false)->assertSee('data-live="water"', false);
        $this
            ->ask("/make/$batch->code/heat/reading", 'now=3&seen[water]=1:70.9,2:71.1')
            ->assertJsonPath('readings.water', ['value' => 71.3, 'shown' => '71.3', 'trust' => 'sound', 'words' => ''])
            ->assertJsonPath('readings.oil.value', null)->assertJsonPath('readings.oil.trust', 'out_of_range');
        $this
            ->ask("/make/$batch->code/gate/reading", 'now=100&seen[mix]=0:55,40:53,70:51.4')
            ->assertJsonPath('readings.mix.trust', 'sound');
        self::assertMatchesRegularExpression(
            '/About \d+ min to 40/u',
            str_replace(
                "\u{202F}",
                ' ',
                (string) $this
                    ->ask("/make/$batch->code/gate/reading", 'now=100&seen[mix]=0:55,40:53,70:51.4')
                    ->json('left'),
            ),
        );
        $this->ask("/make/$batch->code/weigh.1/reading", 'now=1')->assertJsonPath('readings.weight.shown', '12.34');
        $this->ask("/make/$batch->code/ph/reading", 'now=1')->assertJsonPath('readings.ph.shown', '5.61');
        foreach (['seen=x', 'seen[water][]=y', 'seen[water]=a:b,::,1:2:3', 'now=never'] as $nonsense) {
            $this->ask("/make/$batch->code/heat/reading", "$nonsense")->assertOk();
        }
        $this->ask("/make/$batch->code/nowhere/reading", '')->assertNotFound();
    }

    public function test_a_reading_a_minute_is_written_down_and_none_that_can_not_be_believed(): void
    {
        Carbon::setTestNow('2026-11-24 10:00:00');
        $batch = $this->batch();
        $this->show(['thermometer mix' => 55.0]);
        foreach (['10:00:01', '10:00:30', '10:01:02'] as $at) {
            Carbon::setTestNow("2026-11-24 $at");
            $this->ask("/make/$batch->code/gate/reading", 'now=3');
        }
        self::assertSame(2, BatchEntry::query()->where('kind', 'temperature')->where('reason', 'live')->count());
        Carbon::setTestNow('2026-11-24 10:05:00');
        $this->show(['thermometer mix' => 400.0]);
        $this->ask("/make/$batch->code/gate/reading", 'now=3');
        self::assertSame(2, BatchEntry::query()->count());
    }

    public function test_a_cooling_that_was_read_teaches_how_fast_this_vessel_cools(): void
    {
        Carbon::setTestNow('2026-11-24 10:00:00');
        $batch = $this->batch();
        $formula = app(MakeStateFactory::class)->of($batch->load('entries'))->formula;
        $usual = Simulator::formula(app(Evaluator::class)->evaluate($formula)->assessment, app(Catalogue::class));
        // it cools by half as fast again as the rehearsal has it
        foreach (range(0, 30, 3) as $minute) {
            Carbon::setTestNow(Carbon::parse('2026-11-24 11:00:00')->addMinutes($minute));
            $celsius = 21 + 48 * exp(-1.5 * self::rate($usual) * 60 * $minute);
            $this->show(['thermometer mix' => round($celsius, 1)]);
            $this->ask("/make/$batch->code/gate/reading", "now=$minute");
        }
        $this->post(
            "/make/$batch->code/gate",
            ['client_key' => Str::uuid()->toString(), 'reason' => 'The next one wants its place.'],
        );
        $this->post(
            "/make/$batch->code/fill",
            ['client_key' => Str::uuid()->toString(), 'filled' => '190', 'containers' => '1', 'without' => '1'],
        );
        $taught = $batch->refresh()->outcome['taught']['cooling'];
        self::assertSame('glass-jug-500/counter', $taught['in']);
        self::assertEqualsWithDelta(1.5, $taught['ratio'], 0.075, 'within 5 %');
        $learned = LearnedMakes::cooling()['glass-jug-500/counter'];
        self::assertEqualsWithDelta(1 + 0.5 / 3, $learned->value->likely, 0.03, 'one record counts for a third');
        $next = Simulator::formula(
            app(Evaluator::class)->evaluate($formula)->assessment,
            app(Catalogue::class),
            own: LearnedMakes::flows(),
        );
        self::assertLessThan($usual->gateMinute, $next->gateMinute);
        $this->get('/settings')->assertSeeText('Heat-proof glass jug 500 mL');
        LearnedMakes::forget('cooling');
        self::assertSame([], LearnedMakes::cooling());
    }

    private static function rate(Simulation $rehearsal): float
    {
        $gate = array_search(StepKind::Gate, array_column($rehearsal->course->steps, 'kind'), true);
        $stretch = $rehearsal->stretches[$gate];
        $readings = array_values(array_filter(
            $rehearsal->samples,
            static fn (array $sample): bool => $sample['minute'] >= $stretch['from']
                && $sample['minute'] <= $stretch['to'],
        ));

        return CoolingRate::fit(
            array_map(
                static fn (array $sample): array => [60 * $sample['minute'], (float) $sample['mix_c']],
                $readings,
            ),
            21.0,
        ) ?? self::fail('no rate');
    }

    public function test_every_instrument_of_the_practice_bench_is_told_in_the_docs(): void
    {
        preg_match_all(
            "/'(\\w+)' => '(?:C|g|pH|%)'/",
            (string) file_get_contents(base_path('app/Instruments/PracticeBench.php')),
            $known,
        );
        self::assertGreaterThan(2, count($known[1]));
        foreach ($known[1] as $instrument) {
            self::assertStringContainsString(
                "| `READ $instrument",
                (string) file_get_contents(base_path('docs/instruments.md')),
            );
        }
    }

    public function test_the_port_is_kept_or_refused(): void
    {
        foreach (['12', '70000', 'abc', '80.5'] as $nonsense) {
            $this->post('/settings/instruments', ['port' => $nonsense])->assertSessionHasErrors('port');
        }
        $this->post('/settings/instruments', ['port' => '8049'])->assertSessionHasNoErrors();
        $this->app->forgetInstance(Instruments::class);
        self::assertInstanceOf(OverLine::class, app(Instruments::class));
        $this->get('/settings')->assertSee('value="8049"', false);
        $this->post('/settings/instruments', ['port' => '']);
        $this->app->forgetInstance(Instruments::class);
        self::assertInstanceOf(ByHand::class, app(Instruments::class));
    }

    public function test_the_simulated_instruments_answer_over_the_line_and_silence_costs_little(): void
    {
        $port = self::freePort();
        $server = new Process(
            [PHP_BINARY, 'artisan', 'ilvane:instruments', "--port=$port"],
            dirname(__DIR__, 2),
            [
                'APP_ENV' => 'testing',
                'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
                'DB_DATABASE' => ':memory:',
            ],
        );
        $server->start();
        $server->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'ready'));
        try {
            $instruments = new OverLine($port);
            self::assertSame('ilvane-instruments 1', $instruments->ask('HELLO'));
            $instruments->ask('POUR 42');
            self::assertEqualsWithDelta(42.0, $instruments->read('scale'), 0.05);
            self::assertNull($instruments->read('altimeter'));
            $this->app->instance(Instruments::class, $instruments);
            $batch = $this->batch();
            $this
                ->post("/make/$batch->code/practise", ['pace' => '60'])
                ->assertSessionHas('refused', say('make.practising'));
            self::assertEqualsWithDelta(20.0, $instruments->read('thermometer water'), 1.0);
            $instruments->ask('TIME 40');
            self::assertGreaterThan(60.0, $instruments->read('thermometer mix'));
        } finally {
            $server->stop(0);
        }
        $nobody = new OverLine($port);
        self::assertNull($nobody->read('scale'));
        self::assertNull($nobody->read('scale'), 'and again, without a fault');
    }

    public function test_a_clock_runs_over_steps_and_reloads_and_is_started_once(): void
    {
        Carbon::setTestNow('2026-11-24 10:00:00');
        $batch = $this->batch();
        $key = Str::uuid()->toString();
        foreach ([1, 2] as $_) {
            $this
                ->post("/make/$batch->code/hold", ['client_key' => $key, 'do' => 'timer'])
                ->assertRedirect("/make/$batch->code/hold");
        }
        self::assertSame(1, BatchEntry::query()->where('kind', 'timer')->count());
        $ends = Carbon::now()->getTimestamp() + 300;
        $this
            ->get("/make/$batch->code/hold")
            ->assertSee("data-ends=\"$ends\"", false)
            ->assertDontSee('Start the clock');
        Carbon::setTestNow('2026-11-24 10:03:00');
        $this
            ->get("/make/$batch->code/combine")
            ->assertSee('hob-clock', false)
            ->assertSee("data-ends=\"$ends\"", false);
        self::assertFalse(
            app(MakeStateFactory::class)->of($batch
                ->refresh()
                ->load('entries'))->isDone(app(MakeStateFactory::class)->of($batch)->plan
                ->step('hold') ?? self::fail('no hold')),
            'a clock is no doing',
        );
        $this
            ->get('/make/'.$this->batch()->code.'/weigh.1')
            ->assertSee("/make/$batch->code/hold", false)
            ->assertSee("data-ends=\"$ends\"", false);
        Carbon::setTestNow('2026-11-24 10:30:00');
        $this->get("/make/$batch->code/combine")->assertDontSee('hob-clock', false);
    }

    /** The page's question, its fields as in an address. */
    private function ask(string $address, string $fields): TestResponse
    {
        parse_str($fields, $asked);

        return $this->postJson($address, $asked);
    }

    private function batch(): Batch
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/make");

        return Batch::query()->orderByDesc('id')->firstOrFail();
    }

    /** @param  array<string, float>  $values */
    private function show(array $values): void
    {
        $this->app->instance(Instruments::class, new class($values) implements Instruments
        {
            /** @param  array<string, float>  $values */
            public function __construct(private readonly array $values)
            {
            }

            public function read(string $what): ?float
            {
                return $this->values[$what] ?? null;
            }

            public function arePresent(): bool
            {
                return true;
            }
        });
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
