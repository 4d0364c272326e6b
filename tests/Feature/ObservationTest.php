<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Observation;
use App\Models\StabilityTest;
use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\AppCase;

final class ObservationTest extends AppCase
{
    private Batch $batch;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seed(DemoWorkroom::class);
        Observation::query()->delete();
        StabilityTest::query()->delete();
        $this->batch = Batch::query()->where('status', 'finished')->firstOrFail();
        Carbon::setTestNow($this->batch->finished_at?->copy()->addDays(28));
    }

    private function saw(array $seen): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            route('observations.saw', $this->batch),
            ['client_key' => (string) Str::uuid(), 'place' => 'room', 'look' => 'sound', ...$seen],
        );
    }

    public function test_a_look_is_written_down_and_the_next_is_on_todays_page(): void
    {
        $this->saw(['note' => 'smells of lavender still'])->assertRedirect();
        $this
            ->get(route('batch', $this->batch))
            ->assertSeeText('Sound so far')
            ->assertSeeText('smells of lavender still')
            ->assertSeeText('Next look');
        self::assertSame(
            $this->batch->finished_at?->copy()->addDays(56)->toDateString(),
            StabilityTest::query()->firstOrFail()->look_at?->toDateString(),
        );
        Carbon::setTestNow($this->batch->finished_at?->copy()->addDays(56));
        $this->get('/')->assertSeeText('look at its samples');
    }

    public function test_what_fails_in_the_warm_is_told_in_days_of_the_room(): void
    {
        $this->saw(['place' => 'warm', 'look' => 'parted']);
        $this
            ->get(route('batch', $this->batch))
            ->assertSeeText('Warm, day 28: parted')
            ->assertSeeText('about 4 months')
            ->assertSeeText('discard the whole batch');
        $this
            ->get(route('bench', $this->batch->version->formula))
            ->assertSeeText('Seen on samples')
            ->assertSeeText('Warm, day 28: parted');
    }

    public function test_a_mistake_is_taken_back_and_the_record_keeps_both(): void
    {
        $this->saw(['place' => 'warm', 'look' => 'mould']);
        $this
            ->post(
                route('observations.undo', [$this->batch, Observation::query()->firstOrFail()]),
                ['client_key' => (string) Str::uuid()],
            )
            ->assertRedirect();
        $this->get(route('batch', $this->batch))->assertDontSeeText('discard the whole batch');
        self::assertSame(2, Observation::query()->count());
        $this->expectExceptionMessage('what was recorded stays');
        Observation::query()->firstOrFail()->forceFill(['look' => 'sound'])->save();
    }

    public function test_told_twice_it_is_written_once(): void
    {
        $key = (string) Str::uuid();
        $this->saw(['client_key' => $key]);
        $this->saw(['client_key' => $key])->assertRedirect();
        self::assertSame(1, Observation::query()->count());
    }

    public function test_what_cannot_be_is_refused_and_stays_typed(): void
    {
        $this
            ->saw(['when' => 'last summer', 'note' => 'kept'])
            ->assertSessionHasErrors('when')
            ->assertSessionHasInput('note', 'kept');
        $this->saw(['when' => '2031-01-01'])->assertSessionHasErrors('when');
        $this->saw(['when' => '2020-01-01'])->assertSessionHasErrors('when');
        $this->saw(['place' => 'attic'])->assertSessionHasErrors('place');
        $this->saw(['look' => 'undo'])->assertSessionHasErrors('look');
        self::assertSame(0, Observation::query()->count());
        $making = Batch::query()->where('status', 'making')->firstOrFail();
        $this->post(route('observations.saw', $making), ['client_key' => (string) Str::uuid()])->assertNotFound();
    }
}
