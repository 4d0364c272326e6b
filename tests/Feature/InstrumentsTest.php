<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\ByHand;
use App\Instruments\Instruments;
use App\Instruments\OverLine;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Workroom\Make\MakeState;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
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
        $this->get("/make/$batch->code/heat")->assertOk()->assertDontSee('data-reading=', false)->assertSee('Dotted as rehearsed');
        $this->getJson("/make/$batch->code/heat/reading?now=3")->assertOk()->assertJsonPath('readings.water.trust', 'silent');
    }

    public function test_what_can_be_believed_goes_into_the_field_and_the_rest_is_said(): void
    {
        $batch = $this->batch();
        $this->show(['thermometer water' => 71.3, 'thermometer oil' => 250.0, 'thermometer mix' => 50.0, 'scale' => 12.34, 'ph' => 5.61]);
        $this->get("/make/$batch->code/heat")->assertSee('data-reading=', false)->assertSee('data-live="water"', false);
        $this->getJson("/make/$batch->code/heat/reading?now=3&seen[water]=1:70.9,2:71.1")->assertJsonPath('readings.water', ['value' => 71.3, 'shown' => '71.3', 'trust' => 'sound', 'words' => ''])
            ->assertJsonPath('readings.oil.value', null)->assertJsonPath('readings.oil.trust', 'out_of_range');
        $this->getJson("/make/$batch->code/gate/reading?now=100&seen[mix]=0:55,40:53,70:51.4")->assertJsonPath('readings.mix.trust', 'sound');
        self::assertMatchesRegularExpression('/About \d+ min to 40/u', str_replace("\u{202F}", ' ', (string) $this->getJson("/make/$batch->code/gate/reading?now=100&seen[mix]=0:55,40:53,70:51.4")->json('left')));
        $this->getJson("/make/$batch->code/weigh.1/reading?now=1")->assertJsonPath('readings.weight.shown', '12.34');
        $this->getJson("/make/$batch->code/ph/reading?now=1")->assertJsonPath('readings.ph.shown', '5.61');
        foreach (['seen=x', 'seen[water][]=y', 'seen[water]=a:b,::,1:2:3', 'now=never'] as $nonsense) {
            $this->getJson("/make/$batch->code/heat/reading?$nonsense")->assertOk();
        }
        $this->getJson("/make/$batch->code/nowhere/reading")->assertNotFound();
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
        $server = new Process([PHP_BINARY, 'artisan', 'ilvane:instruments', "--port=$port"], dirname(__DIR__, 2), ['APP_ENV' => 'testing', 'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=', 'DB_DATABASE' => ':memory:']);
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
            $this->post("/make/$batch->code/practise", ['pace' => '60'])->assertSessionHas('refused', say('make.practising'));
            self::assertEqualsWithDelta(21.0, $instruments->read('thermometer water'), 1.0);
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
            $this->post("/make/$batch->code/hold", ['client_key' => $key, 'do' => 'timer'])->assertRedirect("/make/$batch->code/hold");
        }
        self::assertSame(1, BatchEntry::query()->where('kind', 'timer')->count());
        $ends = Carbon::now()->getTimestamp() + 300;
        $this->get("/make/$batch->code/hold")->assertSee("data-ends=\"$ends\"", false)->assertDontSee('Start the clock');
        Carbon::setTestNow('2026-11-24 10:03:00');
        $this->get("/make/$batch->code/combine")->assertSee('hob-clock', false)->assertSee("data-ends=\"$ends\"", false);
        self::assertFalse(MakeState::of($batch->refresh()->load('entries'))->isDone(MakeState::of($batch)->plan->step('hold') ?? self::fail('no hold')), 'a clock is no doing');
        Carbon::setTestNow('2026-11-24 10:30:00');
        $this->get("/make/$batch->code/combine")->assertDontSee('hob-clock', false);
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
