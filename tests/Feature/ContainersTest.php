<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\Container;
use App\Make\Containers;
use App\Models\Batch;
use App\Models\ShelfEntry;
use App\Shelf\ShelfBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use ZipArchive;

/** A finished batch split into containers: each with its own place, date and label. */
final class ContainersTest extends AppCase
{
    use MadeBatches;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-10 18:00:00');
    }

    /** 100 g of mashed banana: a fresh mask, two days in the fridge, thirty in the freezer. */
    private function mask(): Batch
    {
        return $this->madeOf($this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Banana mask', 'family' => 'fresh_mask',
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge'],
            'lines' => [
                ['ingredient' => 'banana-flesh', 'amount' => '92 g', 'phase' => 'water'],
                ['ingredient' => 'honey', 'amount' => '8 g', 'phase' => 'water'],
            ],
        ]), 100.0, 1);
    }

    /** @param  array<mixed>  $fields */
    private function tell(Batch $batch, string $what, array $fields = []): TestResponse
    {
        return $this->from("/batches/$batch->code")->post("/batches/$batch->code/$what", [
            'client_key' => (string) Str::uuid(), ...$fields,
        ]);
    }

    /** @param  array{string, string, string, string}  ...$rows  count, what, grams, storage */
    private function split(Batch $batch, array ...$rows): TestResponse
    {
        return $this->tell($batch, 'split', ['split' => array_map(static fn (array $row): array => [
            'count' => $row[0], 'what' => $row[1], 'grams' => $row[2], 'storage' => $row[3], 'stands' => $row[4] ?? '',
        ], $rows)]);
    }

    /** @return array<string, array{float, string, string|null}> grams left, place and date by letter */
    private static function standing(Batch $batch): array
    {
        $standing = [];
        foreach (Containers::of($batch->refresh()->load('shelfEntries'))->standing() as $one) {
            $standing[$one->letter] = [$one->left, $one->storage()->value, $one->until?->toDateString()];
        }

        return $standing;
    }

    public function test_a_tub_in_the_fridge_and_cubes_in_the_freezer_each_with_its_date_place_and_label(): void
    {
        $batch = $this->mask();
        self::assertSame('2026-11-12', $batch->best_before?->toDateString());
        $this->split($batch, ['1', 'tub', '40', 'fridge', 'door'], ['6', 'cube', '10', 'freezer'])
            ->assertSessionHasNoErrors()->assertRedirect("/batches/$batch->code#containers");
        self::assertSame([
            'A' => [40.0, 'fridge', '2026-11-12'],
            'B' => [60.0, 'freezer', '2026-12-10'],
        ], self::standing($batch));
        self::assertSame([100.0, '2026-11-12'], [$batch->grams_left, $batch->best_before?->toDateString()]);
        $this->get("/batches/$batch->code")->assertOk()
            ->assertSee('1 tub')->assertSee('6 cubes')->assertSee('in the fridge, door')->assertSee('in the freezer')
            ->assertSee('Thaw one')->assertDontSee('are in no container');
        $this->get("/batches/$batch->code/label?in=A")->assertOk()
            ->assertSee("$batch->code A")->assertSee('Keep in the fridge.')->assertSee('12 Nov 2026')
            ->assertDontSee('Keep frozen');
        $this->get("/batches/$batch->code/label?in=B")->assertOk()
            ->assertSee("$batch->code B")->assertSee('Keep frozen.')->assertSee('10 Dec 2026')
            ->assertDontSee('Keep in the fridge.');
        self::assertStringStartsWith('%PDF', (string) $this->get("/batches/$batch->code/label.pdf?in=B&count=6")
            ->assertOk()->getContent());
    }

    public function test_one_thaws_at_a_press_on_today_and_is_good_for_a_day(): void
    {
        $batch = $this->mask();
        $this->split($batch, ['1', 'tub', '40', 'fridge'], ['6', 'cube', '10', 'freezer']);
        Carbon::setTestNow('2026-11-20 18:00:00');
        $this->get('/')->assertSee('6 left in the freezer')->assertSee("/batches/$batch->code/B/thaw", false);
        $this->tell($batch, 'B/thaw', ['count' => '1', 'back' => 'today'])->assertRedirect('/');
        // the tub was never used up: past its day, and said so
        self::assertSame([
            'A' => [40.0, 'fridge', '2026-11-12'],
            'B' => [50.0, 'freezer', '2026-12-10'],
            'C' => [10.0, 'fridge', '2026-11-21'],
        ], self::standing($batch));
        self::assertSame(100.0, $batch->grams_left);
        $today = $this->get('/')->assertDontSee('left in the freezer');
        $today->assertSee('Banana mask, container A')->assertSee('Banana mask, container C')
            ->assertSee("use up the 10\u{202F}g");
        $this->get("/batches/$batch->code/label?in=C")->assertSee('don’t freeze it again')
            ->assertDontSee('Keep frozen');
        // used up: the next one is offered again
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '10', 'container' => 'C'])
            ->assertSessionHasNoErrors();
        self::assertSame(['A', 'B'], array_keys(self::standing($batch)));
        $this->get('/')->assertSee('5 left in the freezer');
    }

    public function test_what_stood_in_the_fridge_before_it_was_frozen_has_less_of_its_life_left(): void
    {
        $batch = $this->mask();
        Carbon::setTestNow('2026-11-11 18:00:00');
        $this->split($batch, ['10', 'cube', '10', 'freezer']);
        // half of its two days is used up: half of thirty days is left, from the second day on
        self::assertSame('2026-11-26', self::standing($batch)['A'][2]);
        $this->tell($batch, 'A/move', ['storage' => 'fridge', 'to' => '']);
        self::assertSame('fridge', self::standing($batch)['A'][1]);
        self::assertSame('2026-11-12', self::standing($batch)['A'][2]);
    }

    public function test_what_does_not_add_up_is_refused_beside_its_field_and_nothing_is_half_split(): void
    {
        $batch = $this->mask();
        foreach ([
            'split.0.count' => [['', 'tub', '40', 'fridge']],
            'split.1.count' => [['1', 'tub', '40', 'fridge'], ['2.5', 'cube', '10', 'freezer']],
            'split.0.grams' => [['3', 'tub', '', 'fridge']],
            'split.1.grams' => [['1', 'tub', '40', 'fridge'], ['6', 'cube', '10.2', 'freezer']],
            'split.0.storage' => [['1', 'tub', '40', 'moon']],
        ] as $field => $rows) {
            $this->split($batch, ...$rows)->assertSessionHasErrors($field);
        }
        $this->tell($batch, 'split', ['split' => 'x'])->assertSessionHasErrors('split.0.count');
        self::assertSame([], self::standing($batch));
        self::assertSame(0, ShelfEntry::query()->count());
        // half a gram is a crumb: the scale may say so
        $this->split($batch, ['1', 'tub', '40', 'fridge'], ['6', 'cube', '10.08', 'freezer'])
            ->assertSessionHasNoErrors();
    }

    public function test_more_than_is_in_a_container_does_not_come_out_of_it(): void
    {
        $batch = $this->mask();
        $this->split($batch, ['1', 'tub', '40', 'fridge'], ['5', 'cube', '10', 'freezer']);
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '41', 'container' => 'A'])
            ->assertSessionHasErrors('shelf_grams');
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '40', 'container' => 'Q'])
            ->assertSessionHasErrors('container');
        // what is in no container is ten grams
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '11'])->assertSessionHasErrors('shelf_grams');
        $this->tell($batch, 'leaves', ['kind' => 'used', 'shelf_grams' => '10'])->assertSessionHasNoErrors();
        $this->tell($batch, 'B/thaw', ['count' => '6'])->assertSessionHasErrors('count');
        $this->tell($batch, 'A/thaw', ['count' => '1'])->assertSessionHasErrors('count');
        self::assertSame(90.0, $batch->refresh()->grams_left);
    }

    public function test_it_is_taken_back_unless_something_has_happened_to_a_container_since(): void
    {
        $batch = $this->mask();
        $this->split($batch, ['4', 'jar', '25', 'freezer']);
        $split = ShelfEntry::query()->sole();
        $this->tell($batch, 'A/thaw', ['count' => '1']);
        $thawed = ShelfEntry::query()->orderByDesc('id')->firstOrFail();
        $this->tell($batch, "shelf/$split->id/undo")->assertSessionHas('refused');
        $this->tell($batch, 'leaves', [
            'kind' => 'gifted', 'shelf_grams' => '25', 'subject' => 'Odile', 'container' => 'B',
        ]);
        $this->tell($batch, "shelf/$thawed->id/undo")->assertSessionHas('refused');
        $gift = ShelfEntry::query()->where('kind', 'gifted')->sole();
        foreach ([$gift, $thawed, $split] as $entry) {
            $this->tell($batch, "shelf/$entry->id/undo")->assertSessionHasNoErrors();
        }
        self::assertSame([], self::standing($batch));
        self::assertSame([100.0, '2026-11-12'], [$batch->grams_left, $batch->best_before?->toDateString()]);
        // split again, it gets new letters: what was printed once never means something else
        $this->split($batch, ['2', 'jar', '50', 'fridge']);
        self::assertSame(['C'], array_keys(self::standing($batch)));
    }

    public function test_sent_twice_it_is_split_and_thawed_once(): void
    {
        $batch = $this->mask();
        $row = ['split' => [['count' => '4', 'what' => 'cube', 'grams' => '25', 'storage' => 'freezer']]];
        foreach (range(1, 2) as $_) {
            $this->tell($batch, 'split', [...$row, 'client_key' => 'the-same-split']);
            $this->tell($batch, 'A/thaw', ['count' => '1', 'client_key' => 'the-same-thaw']);
        }
        self::assertSame(['A' => 75.0, 'B' => 25.0], array_map(
            static fn (array $one): float => $one[0],
            self::standing($batch),
        ));
    }

    public function test_of_a_batch_without_a_date_no_container_has_one(): void
    {
        $batch = $this->mask();
        $batch->forceFill(['best_before' => null])->save();
        $this->split($batch, ['4', 'cube', '25', 'freezer']);
        self::assertNull(self::standing($batch)['A'][2]);
        $this->get("/batches/$batch->code")->assertSee('no date worked out');
    }

    public function test_what_was_written_badly_in_a_record_is_left_out(): void
    {
        $batch = $this->mask();
        $bad = [['letter' => 'a'], 'x', ['letter' => 'A', 'what' => 'boat', 'count' => 1, 'grams' => 1,
            'storage' => 'room'], ['letter' => 'B', 'what' => 'jar', 'count' => -1, 'grams' => 1, 'storage' => 'room']];
        ShelfEntry::once([
            'batch_id' => $batch->id, 'kind' => 'split', 'client_key' => 'hostile-one',
            'happened_at' => '2026-11-10 18:00',
            'recorded_at' => '2026-11-10 18:00', 'containers' => (string) json_encode([
                'days' => 'x', 'stood' => 4, 'whole' => [], 'filled' => $bad,
            ]),
        ]);
        self::assertSame([], self::standing($batch));
        $this->get("/batches/$batch->code")->assertOk();
        self::assertSame([], array_diff(Container::KINDS, array_keys(Container::SHAPES)));
    }

    public function test_the_papers_for_selling_hold_a_label_for_each(): void
    {
        $batch = $this->mask();
        $this->split($batch, ['1', 'tub', '40', 'fridge'], ['6', 'cube', '10', 'freezer']);
        $file = (string) tempnam(sys_get_temp_dir(), 'ilvane-test');
        file_put_contents($file, $this->get("/batches/$batch->code/papers.zip")->assertOk()->getContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($file));
        self::assertNotFalse($zip->getFromName("label-$batch->code-A.pdf"));
        self::assertNotFalse($zip->getFromName("label-$batch->code-B.pdf"));
        self::assertFalse($zip->getFromName("label-$batch->code.pdf"));
        $zip->close();
        unlink($file);
        self::assertSame(7, ShelfBook::containers($batch->refresh()->load('shelfEntries')));
    }
}
