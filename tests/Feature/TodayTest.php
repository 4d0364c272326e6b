<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Infusions\JarBook;
use App\Models\Jar;
use App\Models\Lot;
use App\Preparations\PreparationBook;
use App\Today\Agenda;
use App\Today\CalendarFile;
use App\Today\Due;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Ilvane\Core\Formula\Storage;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Tests\Support\AppCase;

/** What is due, in order, done in one tap; and the same in a calendar another program reads. */
final class TodayTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-01 09:00:00');
    }

    /** @return array<string, list<string>> */
    private static function due(): array
    {
        return array_map(
            static fn (array $entries): array => array_map(
                static fn (Due $due): string => "$due->title: $due->what",
                $entries,
            ),
            app(Agenda::class)->due(),
        );
    }

    public function test_an_empty_workroom_asks_what_to_make(): void
    {
        $this->get('/')->assertOk()->assertSee('What will you make?')->assertSee('Plan an infusion');
        foreach (['/infusions', '/pantry', '/preparations'] as $path) {
            $this->get($path)->assertOk();
        }
    }

    public function test_what_presses_most_comes_first(): void
    {
        $this->standingJar(['name' => 'Cold']);
        $this->standingJar(['name' => 'Mouldy']);
        app(JarBook::class)->note(
            Jar::query()->where('name', 'Mouldy')->sole(),
            null,
            'mould',
            '',
            Carbon::now(),
            Str::uuid()->toString(),
        );
        $preparations = app(PreparationBook::class);
        $preparations->made($preparations->plan('oat-water', '', 100), 90, Storage::Fridge, null, Carbon::now());
        $preparations->plan('rosemary-water', '', 100);
        self::assertSame(
            [
                'Mouldy: Throw it all away, oil too. Straining saves nothing.',
                'Rosemary water: to be made, 100'."\u{202F}".'g',
            ],
            self::due()['now'],
        );
        self::assertSame(['Cold: shake it'], self::due()['week']);

        Carbon::setTestNow('2026-11-02 08:00:00');
        self::assertSame(
            ['Oat water: use 90'."\u{202F}g within 60\u{202F}min"],
            array_values(array_filter(
                self::due()['now'],
                static fn (string $due): bool => str_starts_with($due, 'Oat'),
            )),
        );
        Carbon::setTestNow('2026-11-03 08:00:00');
        self::assertSame(['Cold: shake it'], self::due()['tomorrow']);

        Carbon::setTestNow('2026-11-04 20:00:00');
        self::assertSame(
            ['Mouldy', 'Oat water', 'Cold', 'Rosemary water'],
            array_map(static fn (string $due): string => explode(':', $due)[0], self::due()['now']),
        );
        self::assertContains('Oat water: past its hours: throw it away', self::due()['now']);
    }

    public function test_one_tap_does_it_and_one_takes_it_back(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-04 09:30:00');
        $this->get('/')->assertSee('shake it')->assertSee('Shaken');
        $done = $this
            ->post("/infusions/$jar->id/shake", ['client_key' => Str::uuid()->toString(), 'back' => 'today'])
            ->assertRedirect('/');
        $undo = $done->getSession()->get('undo');
        self::assertIsString($undo);
        self::assertSame([], self::due()['now']);
        $this->get('/')->assertSee('Take it back');
        $this->post($undo, ['client_key' => Str::uuid()->toString(), 'back' => 'today'])->assertRedirect('/');
        self::assertSame(['Calendula, cold: shake it'], self::due()['now']);
        $preparations = app(PreparationBook::class);
        $lot = $preparations->made(
            $preparations->plan('oat-water', '', 100),
            90,
            Storage::Room,
            null,
            Carbon::now()->subDay(),
        );
        $undo = $this
            ->post(
                "/pantry/$lot->code/discard",
                ['client_key' => Str::uuid()->toString(), 'reason' => 'past its hours', 'back' => 'today'],
            )
            ->assertRedirect('/')
            ->getSession()
            ->get('undo');
        self::assertNotNull($lot->refresh()->gone_at);
        $this->post((string) $undo, ['client_key' => Str::uuid()->toString(), 'back' => 'today'])->assertRedirect('/');
        self::assertNull($lot->refresh()->gone_at);
    }

    public function test_catching_up_after_being_away(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-13 09:30:00');
        self::assertCount(1, self::due()['now'], 'four shakes late is still one shake to give');
        $this->get("/infusions/$jar->id")->assertSee('3 shakes were left out; the curve knows.');
        $this
            ->post("/infusions/$jar->id/shake", ['client_key' => Str::uuid()->toString(), 'when' => '2026-11-07T10:00'])
            ->assertSessionHasNoErrors();
        self::assertSame('2026-11-10', $jar->refresh()->shake_at?->toDateString());
        $this->post("/infusions/$jar->id/shake", ['client_key' => Str::uuid()->toString()]);
        self::assertSame('2026-11-16', $jar->refresh()->shake_at?->toDateString());
    }

    public function test_a_new_oil_is_patch_tested_first(): void
    {
        $jar = $this->standingJar();
        Carbon::setTestNow('2026-11-22 09:30:00');
        app(JarBook::class)->strain($jar, 240, 0, Carbon::now(), Str::uuid()->toString());
        self::assertSame(['Calendula, cold: try it on a patch of skin today; use it tomorrow'], self::due()['now']);
        Carbon::setTestNow('2026-11-24 09:30:00');
        self::assertSame([], self::due()['now']);
    }

    private static function calendar(string $text): VCalendar
    {
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate(), 'it is in order by the standard');

        return $calendar;
    }

    /** RFC 5545, read back by the library. */
    public function test_a_calendar_reads_shakes_window_straining_and_dates(): void
    {
        $jar = $this->standingJar(['days' => 21]);
        $preparations = app(PreparationBook::class);
        $preparations->made($preparations->plan('oat-water', '', 100), 90, Storage::Fridge, null, Carbon::now());
        $calendar = self::calendar((string) $this->get('/calendar.ics')->assertOk()->assertHeader(
            'Content-Type',
            'text/calendar; charset=utf-8',
        )->getContent());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            $events[explode('@', (string) $event->UID)[0]] = $event;
        }
        self::assertSame(
            ['J261101-A-shake', 'J261101-A-window', 'J261101-A-strain', 'L261101-A-use-by'],
            array_keys($events),
        );
        self::assertSame('FREQ=DAILY;INTERVAL=3;UNTIL=20261121', (string) $events['J261101-A-shake']->RRULE);
        self::assertSame(
            ['20261121', '20261130'],
            [(string) $events['J261101-A-window']->DTSTART, (string) $events['J261101-A-window']->DTEND],
        );
        self::assertSame('20261122', (string) $events['J261101-A-strain']->DTSTART);
        self::assertNotNull($events['J261101-A-strain']->VALARM);
        self::assertSame('20261102T090000Z', (string) $events['L261101-A-use-by']->DTSTART);
        self::assertSame('-PT3H', (string) $events['L261101-A-use-by']->VALARM->TRIGGER);
        $days = [];
        foreach ($calendar->expand(
            new \DateTimeImmutable('2026-11-01'),
            new \DateTimeImmutable('2026-12-01'),
        )->select('VEVENT') as $event) {
            if (str_contains((string) $event->UID, 'shake')) {
                $days[] = (string) $event->DTSTART;
            }
        }
        self::assertSame(
            ['20261104', '20261107', '20261110', '20261113', '20261116', '20261119'],
            array_map(static fn (string $day): string => substr($day, 0, 8), $days),
        );
        self::assertCount(
            3,
            self::calendar((string) $this->get("/infusions/$jar->id/calendar.ics")->getContent())->select('VEVENT'),
        );
        self::assertSame('Shake: Calendula, cold', (string) $events['J261101-A-shake']->SUMMARY);
    }

    public function test_names_with_commas_and_line_breaks_survive_the_calendar(): void
    {
        $jar = $this->standingJar(['name' => 'Ünder, the; stairs \\ "quoted"']);
        $calendar = self::calendar(app(CalendarFile::class)->ofJar($jar));
        self::assertSame(
            'Strain: Ünder, the; stairs \\ "quoted"',
            (string) $calendar->select('VEVENT')[array_key_last($calendar->select('VEVENT'))]->SUMMARY,
        );
    }

    public function test_the_feed_has_an_address_of_its_own(): void
    {
        $this->standingJar();
        $this->get('/calendar/'.str_repeat('a', 32).'.ics')->assertNotFound();
        $this->post('/calendar')->assertRedirect();
        $first = CalendarFile::address();
        $this->get((string) $first)->assertOk();
        $this->get('/')->assertSee((string) $first);
        $this->post('/calendar');
        $this->get((string) $first)->assertNotFound();
        $this->get((string) CalendarFile::address())->assertOk();
    }

    public function test_a_warm_jar_is_due_by_the_minute(): void
    {
        $jar = $this->standingJar(['method' => 'warm_bath', 'temperature_c' => 95, 'days' => null, 'minutes' => 45]);
        self::assertSame('2026-11-01 09:45:00', $jar->strain_at?->toDateTimeString());
        self::assertNull($jar->shake_at);
        self::assertSame(['Calendula, cold: strain it'], self::due()['now']);
        self::assertSame(
            '20261101T094500Z',
            (string) self::calendar(app(CalendarFile::class)->ofJar($jar))->VEVENT->DTSTART,
        );
    }

    public function test_a_thousand_jars_cost_no_more_questions_than_ten(): void
    {
        $ask = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/')->assertOk();

            return count(DB::getQueryLog());
        };
        $jar = $this->standingJar();
        $row = DB::table('jars')->where('id', $jar->id)->first();
        $put = static function (int $from, int $to) use ($row): void {
            foreach (array_chunk(range($from, $to), 50) as $chunk) {
                DB::table('jars')->insert(array_map(
                    static fn (int $i): array => [
                        ...array_diff_key((array) $row, ['id' => 1, 'uid' => 1]),
                        'code' => "J000000-$i",
                    ],
                    $chunk,
                ));
            }
        };
        $put(1, 20);
        $few = $ask();
        $put(21, 1000);
        self::assertSame($few, $ask());
        Carbon::setTestNow('2026-11-05 09:00:00');
        self::assertCount(
            40,
            app(Agenda::class)->due()['now'],
            'who has more to do than this has enough to begin with',
        );
        self::assertSame(0, Lot::query()->count());
    }

    public function test_the_shelf_line_says_in_a_word_what_stands_and_what_wants_something_first(): void
    {
        self::assertSame(
            '',
            trim((string) $this->get('/shelf-line')->assertOk()->getContent()),
            'an empty shelf takes no room',
        );
        $this->get('/formulas')->assertSee('data-href="http://localhost/shelf-line"', false);
        $this->standingJar(['name' => 'Quiet', 'shake_every_days' => 0]);
        $this->standingJar(['name' => 'Leaning']);
        $preparations = app(PreparationBook::class);
        $preparations->made($preparations->plan('oat-water', '', 100), 90, Storage::Fridge, null, Carbon::now());
        Carbon::setTestNow('2026-11-04 08:00:00');
        $line = (string) $this
            ->get('/shelf-line')
            ->assertSee('shake')
            ->assertSee('day 2')
            ->assertSee('past')
            ->getContent();
        self::assertGreaterThan(
            strpos($line, 'Oat water'),
            strpos($line, 'Leaning'),
            'what is past stands before what leans',
        );
        self::assertGreaterThan(strpos($line, 'Leaning'), strpos($line, 'Quiet'), 'and both before what wants nothing');
        self::assertSame(1, substr_count($line, ' leans'));
    }

    public function test_with_a_hundred_things_the_line_shows_some_and_counts_the_rest(): void
    {
        for ($n = 0; $n < 100; $n++) {
            $this->standingJar(['name' => "Jar $n"]);
        }
        $line = (string) $this->get('/shelf-line')->getContent();
        self::assertSame(6 * 2, substr_count($line, 'Jar '), 'six, each named on sight and on pointing');
        self::assertStringContainsString('+ 94', $line);
        $this->get('/')->assertOk()->assertSee('and 90 more on the shelf');
    }
}
