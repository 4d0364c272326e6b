<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use App\Models\Enums\BatchStatus;
use App\Models\Enums\JarEntryKind;
use App\Models\Enums\JarStatus;
use App\Models\Enums\LotEntryKind;
use App\Models\Enums\LotKind;
use App\Models\Enums\PreparationStatus;
use App\Models\Enums\SampleLook;
use App\Models\Enums\SamplePlace;
use App\Models\Enums\ShelfEntryKind;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** Closed sets: each enum has the rows of its table, and no entry stands without what its kind needs. */
final class WordTablesTest extends AppCase
{
    /** @return iterable<string, array{string, class-string<\BackedEnum>}> */
    public static function sets(): iterable
    {
        foreach ([
            'batch_statuses' => BatchStatus::class,
            'jar_statuses' => JarStatus::class,
            'preparation_statuses' => PreparationStatus::class,
            'lot_kinds' => LotKind::class,
            'storages' => Storage::class,
            'sample_places' => SamplePlace::class,
            'sample_looks' => SampleLook::class,
            'batch_entry_kinds' => BatchEntryKind::class,
            'jar_entry_kinds' => JarEntryKind::class,
            'lot_entry_kinds' => LotEntryKind::class,
            'shelf_entry_kinds' => ShelfEntryKind::class,
        ] as $table => $enum) {
            yield $table => [$table, $enum];
        }
    }

    /** @param  class-string<\BackedEnum>  $enum */
    #[DataProvider('sets')]
    public function test_an_enum_and_its_table_have_the_same_words(string $table, string $enum): void
    {
        self::assertEqualsCanonicalizing(
            array_column($enum::cases(), 'value'),
            DB::table($table)->pluck('name')->all(),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, bool}> */
    public static function entries(): iterable
    {
        yield 'a weight of nothing' => ['batch_entries', ['kind' => 'weighed', 'value' => 0], true];
        yield 'a weight below it' => ['batch_entries', ['kind' => 'weighed', 'value' => -0.01], false];
        yield 'a weight untold' => ['batch_entries', ['kind' => 'weighed'], false];
        yield 'as planned has none' => ['batch_entries', ['kind' => 'as_planned'], true];
        yield 'pH 14' => ['batch_entries', ['kind' => 'ph', 'value' => 14], true];
        yield 'pH 14.1' => ['batch_entries', ['kind' => 'ph', 'value' => 14.1], false];
        yield 'boiling oil' => ['batch_entries', ['kind' => 'temperature', 'value' => 200], true];
        yield 'hotter than any' => ['batch_entries', ['kind' => 'temperature', 'value' => 200.5], false];
        yield 'gone on with a reason' => ['batch_entries', ['kind' => 'override', 'reason' => 'It is set.'], true];
        yield 'gone on without' => ['batch_entries', ['kind' => 'override', 'reason' => ' '], false];
        yield 'a kind nobody knows' => ['batch_entries', ['kind' => 'danced'], false];
        yield 'half of it scaled away' => ['batch_entries', ['kind' => 'rescale', 'value' => 0.1], true];
        yield 'more than that' => ['batch_entries', ['kind' => 'rescale', 'value' => 0.09], false];
        yield 'used, some' => ['shelf_entries', ['kind' => 'used', 'grams' => 0.1], true];
        yield 'used, none' => ['shelf_entries', ['kind' => 'used', 'grams' => 0], false];
        yield 'held for a reason' => ['shelf_entries', ['kind' => 'held', 'subject' => 'smell'], true];
        yield 'held for none' => ['shelf_entries', ['kind' => 'held'], false];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('entries')]
    public function test_an_entry_stands_only_with_what_its_kind_needs(string $table, array $entry, bool $stands): void
    {
        DB::table('formulas')->insert(['id' => 1, 'name' => 'A', 'draft' => '{}', 'created_at' => 'x', 'updated_at' => 'x']);
        DB::table('formula_versions')
            ->insert(['id' => 1, 'formula_id' => 1, 'number' => 1, 'document' => '{}', 'created_at' => 'x']);
        DB::table('batches')->insert([
            'id' => 1, 'code' => '261129-A', 'formula_version_id' => 1, 'document' => '{}', 'at_step' => 'weigh.1',
            'started_at' => 'x', 'created_at' => 'x', 'updated_at' => 'x',
        ]);
        $row = ['batch_id' => 1, 'client_key' => 'k', 'recorded_at' => '2026-11-29 08:00:00', ...$entry];
        $row += $table === 'batch_entries' ? ['step' => 'weigh.1'] : ['happened_at' => '2026-11-29 08:00:00'];
        $stands ?: $this->expectException(QueryException::class);
        DB::table($table)->insert($row);
        self::assertSame(1, DB::table($table)->count());
        $table === 'shelf_entries'
            ?: self::assertSame($entry['kind'], BatchEntry::query()->firstOrFail()->kind->value);
    }
}
