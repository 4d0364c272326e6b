<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use App\Instruments\PracticeBench;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Measure\ReadingTrust;
use Ilvane\Core\Physics\Heat\CoolingRate;
use Ilvane\Core\Simulation\Pot;
use Ilvane\Core\Simulation\Simulator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\CoreCase;

final class SensingTest extends CoreCase
{
    /** @return iterable<string, array{ReadingTrust, string, list<array{float, float}>, float, bool}> */
    public static function series(): iterable
    {
        $steady = static fn (float $value, int $seconds): array => array_map(
            static fn (int $s): array => [(float) $s, $value],
            range(0, $seconds, 5),
        );
        yield 'nothing yet' => [ReadingTrust::Silent, 'thermometer', [], 3.0, true];
        yield 'nothing for long' => [ReadingTrust::Silent, 'thermometer', [[0.0, 60.0]], 6.0, true];
        yield 'cooling' => [ReadingTrust::Sound, 'thermometer', [[0.0, 60.0], [1.0, 59.9], [2.0, 59.7]], 2.5, true];
        yield 'ice in an oven' => [ReadingTrust::OutOfRange, 'thermometer', [[0.0, 300.0]], 0.5, true];
        yield 'no number' => [ReadingTrust::OutOfRange, 'scale', [[0.0, NAN]], 0.5, false];
        yield 'a pot can not do that' => [ReadingTrust::Jumped, 'thermometer', [[0.0, 60.0], [1.0, 72.0]], 1.2, true];
        yield 'after a while it can' => [ReadingTrust::Sound, 'thermometer', [[0.0, 60.0], [10.0, 72.0]], 10.5, true];
        yield 'stuck in what cools' => [ReadingTrust::Stuck, 'thermometer', $steady(60.0, 100), 100.5, true];
        yield 'steady in what stands' => [ReadingTrust::Sound, 'thermometer', $steady(21.0, 100), 100.5, false];
        yield 'a scale may jump' => [ReadingTrust::Sound, 'scale', [[0.0, 0.0], [0.5, 200.0]], 0.8, false];
        yield 'no such pH' => [ReadingTrust::OutOfRange, 'ph', [[0.0, 15.0]], 0.5, false];
    }

    /** @param  list<array{float, float}>  $series */
    #[DataProvider('series')]
    public function test_what_can_be_believed(
        ReadingTrust $expected,
        string $instrument,
        array $series,
        float $now,
        bool $isMoving,
    ): void {
        self::assertSame($expected, ReadingTrust::of($instrument, $series, $now, $isMoving));
    }

    public function test_the_practice_thermometer_follows_the_simulation_with_a_lag(): void
    {
        $rehearsal = Simulator::formula(
            (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read(self::sound()))->assessment,
            self::catalogue(),
        );
        $samples = json_encode(
            array_map(
                static fn (array $sample): array => [
                    $sample['minute'],
                    $sample['water_c'],
                    $sample['oil_c'],
                    $sample['mix_c'],
                ],
                $rehearsal->samples,
            ),
            JSON_THROW_ON_ERROR,
        );
        $bench = new PracticeBench(7);
        self::assertSame(PracticeBench::PROTOCOL, $bench->answer('HELLO', 0.0));
        self::assertSame('ok '.count($rehearsal->samples), $bench->answer("LOAD $samples", 0.0));
        self::assertSame('ok', $bench->answer('RUN 10', 0.0));
        foreach ([30.0, 120.0, 300.0, 500.0] as $now) {
            $minute = $now / 6;
            $near = array_values(array_filter(
                $rehearsal->samples,
                static fn (array $sample): bool => abs($sample['minute'] - $minute) <= 1.5,
            ));
            $values = array_map(
                static fn (array $sample): float => $sample['mix_c'] ?? $sample['water_c'] ?? 0.0,
                $near,
            );
            $shown = (float) explode(' ', $bench->answer('READ thermometer water', $now))[2];
            self::assertGreaterThan(min($values) - 4, $shown);
            self::assertLessThan(max($values) + 4, $shown);
            self::assertSame(
                $bench->answer('READ thermometer water', $now),
                $bench->answer('READ thermometer water', $now),
            );
        }
        self::assertSame('error unknown', $bench->answer('READ altimeter', 1.0));
        self::assertSame('error unknown', $bench->answer("\0\xFF nonsense", 1.0));
        self::assertSame('error json', $bench->answer('LOAD {broken', 1.0));
    }

    public function test_the_practice_scale_pours_tares_and_fails_as_told(): void
    {
        $bench = new PracticeBench;
        $grams = static fn (float $now): float => (float) explode(' ', $bench->answer('READ scale', $now))[1];
        $bench->answer('POUR 50 10', 0.0);
        self::assertEqualsWithDelta(25.0, $grams(5.0), 0.05);
        self::assertEqualsWithDelta(50.0, $grams(20.0), 0.05);
        $bench->answer('TARE', 20.0);
        $bench->answer('POUR 7.5', 20.0);
        self::assertEqualsWithDelta(7.5, $grams(21.0), 0.05);
        $bench->answer('TAKE 2', 21.0);
        self::assertEqualsWithDelta(5.5, $grams(22.0), 0.05);
        $bench->answer('FAULT scale silent 10', 22.0);
        self::assertSame('scale - silent', $bench->answer('READ scale', 25.0));
        self::assertEqualsWithDelta(5.5, $grams(33.0), 0.05);
        $bench->answer('FAULT thermometer mix stuck 100', 40.0);
        $bench->answer('READ thermometer mix', 40.0);
        self::assertSame($bench->answer('READ thermometer mix', 41.0), $bench->answer('READ thermometer mix', 99.0));
        $bench->answer('CLEAR', 99.0);
        $bench->answer('PH 5.6', 99.0);
        self::assertEqualsWithDelta(5.6, (float) explode(' ', $bench->answer('READ ph', 99.0))[1], 0.03);
    }

    /** What is logged of a potful cooling gives its rate back within 5 %, noise and all. */
    public function test_a_recorded_cooling_gives_the_vessels_rate_back(): void
    {
        $dice = new Randomizer(new Mt19937(4));
        foreach (self::catalogue()->vessels() as $key => $vessel) {
            if (in_array($vessel->wall, ['PP', 'silicone'], true) || $vessel->surface() <= 0) {
                continue;
            }
            $pot = new Pot(
                new Vessel(
                    $key,
                    '',
                    $vessel->volumeMl,
                    $vessel->shape,
                    null,
                    $vessel->wall,
                    $vessel->wallGrams,
                    $vessel->bath,
                    $vessel->air,
                    $vessel->coldBath,
                    '',
                ),
                72.0,
            );
            $pot->put([[null, self::catalogue()->get('glycerin'), 250.0]], 72.0);
            $capacity = 250 * 2.43 + $vessel->wallGrams * [
                'glass' => 0.84,
                'steel' => 0.50,
                'ceramic' => 0.90,
            ][$vessel->wall];
            $log = [];
            for ($s = 0; $s <= 2400; $s += 5) {
                if ($s % 60 === 0) {
                    $log[] = [(float) $s, $pot->celsius + $dice->getInt(-20, 20) / 100];
                }
                $pot->stand(21.0, $vessel->air, 5.0, 21.0, true);
            }
            $rate = CoolingRate::fit($log, 21.0);
            self::assertEqualsWithDelta($vessel->air / $capacity, $rate, 0.05 * $vessel->air / $capacity, $key);
            $seconds = CoolingRate::secondsTo((float) $rate, 60.0, 40.0, 21.0);
            self::assertEqualsWithDelta(log(39 / 19) / $vessel->air * $capacity, $seconds, 0.06 * $seconds);
        }
        self::assertNull(CoolingRate::fit([[0.0, 50.0], [5.0, 49.0]], 21.0), 'too little to tell');
        self::assertNull(CoolingRate::fit([[0.0, 40.0], [30.0, 45.0], [60.0, 50.0]], 21.0), 'it warms');
        self::assertNull(CoolingRate::secondsTo(0.001, 30.0, 15.0, 21.0), 'colder than the room it never gets');
        self::assertSame(0.0, CoolingRate::secondsTo(0.001, 38.0, 40.0, 21.0));
    }
}
