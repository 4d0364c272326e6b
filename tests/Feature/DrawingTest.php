<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Plot;
use App\Drawing\Profile;
use App\Drawing\Section;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Infusions\JarBook;
use App\Infusions\JarStoryFactory;
use App\Infusions\PlanDraft;
use App\Infusions\Planner;
use App\Infusions\StrengthChart;
use App\Make\MakeStateFactory;
use App\Make\MakeVessel;
use App\Models\Batch;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\Method;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** What is drawn is true: levels, tints and curves come from the model. */
final class DrawingTest extends AppCase
{
    public function test_a_plot_places_values_straight_and_by_the_logarithm(): void
    {
        $straight = new Plot(200, 100, 10, 10, 5, 15, 0.0, 10.0, 4.0);
        self::assertSame([10.0, 100.0, 190.0], array_map($straight->x(...), [0.0, 5.0, 10.0]));
        self::assertSame([85.0, 45.0, 5.0], array_map($straight->y(...), [0.0, 2.0, 4.0]));
        self::assertSame([190.0, 5.0], [$straight->x(99.0), $straight->y(99.0)], 'nothing is drawn outside the field');
        $log = new Plot(200, 100, 0, 0, 0, 0, 1.0, 1000.0, 1.0, logarithmic: true);
        self::assertSame([0.0, 66.7, 200.0], array_map($log->x(...), [1.0, 10.0, 1000.0]));
        self::assertSame(0.0, $log->x(0.0));
        self::assertSame('M10 85L100 45', $straight->line([[0.0, 0.0], [5.0, 2.0]]));
        self::assertSame('M10 5L190 5L190 85L10 85Z', $straight->between([[0.0, 4.0, 0.0], [10.0, 4.0, 0.0]]));
        self::assertSame('', $straight->line([]));
    }

    #[DataProvider('ends')]
    public function test_an_axis_ends_on_a_number_one_can_say(float $value, float $end): void
    {
        self::assertEqualsWithDelta($end, Plot::roundUp($value), 1e-9);
    }

    public static function ends(): iterable
    {
        yield [0.0, 1.0];
        yield [0.013, 0.015];
        yield [1.0, 1.0];
        yield [1.2, 1.5];
        yield [6.9, 8.0];
        yield [99.0, 100.0];
        yield [101.0, 150.0];
    }

    public function test_the_jar_is_filled_to_its_level_and_tinted_by_what_came_out(): void
    {
        $infusion = app(Planner::class)->infusion(InfusionPlanDocument::read(self::jarPlan()));
        $vessels = app(Vessels::class);
        $full = $vessels->infusing($infusion->contents, $infusion->room, 0.2, 0);
        $deep = $vessels->infusing($infusion->contents, $infusion->room, 0.9, 0);
        self::assertSame(['steeping', 'oil'], array_column($full->bands, 'material'));
        self::assertSame([0.2, 0.2], array_column($full->bands, 'depth'));
        self::assertSame(
            array_column($full->bands, 'top'),
            array_column($deep->bands, 'top'),
            'the tint changes no level',
        );
        $less = $vessels->infusing($infusion->contents, $infusion->contents->roomWith(260.0), 0.2, 0);
        self::assertGreaterThan($full->level, $less->level, 'less oil stands lower');
        $dry = $vessels->infusing($infusion->contents, $infusion->contents->roomWith(150.0), 0.2, 0);
        self::assertSame(
            ['steeping', 'dry'],
            array_column($dry->bands, 'material'),
            'what stands above the oil is drawn dry',
        );
        self::assertLessThan(0.0 + $dry->bands[0]['top'], $dry->bands[1]['top']);
        self::assertSame('', $full->paper);
    }

    public function test_schools_share_one_axis_and_their_names_do_not_collide(): void
    {
        $plan = InfusionPlanDocument::read(self::jarPlan());
        $schools = [];
        foreach ([Method::ColdDark, Method::SunnySill, Method::LowOven, Method::WarmBath] as $method) {
            $schools[$method->value] = app(Planner::class)->infusion(
                $method === Method::ColdDark ? $plan : $plan->by($method),
            );
        }
        $chart = StrengthChart::schools($schools, app(Wording::class));
        self::assertCount(4, $chart->series);
        self::assertSame('cold_dark', $chart->series[3]['key'], 'the chosen one is drawn last, on top');
        $ends = array_column(array_column($chart->series, 'end', 'key'), 0);
        self::assertGreaterThan($ends[0], $ends[3], 'weeks lie right of minutes');
        foreach ($chart->series as $a) {
            foreach ($chart->series as $b) {
                if ($a['key'] !== $b['key'] && abs($a['name'][0] - $b['name'][0]) < 60) {
                    self::assertGreaterThanOrEqual(
                        14.0,
                        abs($a['name'][1] - $b['name'][1]),
                        "{$a['key']} on {$b['key']}",
                    );
                }
            }
        }
        self::assertNull($chart->today);
    }

    public function test_a_life_shows_today_its_shakes_and_where_oil_was_moved(): void
    {
        Carbon::setTestNow('2026-11-01 09:00:00');
        $jar = $this->standingJar();
        $book = app(JarBook::class);
        Carbon::setTestNow('2026-11-15 09:00:00');
        foreach (['2026-11-04', '2026-11-07', '2026-11-10'] as $day) {
            $book->shake($jar, Carbon::parse("$day 09:00"), Str::uuid()->toString());
        }
        $book->move($jar, 50, 50, Carbon::parse('2026-11-12 09:00'), Str::uuid()->toString());
        $story = app(JarStoryFactory::class)->of($jar->refresh()->load('entries'));
        $chart = StrengthChart::life($story, 5.0, $story->ready(), $story->tooStrong(), app(Wording::class));
        self::assertSame(['shake', 'shake', 'shake', 'oil'], array_column($chart->marks, 'kind'));
        self::assertSame('Taken out, topped up', $chart->marks[3]['label']);
        self::assertNotNull($chart->today);
        self::assertEqualsWithDelta($chart->plot->x(14.0), $chart->today, 0.1);
        self::assertNotNull($chart->limit);
        self::assertSame('past', $chart->series[1]['key']);
        self::assertEqualsWithDelta($chart->today, $chart->series[1]['end'][0], 0.2, 'the drawn past ends today');
        Carbon::setTestNow('2026-11-16 09:00:00');
        $book->strain($jar, 200, 0, Carbon::now(), Str::uuid()->toString());
        $story = app(JarStoryFactory::class)->of($jar->refresh()->load('entries'));
        self::assertNull(
            StrengthChart::life($story, null, $story->ready(), $story->tooStrong(), app(Wording::class))->today,
            'what is over has no today',
        );
    }

    public function test_a_warm_jar_is_drawn_by_the_clock(): void
    {
        Carbon::setTestNow('2026-11-01 09:00:00');
        $jar = $this->standingJar(['method' => 'warm_bath', 'temperature_c' => 95, 'days' => null, 'minutes' => 45]);
        Carbon::setTestNow('2026-11-01 09:20:00');
        $story = app(JarStoryFactory::class)->of($jar->load('entries'));
        $chart = StrengthChart::life($story, null, $story->ready(), $story->tooStrong(), app(Wording::class));
        self::assertContains('09:20', array_column($chart->ticks, 'label'));
        self::assertSame('09:00', $chart->ticks[0]['label']);
    }

    public function test_words_for_times(): void
    {
        Carbon::setTestNow('2026-11-23 10:00:00');
        $wording = app(Wording::class);
        $plain = static fn (string $said): string => str_replace("\u{202F}", ' ', $said);
        self::assertSame(
            ['26 min', '8 h', '2.5 h', '2 days', '21 days'],
            array_map(
                static fn (float $days): string => $plain($wording->duration($days)),
                [26 / 1440, 8 / 24, 150 / 1440, 2.0, 21.0],
            ),
        );
        self::assertSame(
            ['today', 'tomorrow', 'Thursday, in 3 days', 'yesterday', '2 Dec 2026'],
            array_map(
                static fn (string $day): string => $wording->whenever(Carbon::parse($day)),
                ['2026-11-23 23:00', '2026-11-24 01:00', '2026-11-26', '2026-11-22', '2026-12-02'],
            ),
        );
        self::assertSame(
            ['nothing', '40 min', '5 h', '2 days'],
            array_map(
                static fn (string $when): string => $plain($wording->hoursLeft(Carbon::parse($when))),
                ['2026-11-23 09:00', '2026-11-23 10:40', '2026-11-23 15:30', '2026-11-25 23:00'],
            ),
        );
    }

    public function test_a_draft_reads_times_as_they_are_said(): void
    {
        $lasts = static function (string $typed, string $method = 'cold_dark'): ?float {
            $draft = PlanDraft::fromDocument(self::jarPlan([
                'method' => $method,
                'days' => null,
                'temperature_c' => null,
            ]))->withForm(['lasts' => $typed]);

            return $draft->infusion(app(Planner::class))[0]?->plan->days;
        };
        self::assertSame([21.0, 21.0, 14.0, 42.0, 60.0], array_map($lasts, ['', '3 weeks', '14', '6 w', '2 months']));
        self::assertEqualsWithDelta(
            [45 / 1440, 8 / 24, 20 / 1440],
            [$lasts('45 min', 'warm_bath'), $lasts('8 h', 'low_oven'), $lasts('20', 'warm_bath')],
            1e-6,
        );
        self::assertSame([14.0, 21.0], [$lasts('14 jours'), $lasts('3 semaines')]);
    }

    public function test_vessels_on_a_shelf_stand_to_one_scale(): void
    {
        $stands = static fn (string $shape, float $ml): array => [
            Section::draw(Profile::of($shape, $ml), [], 0, 120, tallest: 130)->height,
            Profile::of($shape, $ml)->height(),
        ];
        foreach ([['jar', 500.0], ['bottle', 250.0], ['beaker', 260.0]] as [$shape, $ml]) {
            [$drawn, $real] = $stands($shape, $ml);
            self::assertEqualsWithDelta(120 * min(1.0, $real / 130), $drawn, 1e-9, $shape);
        }
        self::assertEqualsWithDelta(
            120.0,
            $stands('beaker', 5000.0)[0],
            1e-9,
            'the largest stands as high as there is room',
        );
        self::assertEqualsWithDelta(120 * 0.42, $stands('tub', 15.0)[0], 1e-9, 'the smallest can still be made out');
        self::assertEqualsWithDelta(
            120.0,
            Section::draw(Profile::of('jar', 100), [], 0, 120)->height,
            1e-9,
            'alone, each as high as said',
        );
        $rising = array_map(static fn (float $ml): float => $stands('bottle', $ml)[0], [60.0, 100.0, 150.0, 220.0]);
        $sorted = $rising;
        sort($sorted);
        self::assertSame($sorted, $rising, 'a larger bottle is never drawn lower');
    }

    public function test_the_vessel_at_the_hob_holds_what_was_told_to_be_in_it(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $this->post("/formulas/$formula->id/make");
        $batch = Batch::query()->firstOrFail();
        $drawn = static fn (): array => array_column(
            app(MakeVessel::class)->soFar(
                app(MakeStateFactory::class)->of($batch->refresh()->load('entries')),
                340,
            )->bands,
            'material',
        );
        $level = static fn (): float => app(MakeVessel::class)->soFar(
            app(MakeStateFactory::class)->of($batch->refresh()->load('entries')),
            340,
        )->level;
        $tell = fn (string $step, array $fields = []): mixed => $this->post(
            "/make/$batch->code/$step",
            ['client_key' => (string) Str::uuid(), ...$fields],
        );
        self::assertSame([], $drawn(), 'nothing is in it while the jars are boiled');
        $tell('sanitise');
        $tell('weigh.1', ['weight' => '84']);
        self::assertSame(['water'], $drawn());
        $half = $level();
        $tell('weigh.1', ['weight' => '168.4']);
        self::assertLessThan($half, $level(), 'twice as much stands higher: y grows downwards');
        foreach (['weigh.2' => '6', 'weigh.3' => '8', 'weigh.4' => '16'] as $step => $grams) {
            $tell($step, ['weight' => $grams]);
        }
        self::assertSame(['water', 'oil'], $drawn());
        $tell('heat', ['water' => '72', 'oil' => '72', 'do' => 'on']);
        $tell('hold');
        $tell('combine');
        self::assertSame(['water'], $drawn(), 'one body, once they have met');
    }
}
