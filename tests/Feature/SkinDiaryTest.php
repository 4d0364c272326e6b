<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lot;
use App\Models\LotEntry;
use App\Pantry\LotBook;
use App\Pantry\SkinDiary;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** How hot oils felt on one's own skin, and the line that follows in the next jar of their plants. */
final class SkinDiaryTest extends AppCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-15 12:00:00');
    }

    private function oil(string $plant, float $strength): Lot
    {
        return app(LotBook::class)->putThinned('Oil', [
            'format' => 'ilvane.formula/1', 'name' => 'Oil', 'family' => 'infused_oil',
            'lines' => [
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '200 g', 'phase' => 'oil'],
                ['ingredient' => $plant, 'amount' => '10 g', 'phase' => 'infusion', 'prepared' => 'dried'],
            ],
        ], 100.0, $strength, null, Carbon::now());
    }

    private function tell(Lot $lot, string $minutes, string $felt, string $key = ''): TestResponse
    {
        return $this->from("/pantry/$lot->code")->post("/pantry/$lot->code/skin", [
            'client_key' => $key !== '' ? $key : (string) Str::uuid(), 'minutes' => $minutes, 'felt' => $felt,
        ]);
    }

    public function test_tries_are_written_down_and_give_a_limit_for_all_oils_of_the_plant(): void
    {
        [$weak, $strong] = [$this->oil('cayenne-powder', 0.5), $this->oil('cayenne-powder', 2.0)];
        $this->get("/pantry/$weak->code")->assertOk()->assertSee('Skin diary')->assertSee('Not for children');
        $this->tell($weak, '20', 'warm')->assertSessionHasNoErrors();
        $this->get("/pantry/$strong->code")->assertSee('Fine on your skin so far at a strength of 0.5, for 20 min.');
        $this->tell($strong, '5', 'burning')->assertSessionHasNoErrors();
        $this->get("/pantry/$weak->code")->assertSee('Fine on your skin at a strength of 0.5, too much at 2.')
            ->assertSee('20 min, pleasantly warm');
        self::assertSame(100.0, $weak->refresh()->grams_left, 'a try takes nothing from the stock that was not told');
        // taken back, it counts no more
        $entry = LotEntry::query()->where('lot_id', $strong->id)->sole();
        $this->post("/pantry/$strong->code/undo/$entry->id", ['client_key' => (string) Str::uuid()]);
        self::assertNull(app(SkinDiary::class)->limit(['cayenne-powder'])?->tooMuch);
        // another plant is another matter
        self::assertNull(app(SkinDiary::class)->limit(['mustard-seed']));
    }

    public function test_the_line_stands_in_the_curve_of_the_next_jar(): void
    {
        $this->tell($this->oil('cayenne-powder', 0.3), '20', 'warm');
        Carbon::setTestNow('2026-12-16 12:00:00');
        $hot = $this->standingJar([
            'plants' => [['ingredient' => 'cayenne-powder', 'amount' => '30 g', 'form' => 'powder']],
        ]);
        $mild = $this->standingJar();
        Carbon::setTestNow('2026-12-26 12:00:00');
        $this->get("/infusions/$hot->id")->assertOk()->assertSee('fine on my skin: 0.3');
        $this->get("/infusions/$mild->id")->assertOk()->assertDontSee('on my skin');
    }

    public function test_what_is_no_try_is_refused_beside_its_field(): void
    {
        $hot = $this->oil('cayenne-powder', 0.5);
        foreach (['', '0', '-5', '1441', 'long'] as $minutes) {
            $this->tell($hot, $minutes, 'warm')->assertSessionHasErrors('minutes');
        }
        $this->tell($hot, '1440', 'lovely')->assertSessionHasErrors('felt');
        $mild = $this->oil('calendula-dried', 0.5);
        $this->get("/pantry/$mild->code")->assertDontSee('Skin diary');
        $this->tell($mild, '5', 'warm')->assertSessionHasErrors('minutes');
        self::assertSame(0, LotEntry::query()->count());
        $this->tell($hot, '5', 'warm', 'the-same-one');
        $this->tell($hot, '5', 'warm', 'the-same-one')->assertSessionHasNoErrors();
        self::assertSame(1, LotEntry::query()->count());
    }
}
