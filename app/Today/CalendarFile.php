<?php

declare(strict_types=1);

namespace App\Today;

use App\Infusions\JarStoryFactory;
use App\Models\Batch;
use App\Models\Enums\LotKind;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\StabilityTest;
use App\Projects\ProjectStarts;
use App\Shelf\ReleaseFactory;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\Infusion;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/**
 * What stands in the workroom as iCalendar (RFC 5545): shakes as a recurring event, the window to strain in, the
 * straining and the use-bys with an alarm. Whole days where a day is meant, UTC where an hour is.
 */
final class CalendarFile
{
    private const NAME = 'calendar';

    private const MOST_JARS = 500;

    private const MOST_LOTS = 500;

    /** Of this machine, and unlike any other calendar's. */
    private const DOMAIN = 'workroom.invalid';

    public function __construct(
        private readonly ReleaseFactory $releases,
        private readonly JarStoryFactory $jarStories,
        private readonly ProjectStarts $projects,
    ) {
    }

    public function all(): string
    {
        $calendar = self::begin();
        foreach (Jar::query()
            ->where('status', 'standing')
            ->with('entries')
            ->orderBy('strain_at')
            ->limit(self::MOST_JARS)
            ->get() as $jar) {
            $this->addJar($calendar, $jar);
        }
        foreach (Lot::atHand()
            ->whereNotNull('good_until')
            ->orderBy('good_until')
            ->limit(self::MOST_LOTS)
            ->get() as $lot) {
            self::addLot($calendar, $lot);
        }
        foreach (Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->whereNotNull('best_before')
            ->orderBy('best_before')
            ->limit(self::MOST_LOTS)
            ->with(
                'shelfEntries',
                'observations',
            )->get() as $batch) {
            // what is held or withdrawn is not to be used up
            $this->releases->of($batch)->isFree() ? self::addBatch($calendar, $batch) : null;
        }
        foreach (StabilityTest::query()
            ->whereNotNull('look_at')
            ->with('batch')
            ->orderBy('look_at')
            ->limit(self::MOST_JARS)
            ->get() as $watch) {
            $look = ($watch->look_at ?? Carbon::now())->copy()->startOfDay();
            self::day(
                $calendar,
                "{$watch->batch->code}-look",
                say('today.calendar_look', ['name' => self::named($watch->batch)]),
                $look,
                $look->copy()->addDay(),
            );
        }

        foreach ($this->projects->all(self::MOST_JARS) as $want) {
            $said = say("projects.calendar.$want->what", ['part' => $want->name, 'name' => $want->formula->name]);
            $event = self::event($calendar, $want->uid, $said);
            $event->add('DTSTART', $want->at->copy()->utc()->toDateTimeImmutable());
            $event->add('DURATION', 'PT15M');
            self::alarm($calendar, $event, $said, '-PT15M');
        }

        return $calendar->serialize();
    }

    public function ofJar(Jar $jar): string
    {
        $calendar = self::begin();
        $this->addJar($calendar, $jar);

        return $calendar->serialize();
    }

    private static function begin(): VCalendar
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Ilvane//Workroom//EN',
            'VERSION' => '2.0',
            'CALSCALE' => 'GREGORIAN',
        ]);
        $calendar->add('X-WR-CALNAME', say('today.calendar_name'));

        return $calendar;
    }

    private function addJar(VCalendar $calendar, Jar $jar): void
    {
        $story = $this->jarStories->of($jar);
        $plan = $story->plan;
        $strain = say('today.calendar_strain', ['name' => $jar->name]);
        if ($jar->strain_at === null) {
            return;
        }
        if ($jar->shake_at !== null && $jar->shake_at->lessThan($jar->strain_at)) {
            $first = max($jar->shake_at->copy()->startOfDay(), Carbon::now()->startOfDay());
            $every = max(1, (int) round($plan->shakeEveryDays));
            if ($first->lessThan($jar->strain_at)) {
                $event = self::day(
                    $calendar,
                    "$jar->code-shake",
                    say('today.calendar_shake', ['name' => $jar->name]),
                    $first,
                    $first->copy()->addDay(),
                );
                $event->add(
                    'RRULE',
                    "FREQ=DAILY;INTERVAL=$every;UNTIL=".$jar->strain_at->copy()->subDay()->format('Ymd'),
                );
            }
        }
        if ($plan->inMinutes) {
            $event = self::event($calendar, "$jar->code-strain", $strain);
            $event->add('DTSTART', $jar->strain_at->copy()->utc()->toDateTimeImmutable());
            $event->add('DTEND', $jar->strain_at->copy()->utc()->addMinutes(15)->toDateTimeImmutable());
            self::alarm($calendar, $event, $strain, '-PT5M');

            return;
        }
        if ($jar->ready_at !== null) {
            $close = $story->at(min(
                Infusion::LONGEST_DAYS,
                max($plan->days, $story->ready() ?? 0.0) + 7,
            ));
            $close = $jar->too_strong_at !== null && $jar->too_strong_at->greaterThan($jar->ready_at)
                ? min($close, $jar->too_strong_at)
                : $close;
            if ($close->greaterThan($jar->ready_at)) {
                self::day(
                    $calendar,
                    "$jar->code-window",
                    say('today.calendar_window', ['name' => $jar->name]),
                    $jar->ready_at,
                    $close->copy()->addDay(),
                );
            }
        }
        $event = self::day($calendar, "$jar->code-strain", $strain, $jar->strain_at, $jar->strain_at->copy()->addDay());
        self::alarm($calendar, $event, $strain, 'PT9H');
    }

    private static function addBatch(VCalendar $calendar, Batch $batch): void
    {
        $day = ($batch->best_before ?? Carbon::now())->copy()->startOfDay();
        $said = say('today.calendar_use_by', ['name' => self::named($batch)]);
        self::alarm(
            $calendar,
            self::day($calendar, "$batch->code-best-before", $said, $day, $day->copy()->addDay()),
            $said,
            '-P7D',
        );
    }

    private static function named(Batch $batch): string
    {
        return is_string($batch->document['name'] ?? null) ? $batch->document['name'] : $batch->code;
    }

    private static function addLot(VCalendar $calendar, Lot $lot): void
    {
        if ($lot->good_until === null) {
            return;
        }
        $said = say('today.calendar_use_by', ['name' => $lot->name]);
        if ($lot->kind === LotKind::Preparation && $lot->storage !== Storage::Freezer) {
            $event = self::event($calendar, "$lot->code-use-by", $said);
            $event->add('DTSTART', $lot->good_until->copy()->utc()->toDateTimeImmutable());
            $event->add('DURATION', 'PT15M');
            self::alarm($calendar, $event, $said, '-PT3H');

            return;
        }
        $event = self::day($calendar, "$lot->code-use-by", $said, $lot->good_until, $lot->good_until->copy()->addDay());
        self::alarm($calendar, $event, $said, '-P7D');
    }

    private static function event(VCalendar $calendar, string $id, string $summary): VEvent
    {
        /** @var VEvent $event */
        $event = $calendar->add(
            'VEVENT',
            [
                'UID' => "$id@".self::DOMAIN,
                'SUMMARY' => $summary,
                'DTSTAMP' => Carbon::now()->utc()->toDateTimeImmutable(),
            ],
        );

        return $event;
    }

    /** From a day up to and without another. */
    private static function day(VCalendar $calendar, string $id, string $summary, Carbon $from, Carbon $to): VEvent
    {
        $event = self::event($calendar, $id, $summary);
        $event->add('DTSTART', $from->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $to->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('TRANSP', 'TRANSPARENT');

        return $event;
    }

    private static function alarm(VCalendar $calendar, VEvent $event, string $said, string $trigger): void
    {
        $event->add($calendar->createComponent(
            'VALARM',
            ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $said, 'TRIGGER' => $trigger],
        ));
    }

    /** The address a calendar reads this workroom at; null until one was made. */
    public static function address(): ?string
    {
        $token = self::token();

        return $token === null ? null : route('calendar.feed', $token);
    }

    public static function token(): ?string
    {
        $stored = DB::table('settings')->where('name', self::NAME)->value('value');
        $value = is_string($stored) ? json_decode($stored, true) : null;

        return is_array($value) && is_string($value['token'] ?? null) ? $value['token'] : null;
    }

    /** Makes an address anew; whoever had the old one reads nothing any more. */
    public static function newAddress(): void
    {
        DB::table('settings')->upsert(
            [[
                'name' => self::NAME,
                'value' => json_encode(['token' => bin2hex(random_bytes(16))], JSON_THROW_ON_ERROR),
                'updated_at' => Carbon::now()->toDateTimeString(),
            ]],
            ['name'],
            ['value', 'updated_at'],
        );
    }
}
