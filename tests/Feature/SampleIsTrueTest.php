<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Enums\LotEntryKind;
use App\Models\Lot;
use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** The sample workroom could have happened, at whatever hour it is laid out. */
final class SampleIsTrueTest extends AppCase
{
    /** @return iterable<string, array{string}> */
    public static function hours(): iterable
    {
        foreach (['00:01', '00:59', '03:20', '07:39', '09:42', '12:00', '17:04', '23:58'] as $hour) {
            yield $hour => [$hour];
        }
        yield 'the first of March' => ['2028-03-01 06:00'];
    }

    #[DataProvider('hours')]
    public function test_nothing_is_used_before_it_was_there_and_nothing_is_read_in_the_future(string $hour): void
    {
        $now = Carbon::parse(str_contains($hour, '-') ? $hour : "2026-11-28 $hour");
        Carbon::setTestNow($now);
        $this->seed(DemoWorkroom::class);

        foreach ([
            'batch_entries' => 'recorded_at',
            'jar_entries' => 'happened_at',
            'lot_entries' => 'happened_at',
            'shelf_entries' => 'happened_at',
            'observations' => 'happened_at',
            'batches' => 'started_at',
            'lots' => 'made_at',
            'formula_versions' => 'created_at',
        ] as $table => $column) {
            self::assertGreaterThan(0, DB::table($table)->count(), $table);
            self::assertSame(
                0,
                DB::table($table)->where($column, '>', $now->toDateTimeString())->count(),
                "$table in the future",
            );
        }
        self::assertSame(0, DB::table('batches')->where('finished_at', '>', $now->toDateTimeString())->count());

        foreach (Lot::query()->with('entries')->get() as $lot) {
            $last = null;
            foreach ($lot->entries as $entry) {
                self::assertTrue(
                    $entry->happened_at >= $lot->made_at,
                    "$lot->code ($lot->name) was {$entry->kind->value} before it was there",
                );
                self::assertTrue(
                    $entry->kind !== LotEntryKind::Used
                        || $lot->opened_at === null
                        || $entry->happened_at >= $lot->opened_at,
                    "$lot->code ($lot->name) was used before it was opened",
                );
                self::assertTrue(
                    $last === null || $entry->happened_at >= $last,
                    "$lot->code ($lot->name): its story is told in the order it happened",
                );
                $last = $entry->happened_at;
            }
        }
        foreach (Batch::query()->with('entries', 'shelfEntries')->get() as $batch) {
            $last = $batch->started_at;
            foreach ($batch->entries as $entry) {
                self::assertTrue($entry->recorded_at >= $last, "$batch->code $entry->step");
                $last = $entry->recorded_at;
            }
            foreach ($batch->shelfEntries as $entry) {
                self::assertTrue(
                    $entry->happened_at >= $batch->finished_at,
                    "$batch->code left the shelf before it stood there",
                );
            }
        }
        self::assertGreaterThan(4, DB::table('lot_entries')->where('kind', 'used')->count());
    }

    public function test_its_prices_have_a_currency_and_compare_opens_on_two_that_differ(): void
    {
        $this->seed(DemoWorkroom::class);
        $this->get('/pantry/'.Lot::query()->whereNotNull('price')->firstOrFail()->code)->assertSee('€');
        $this->get('/formulas/1/compare')->assertOk()->assertSee('2.5')->assertSeeInOrder(['Version 2', 'selected']);
        $this->get('/settings')->assertSee('My money')->assertSee('value="€"', false);
    }
}
