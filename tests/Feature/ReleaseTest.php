<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Observation;
use App\Models\ShelfEntry;
use App\Shelf\ReleaseFactory;
use App\Today\CalendarFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;

/** A batch is free, held or withdrawn, and every room knows it. */
final class ReleaseTest extends AppCase
{
    use MadeBatches;

    private Batch $batch;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-10 09:00:00');
        $this->batch = $this->madeOf($this->formulaOf(SoundFormula::document()), 188.0, 2);
        Carbon::setTestNow('2026-11-12 09:00:00');
    }

    /** @param  array<string, mixed>  $fields */
    private function tell(string $what, array $fields = []): TestResponse
    {
        return $this->post(
            "/batches/{$this->batch->code}/$what",
            ['client_key' => Str::uuid()->toString(), ...$fields],
        );
    }

    private function state(): string
    {
        return app(ReleaseFactory::class)->of(Batch::query()->findOrFail($this->batch->id))->state;
    }

    /**
     * @return iterable<string, array{string, array<string, string>, string, string}> what is told; the state; what is
     *   proposed
     */
    public static function seen(): iterable
    {
        yield 'mould' => ['observations', ['place' => 'room', 'look' => 'mould'], 'held', 'withdrawn'];
        yield 'parted' => ['observations', ['place' => 'warm', 'look' => 'parted'], 'held', 'held'];
        yield 'smell' => ['observations', ['place' => 'cold', 'look' => 'smell'], 'held', 'held'];
        yield 'a rash' => ['hair', ['how' => 'rash'], 'held', 'withdrawn'];
        yield 'a pH its preservative does not hold at' => [
            'observations',
            ['place' => 'room', 'look' => 'sound', 'ph' => '8.5'],
            'held',
            'held',
        ];
        yield 'grainy is no reason' => ['observations', ['place' => 'room', 'look' => 'grainy'], 'free', ''];
        yield 'a sound sample' => ['observations', ['place' => 'room', 'look' => 'sound', 'ph' => '4.8'], 'free', ''];
        yield 'hair that did not like it' => ['hair', ['how' => 'badly'], 'free', ''];
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('seen')]
    public function test_what_is_seen_proposes_the_state(string $what, array $fields, string $state, string $asks): void
    {
        $this->tell($what, $fields)->assertSessionHasNoErrors();
        $release = app(ReleaseFactory::class)->of(Batch::query()->findOrFail($this->batch->id));
        self::assertSame([$state, $asks], [$release->state, $release->asks]);
    }

    public function test_a_held_batch_prints_no_label_and_goes_nowhere(): void
    {
        $code = $this->batch->code;
        $this->get("/batches/$code/label.pdf")->assertOk();
        self::assertStringContainsString("$code-best-before", app(CalendarFile::class)->all());
        $this->tell('observations', ['place' => 'room', 'look' => 'mould']);

        $this->get("/batches/$code/label.pdf")->assertRedirect("/batches/$code/label")->assertSessionHas('refused');
        $this
            ->get("/batches/$code/label")
            ->assertSee('No label and no papers are printed.')
            ->assertDontSee('label.pdf"', false);
        $this->get("/batches/$code/papers.zip")->assertRedirect("/batches/$code#state");
        $this->get('/labels')->assertOk()->assertDontSee($code);
        $this->get("/labels?n[$code]=4&size=62x100")->assertOk()->assertDontSee($code);
        foreach (['gifted', 'sold'] as $kind) {
            $this
                ->tell('leaves', ['kind' => $kind, 'shelf_grams' => '20', 'subject' => 'Odile'])
                ->assertSessionHasErrors('shelf_grams');
        }
        self::assertSame(188.0, $this->batch->refresh()->grams_left);
        $this->get('/')->assertSee("$code. Held until you decide. Mould was seen on");
        $this->get('/shelf')->assertSee('Held');
        self::assertStringNotContainsString("$code-best-before", app(CalendarFile::class)->all());
        $this
            ->get("/batches/$code")
            ->assertSee('Held until you decide.')
            ->assertSee('Don’t use it, give it away or sell it.');
        $this->get("/batches/$code/record.pdf")->assertOk();
    }

    public function test_what_left_before_it_was_held_can_still_be_told(): void
    {
        $this->tell('state', ['kind' => 'held', 'why' => 'the pump clogs', 'who' => 'Ines']);
        $this
            ->tell('leaves', ['kind' => 'gifted', 'shelf_grams' => '20', 'subject' => 'Odile', 'when' => '2026-11-11'])
            ->assertSessionHasNoErrors();
        $this->tell('leaves', ['kind' => 'used', 'shelf_grams' => '5'])->assertSessionHasNoErrors();
        $this
            ->tell('leaves', ['kind' => 'discarded', 'shelf_grams' => '10', 'subject' => 'parted'])
            ->assertSessionHasNoErrors();
        self::assertSame(153.0, $this->batch->refresh()->grams_left);
    }

    public function test_a_withdrawn_batch_opens_the_list_of_who_has_it(): void
    {
        $this->tell('leaves', ['kind' => 'gifted', 'shelf_grams' => '94', 'subject' => 'Odile']);
        $this->tell('leaves', ['kind' => 'sold', 'shelf_grams' => '40', 'subject' => '', 'price' => '6,50']);
        $this->tell('hair', ['how' => 'rash']);
        $this->tell('state', ['kind' => 'withdrawn', 'why' => '', 'who' => 'Ines'])->assertSessionHasErrors('why');
        $this
            ->tell('state', ['kind' => 'withdrawn', 'why' => 'skin reddened twice', 'who' => 'Ines'])
            ->assertSessionHasNoErrors();
        $this->get("/batches/{$this->batch->code}")
            ->assertSeeInOrder([
                'Tell everyone who has some',
                'Withdrawn',
                'by Ines: skin reddened twice.',
                'Who has it',
                'Odile',
                'to whom wasn’t written down',
                "54\u{202F}g left",
                'Don’t pour it down the drain',
                'Which lots went into it',
            ]);
        $this->get('/')->assertSee("{$this->batch->code}. Withdrawn on");
    }

    public function test_every_decision_is_undone_like_anything_else_and_stays_in_the_log(): void
    {
        self::assertSame('free', $this->state());
        $this->tell('state', ['kind' => 'held', 'why' => 'parts in the cold']);
        $this->tell('state', ['kind' => 'withdrawn', 'why' => 'parts everywhere']);
        self::assertSame('withdrawn', $this->state());
        $last = ShelfEntry::query()->where('kind', 'withdrawn')->sole();
        $this->tell("shelf/$last->id/undo");
        self::assertSame('held', $this->state());
        $this->tell('state', ['kind' => 'freed', 'why' => 'it was the cup']);
        self::assertSame('free', $this->state());
        $this->get("/batches/{$this->batch->code}")->assertSee('Set free on')->assertSee('parts everywhere');
        $this->get("/batches/{$this->batch->code}/label.pdf")->assertOk();
        $this->tell('state', ['kind' => 'sold', 'why' => 'x'])->assertNotFound();
    }

    public function test_a_sign_taken_back_holds_nothing_and_one_after_the_answer_asks_again(): void
    {
        $this->tell('observations', ['place' => 'room', 'look' => 'mould']);
        $this->tell('observations/'.Observation::query()->sole()->id.'/undo');
        self::assertSame('free', $this->state());
        $this->tell('observations', ['place' => 'room', 'look' => 'smell']);
        $this->tell('state', ['kind' => 'freed', 'why' => 'it was the lavender']);
        self::assertSame('free', $this->state());
        Carbon::setTestNow('2026-11-13 09:00:00');
        $this->tell('observations', ['place' => 'room', 'look' => 'mould']);
        self::assertSame('held', $this->state());
    }

    public function test_a_held_batch_that_gets_worse_is_asked_about_again(): void
    {
        $this->tell('state', ['kind' => 'held', 'why' => 'parts a little']);
        Carbon::setTestNow('2026-11-13 09:00:00');
        $this->tell('observations', ['place' => 'room', 'look' => 'mould']);
        $release = app(ReleaseFactory::class)->of(Batch::query()->findOrFail($this->batch->id));
        self::assertSame(['held', 'withdrawn'], [$release->state, $release->asks]);
        $this
            ->get("/batches/{$this->batch->code}")
            ->assertSee('parts a little')
            ->assertSee('Mould was seen on')
            ->assertSee('Withdraw it, or say why it is all right.');
    }
}
