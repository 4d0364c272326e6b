<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\Drafts\DraftFields;
use App\Ground\Drafts\DraftHistory;
use App\Models\DraftState;
use App\Models\Formula;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Ilvane\Core\Material\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\AppCase;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormula;

final class DraftHistoryTest extends AppCase
{
    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 6) as $seed) {
            yield $seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_undoing_all_the_way_and_redoing_restores_every_state_exactly(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $formula = $this->formulaOf([...RandomFormulas::seeded($seed, 1, app(Catalogue::class))][0]);
        $states = [$formula->draft];
        for ($i = 0; $i < 15; $i++) {
            Carbon::setTestNow(Carbon::now()->addMinute());
            $lines = Draft::fromStored($formula->refresh()->draft)->lines();
            $key = $lines === [] ? '' : $lines[$dice->getInt(0, count($lines) - 1)]['key'];
            $form = match ($dice->getInt(0, 5)) {
                0 => ['do' => "remove:$key"],
                1 => ['do' => "down:$key"],
                2 => ['do' => 'add:oil'],
                3 => ['do' => 'scale:factor', 'factor' => '1.7'],
                4 => ['lines' => [$key => ['amount' => $dice->getInt(1, 90).' g']]],
                default => ['name' => "Name $i", 'ph' => '5.'.$i],
            };
            $this->post("/formulas/$formula->id", $this->form($formula, $form), ['X-Live' => '1'])->assertOk();
            $state = $formula->refresh()->draft;
            if ($state !== end($states)) {
                $states[] = $state;
            }
        }
        self::assertGreaterThan(6, count($states));
        foreach (array_reverse(array_slice($states, 0, -1)) as $before) {
            $this->post(
                "/formulas/$formula->id",
                $this->form($formula->refresh(), ['do' => 'undo']),
                ['X-Live' => '1'],
            );
            self::assertSame($before, $formula->refresh()->draft);
        }
        foreach (array_slice($states, 1) as $after) {
            $this->post(
                "/formulas/$formula->id",
                $this->form($formula->refresh(), ['do' => 'redo']),
                ['X-Live' => '1'],
            );
            self::assertSame($after, $formula->refresh()->draft);
        }
    }

    public function test_one_field_typed_at_one_go_is_one_step_and_another_field_another(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        foreach (['3', '30', '300'] as $batch) {
            $this->post(
                "/formulas/$formula->id",
                $this->form($formula->refresh(), ['batch' => $batch, 'edit' => 'batchfield']),
                ['X-Live' => '1'],
            );
        }
        $this
            ->post("/formulas/$formula->id", $this->form($formula->refresh(), ['name' => 'Another']), ['X-Live' => '1'])
            ->assertSee('title="Typed: name."', false);
        $this
            ->post("/formulas/$formula->id", $this->form($formula->refresh(), ['do' => 'undo']), ['X-Live' => '1'])
            ->assertSee('title="Typed: batch."', false);
        $this->post("/formulas/$formula->id", $this->form($formula->refresh(), ['do' => 'undo']), ['X-Live' => '1']);
        self::assertSame('200', Draft::fromStored($formula->refresh()->draft)->text('batch'));
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => 'undo']), ['X-Live' => '1'])->assertOk();
        self::assertSame(
            '200',
            Draft::fromStored($formula->refresh()->draft)->text('batch'),
            'there is nothing further back',
        );
    }

    public function test_what_was_typed_with_a_press_is_its_own_step(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $key = $this->lineKey($formula, 1);
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['name' => 'Typed before', 'do' => "remove:$key"]),
                ['X-Live' => '1'],
            )
            ->assertSee('Glycerin is taken out');
        $this->post("/formulas/$formula->id", $this->form($formula->refresh(), ['do' => 'undo']), ['X-Live' => '1']);
        self::assertSame(
            ['Typed before', 5],
            [$formula->refresh()->name, count(Draft::fromStored($formula->draft)->lines())],
        );
    }

    public function test_a_line_is_drawn_to_a_weight_in_its_own_measure(): void
    {
        $document = SoundFormula::document();
        $document['lines'][1]['amount'] = '1 tbsp';
        $formula = $this->formulaOf($document);
        foreach ([
            0 => ['to 100', 'to 100'],
            1 => ['14.23 g', '14.23'],
            2 => ['7.1 %', '14.23'],
            4 => ['0.75 %', '1.5'],
        ] as $line => [$expected, $grams]) {
            $this
                ->post(
                    "/formulas/$formula->id",
                    $this->form(
                        $formula->refresh(),
                        ['do' => 'weigh:'.$this->lineKey($formula, $line).':'.($grams === 'to 100' ? '20' : $grams)],
                    ),
                    ['X-Live' => '1'],
                )
                ->assertOk();
            self::assertSame($expected, Draft::fromStored($formula->refresh()->draft)->lines()[$line]['amount']);
        }
    }

    public function test_two_windows_that_changed_different_fields_are_brought_together(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        [$water, $glycerin, $wax] = array_column(Draft::fromStored($formula->draft)->lines(), 'key');
        $mine = $this->form($formula, ['lines' => [$glycerin => ['amount' => '2 %']]]);
        $this->post(
            "/formulas/$formula->id",
            $this->form($formula, ['name' => 'Theirs', 'lines' => [$wax => ['amount' => '5 %']]]),
            ['X-Live' => '1'],
        );
        $this->post("/formulas/$formula->id", $this->form($formula->refresh(), ['do' => 'add:oil']), ['X-Live' => '1']);
        $this->post("/formulas/$formula->id", $mine, ['X-Live' => '1'])->assertOk()->assertSee('Brought together');
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertSame(
            ['Theirs', '2 %', '5 %', 6],
            [$draft->text('name'), $draft->lines()[1]['amount'], $draft->lines()[2]['amount'], count($draft->lines())],
        );
        self::assertSame($water, $draft->lines()[0]['key']);
    }

    public function test_a_line_taken_out_here_and_changed_there_is_asked_about_once(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $key = $this->lineKey($formula, 1);
        $mine = $this->form(
            $formula,
            [
                'batch' => '333',
                'lines' => [$key => ['ingredient' => 'propanediol', 'name' => 'Propanediol', 'amount' => '2 %']],
            ],
        );
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => "remove:$key"]), ['X-Live' => '1']);
        $revision = $formula->refresh()->revision;
        $answer = $this->post("/formulas/$formula->id", $mine, ['X-Live' => '1'])->assertStatus(409);
        self::assertSame(1, substr_count((string) $answer->getContent(), '<li>line 2, '));
        self::assertSame($revision, $formula->refresh()->revision, 'nothing is saved before it is answered');
        $this->post("/formulas/$formula->id", [...$mine, 'do' => 'yield'], ['X-Live' => '1'])->assertOk();
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertSame(
            ['333', 4],
            [$draft->text('batch'), count($draft->lines())],
            'theirs about the line, mine about the rest',
        );
        $this->post("/formulas/$formula->id", [...$mine, 'do' => 'overwrite'], ['X-Live' => '1'])->assertOk();
        self::assertSame(
            ['propanediol', '2 %'],
            [
                Draft::fromStored($formula->refresh()->draft)->lines()[1]['ingredient'],
                Draft::fromStored($formula->draft)->lines()[1]['amount'],
            ],
        );
    }

    public function test_merging_never_loses_a_field_only_one_side_changed(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        foreach (RandomFormulas::seeded(12, 40, app(Catalogue::class)) as $document) {
            $base = Draft::fromDocument($document)->settled(app(Catalogue::class));
            $sides = array_map(function () use ($base, $dice): Draft {
                $side = $base;
                foreach ($base->lines() as $line) {
                    $side = match ($dice->getInt(0, 4)) {
                        0 => $side->without($line['key']),
                        1 => $side->moved($line['key'], 1),
                        2 => $side->weighed($line['key'], $dice->getInt(1, 50), 100),
                        default => $side,
                    };
                }

                return $dice->getInt(0, 1) === 1 ? $side->withLine('oil') : $side;
            }, [0, 1]);
            [$merged, $contested] = DraftFields::merged($base, $sides[0], $sides[1]);
            $lost = array_filter([
                ...DraftFields::changed($base, $sides[0]),
                ...DraftFields::changed($base, $sides[1]),
            ], static fn (string $field): bool => $field !== 'order' && ! in_array($field, $contested, true)
                && in_array($field, DraftFields::changed($merged, $sides[0]), true)
                    && in_array($field, DraftFields::changed($merged, $sides[1]), true)
                    && ! str_starts_with($field, 'line/'));
            self::assertSame([], $lost);
            self::assertSame(
                [],
                DraftFields::changed(DraftFields::merged($base, $sides[0], $base)[0], $sides[0]),
                'against no change, mine stays mine',
            );
            self::assertSame(
                [],
                DraftFields::changed(DraftFields::merged($base, $base, $sides[1])[0], $sides[1]),
                'and theirs theirs',
            );
            self::assertSame(
                [],
                DraftFields::changed(DraftFields::merged($base, $sides[0], $sides[0])[0], $sides[0]),
                'the same twice is the same',
            );
        }
    }

    public function test_states_too_old_to_remember_ask_and_a_state_never_changes(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $book = app(FormulaBook::class);
        foreach (range(1, 160) as $n) {
            Carbon::setTestNow(Carbon::now()->addMinute());
            $book->save(
                $formula,
                Draft::fromStored($formula->refresh()->draft)->withForm(['batch' => (string) (100 + $n)]),
                ['typed', ''],
            );
        }
        self::assertLessThanOrEqual(160, DraftState::query()->count());
        self::assertNull(DraftHistory::of($formula->refresh())->stateAt(1));
        $this
            ->post("/formulas/$formula->id", ['revision' => 1, 'name' => 'x'], ['X-Live' => '1'])
            ->assertStatus(409)
            ->assertDontSee('<li>', false);
        self::assertSame('260', Draft::fromStored(Formula::query()->findOrFail($formula->id)->draft)->text('batch'));
        $this->expectException(QueryException::class);
        DraftState::query()->first()?->update(['did' => 'forged']);
    }
}
