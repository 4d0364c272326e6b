<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Material\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** What is made first, on the bench: added, changed, taken apart, and judged where it stands. */
final class BenchPartsTest extends AppCase
{
    /** @return array<string, mixed> ilvane.formula/1 with a tea and an infused oil in it */
    private static function withParts(): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Nettle leave-in', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200], 'ph' => 5,
            'parts' => [
                ['key' => 'nettle-tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => [
                    ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '240 g'],
                ], 'process' => ['steps' => [['do' => 'steep', 'minutes' => 20], ['do' => 'strain']]],
                    'good_for_hours' => 48],
                ['key' => 'calendula-oil', 'name' => 'Calendula oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'calendula-dried', 'amount' => '6 g', 'key' => 'petals'],
                    ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '60 g'],
                ], 'gives' => ['amount' => '48 g', 'basis' => 'weighed']],
            ],
            'lines' => [
                ['part' => 'nettle-tea', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '3 %', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '5 %', 'phase' => 'oil'],
                ['part' => 'calendula-oil', 'amount' => '12 %', 'phase' => 'oil'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
            ],
        ];
    }

    private function press(Formula $formula, string $do, array $changes = []): Draft
    {
        $this->post("/formulas/$formula->id", $this->form($formula, [...$changes, 'do' => $do]))->assertRedirect();

        return Draft::fromStored($formula->refresh()->draft);
    }

    private function weighed(Draft $draft, string $part): ?WeighedPart
    {
        return app(Evaluator::class)->weigh($draft->formula()[0])->part($part);
    }

    public function test_a_draft_gives_back_the_parts_it_was_given(): void
    {
        $before = FormulaDocument::write(FormulaDocument::read(self::withParts()));
        $draft = Draft::fromStored(json_decode((string) json_encode(Draft::fromDocument($before)->toStored()), true));
        [$formula, $problems] = $draft->settled(app(Catalogue::class))->formula();
        self::assertSame([], $problems);
        self::assertEquals($before['parts'], FormulaDocument::write($formula)['parts']);
        self::assertSame(['Nettle tea', 'Calendula oil'], [$draft->lines()[0]['name'], $draft->lines()[3]['name']]);
    }

    public function test_a_draft_of_before_the_parts_could_be_seen_still_has_them(): void
    {
        $stored = Draft::fromDocument(self::withParts())->toStored();
        $old = [
            'text' => $stored['text'],
            'lines' => array_map(
                static fn (array $line): array => array_diff_key($line, ['in' => true]),
                array_values(array_filter($stored['lines'], static fn (array $line): bool => $line['in'] === '')),
            ),
            'rest' => ['parts' => self::withParts()['parts']],
        ];
        $draft = Draft::fromStored($old);
        self::assertCount(5, $draft->lines());
        $inside = array_column($draft->linesOf('nettle-tea'), 'ingredient');
        self::assertSame(['nettle-dried', 'distilled-water'], $inside);
    }

    public function test_the_bench_shows_what_each_gives_and_what_is_over(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $this->get("/formulas/$formula->id")
            ->assertOk()
            ->assertSeeInOrder(['Made first', 'Nettle tea', 'go in', 'are left over', 'good for 48 h', 'Calendula oil',
                "48\u{202F}g", "24\u{202F}g go in", "24\u{202F}g are left over", 'The product'], false);
    }

    /** A tea of 8 g plant and 220 g water gives 132 to 209 g, about 176: 120 g are sure, 153 g aren't. */
    public function test_where_little_may_come_out_what_would_be_missing_is_told(): void
    {
        $tea = [['key' => 'tea', 'name' => 'Tea', 'makes' => 'tea', 'lines' => [
            ['ingredient' => 'linden-flower-dried', 'amount' => '8 g'],
            ['ingredient' => 'distilled-water', 'amount' => '220 g'],
        ]]];
        foreach (['153 g' => true, '120 g' => false, '190 g' => false] as $taken => $mayMiss) {
            $formula = $this->formulaOf([
                ...self::withParts(), 'name' => "With $taken", 'parts' => $tea,
                'lines' => [['part' => 'tea', 'amount' => $taken, 'phase' => 'water']],
            ]);
            $page = $this->get("/formulas/$formula->id")->assertOk()->assertSee('132–209');
            $mayMiss
                ? $page->assertSee("where little comes out, up to 21\u{202F}g are missing", false)
                : $page->assertDontSee('where little comes out');
        }
        $weighed = $this->formulaOf([
            ...self::withParts(), 'name' => 'Weighed',
            'parts' => [[...$tea[0], 'gives' => ['amount' => '176 g', 'basis' => 'weighed']]],
            'lines' => [['part' => 'tea', 'amount' => '153 g', 'phase' => 'water']],
        ]);
        $this->get("/formulas/$weighed->id")->assertSee("23\u{202F}g are left over", false)
            ->assertDontSee('where little comes out');
    }

    public function test_what_is_typed_in_a_part_counts_and_scales(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $water = Draft::fromStored($formula->draft)->linesOf('nettle-tea')[1]['key'];
        $draft = $this->press($formula, '', ['lines' => [$water => ['amount' => '300 g']]]);
        self::assertSame('300 g', $draft->linesOf('nettle-tea')[1]['amount']);
        $draft = $this->press($formula, 'scale:factor', ['factor' => '2']);
        self::assertSame('600 g', $draft->linesOf('nettle-tea')[1]['amount']);
        self::assertSame('96 g', $draft->parts()[1]['gives']);
    }

    public function test_what_it_gives_is_a_weight_or_asked_again_and_stays_typed(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $draft = $this->press($formula, '', ['parts' => ['nettle-tea' => ['gives' => 'plenty']]]);
        self::assertSame('plenty', $draft->parts()[0]['gives']);
        $this->get("/formulas/$formula->id")->assertSee('A weight or a measure, like 180 g or 1 cup.')
            ->assertSee('value="plenty"', false);
        $draft = $this->press($formula, '', ['parts' => ['nettle-tea' => ['gives' => '180 g']]]);
        self::assertEqualsWithDelta(180.0, $this->weighed($draft, 'nettle-tea')?->gives?->likely, 0.01);
        self::assertSame('planned', $draft->document()[0]['parts'][0]['gives']['basis']);
        self::assertSame('weighed', $draft->document()[0]['parts'][1]['gives']['basis'], 'the other stays as weighed');
    }

    public function test_something_made_first_is_added_with_a_line_that_takes_of_it(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $lines = count(Draft::fromStored($formula->draft)->lines());
        $draft = $this->press($formula, 'part:add:tea');
        self::assertSame(['tea-1', 'Tea', 'tea'], array_values(array_slice($draft->parts()[0], 0, 3)));
        self::assertCount($lines + 1, $draft->lines());
        self::assertCount(1, $draft->linesOf('tea-1'));
        $draft = $this->press($formula, 'add:in.tea-1');
        self::assertCount(2, $draft->linesOf('tea-1'));
        $draft = $this->press($formula, 'undo');
        self::assertCount(1, $draft->linesOf('tea-1'));
        $draft = $this->press($formula, 'undo');
        self::assertSame([], $draft->parts());
        self::assertCount($lines, $draft->lines());
    }

    public function test_a_line_is_made_instead_of_bought_and_bought_again(): void
    {
        $document = SoundFormula::document();
        $document['lines'][] = ['ingredient' => 'hibiscus-dried', 'amount' => '10 g', 'phase' => 'water'];
        $formula = $this->formulaOf($document);
        $key = array_column(Draft::fromStored($formula->draft)->lines(), 'key', 'ingredient')['hibiscus-dried'];
        $draft = $this->press($formula, "part:of:$key=tea");
        self::assertSame(['hibiscus-dried', 'distilled-water'], array_column($draft->linesOf('tea-1'), 'ingredient'));
        self::assertSame('10 g', $draft->linesOf('tea-1')[0]['amount']);
        $isTaking = static fn (array $line): bool => isset($line['rest']['part']);
        $taking = array_values(array_filter($draft->lines(), $isTaking));
        self::assertSame(
            ['tea-1', 'water', ''],
            [$taking[0]['rest']['part'], $taking[0]['phase'], $taking[0]['amount']],
        );
        self::assertStringContainsString('Hibiscus', $taking[0]['name']);

        $this->press($formula, '', ['parts' => ['tea-1' => ['name' => 'Hibiscus tea']]]);
        $draft = $this->press($formula, 'part:line:tea-1');
        self::assertSame([], $draft->parts());
        self::assertContains('hibiscus-tea', array_column($draft->lines(), 'ingredient'));
    }

    public function test_a_line_goes_from_the_product_into_a_part_and_back(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $glycerin = array_column(Draft::fromStored($formula->draft)->lines(), 'key', 'ingredient')['glycerin'];
        $draft = $this->press($formula, '', ['lines' => [$glycerin => ['in' => 'nettle-tea']]]);
        self::assertSame('glycerin', $draft->linesOf('nettle-tea')[2]['ingredient']);
        self::assertCount(4, $draft->lines());
        $draft = $this->press($formula, '', ['lines' => [$glycerin => ['in' => 'nobody']]]);
        self::assertCount(5, $draft->lines(), 'a part that is none: the product');
        $this->press($formula, "up:$glycerin");
        $draft = $this->press($formula, '', ['lines' => [$glycerin => ['in' => '']]]);
        self::assertCount(5, $draft->lines());
    }

    public function test_a_part_taken_out_takes_its_lines_along_and_comes_back(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $before = Draft::fromStored($formula->draft)->document();
        $draft = $this->press($formula, 'part:remove:nettle-tea');
        self::assertCount(1, $draft->parts());
        self::assertCount(4, $draft->lines());
        self::assertEquals($before, $this->press($formula, 'undo')->document());
        $this->post("/formulas/$formula->id", $this->form($formula, ['do' => 'part:remove:nobody']))
            ->assertSessionHas('refused');
    }

    public function test_no_part_is_made_of_itself(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $inside = Draft::fromStored($formula->draft)->linesOf('nettle-tea')[0]['key'];
        $draft = $this->press($formula, '', ['lines' => [$inside => ['name' => 'Calendula oil', 'ingredient' => '']]]);
        self::assertSame('calendula-oil', $draft->linesOf('nettle-tea')[0]['rest']['part'] ?? null);
        $ring = $draft->linesOf('calendula-oil')[1]['key'];
        $draft = $this->press($formula, '', ['lines' => [$ring => ['name' => 'Nettle tea', 'ingredient' => '']]]);
        self::assertArrayNotHasKey('part', $draft->linesOf('calendula-oil')[1]['rest']);
        self::assertSame('Nettle tea', $draft->linesOf('calendula-oil')[1]['name']);
        $this->get("/formulas/$formula->id")->assertOk()->assertSee(__('findings.unread.ring'));
    }

    public function test_six_parts_in_each_other_are_too_many_and_nothing_breaks(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        foreach (range(1, 6) as $n) {
            $this->press($formula, 'part:add:mix');
            $this->press($formula, '', ['parts' => ["mix-$n" => ['name' => "Stage $n"]]]);
        }
        foreach (range(2, 6) as $n) {
            $line = Draft::fromStored($formula->refresh()->draft)->linesOf("mix-$n")[0]['key'];
            $this->press($formula, '', ['lines' => [$line => ['name' => 'Stage '.($n - 1), 'amount' => '5 g']]]);
            $this->get("/formulas/$formula->id")->assertOk();
        }
        $refused = Draft::fromStored($formula->refresh()->draft)->linesOf('mix-6')[0];
        self::assertSame('ring', $refused['rest']['refused'] ?? null);
        self::assertArrayNotHasKey('part', $refused['rest']);
    }

    /** @return iterable<string, array{list<array{string, string, string}>, string, list<string>, float}> */
    public static function strained(): iterable
    {
        yield 'a liquid in the lane carries' => [[
            ['calendula-dried', '10 g', 'infusion'], ['sunflower-oil', '100 g', 'infusion'],
            ['castor-oil', '20 g', 'oil'],
        ], 'infused_oil', ['calendula-dried', 'sunflower-oil'], 110.0];
        yield 'no liquid, of fats: its oils carry' => [[
            ['calendula-dried', '10 g', 'infusion'], ['sunflower-oil', '100 g', 'oil'],
        ], 'infused_oil', ['calendula-dried', 'sunflower-oil'], 110.0];
    }

    /**
     * @param  list<array{string, string, string}>  $lines
     * @param  list<string>  $inside
     */
    #[DataProvider('strained')]
    public function test_the_old_lane_becomes_a_part_that_is_all_used(
        array $lines,
        string $makes,
        array $inside,
        float $put,
    ): void {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Calendula', 'family' => 'hair_oil',
            'lines' => array_map(static fn (array $line): array => [
                'ingredient' => $line[0], 'amount' => $line[1], 'phase' => $line[2],
            ], $lines),
        ]);
        $draft = $this->press($formula, 'part:strained');
        $part = $draft->parts()[0];
        self::assertSame($makes, $part['makes']);
        self::assertEqualsCanonicalizing($inside, array_column($draft->linesOf($part['key']), 'ingredient'));
        self::assertNotContains('infusion', array_column($draft->lines(), 'phase'));
        $weighed = $this->weighed($draft, $part['key']);
        self::assertEqualsWithDelta($put, $weighed?->put->total?->likely, 0.01);
        $taken = app(Evaluator::class)->weigh($draft->formula()[0])->takersOf($part['key'])[0]->grams?->likely;
        self::assertEqualsWithDelta($weighed->gives->likely ?? 0.0, $taken, 0.06, 'all of it, to a tenth of a gram');
    }

    public function test_a_finding_stands_at_the_line_of_the_part_it_speaks_of(): void
    {
        $document = self::withParts();
        $document['parts'][1]['lines'][0] = ['ingredient' => 'aloe-leaf-fresh', 'amount' => '20 g'];
        $formula = $this->formulaOf($document);
        $row = Draft::fromStored($formula->draft)->linesOf('calendula-oil')[0]['key'];
        $page = (string) $this->get("/formulas/$formula->id")->assertOk()->getContent();
        self::assertMatchesRegularExpression("/id=\"row-$row\"/", $page);
        self::assertMatchesRegularExpression("/class=\"[^\"]*sev-stop[^\"]*\"[^>]*data-row=\"$row\"/", $page);
    }

    public function test_two_windows_at_one_part_keep_both(): void
    {
        $formula = $this->formulaOf(self::withParts());
        $second = $this->form($formula, ['parts' => ['nettle-tea' => ['name' => 'Strong nettle tea']]]);
        $line = Draft::fromStored($formula->draft)->linesOf('nettle-tea')[1]['key'];
        $this->press($formula, '', ['lines' => [$line => ['amount' => '250 g']]]);
        $this->post("/formulas/$formula->id", [
            ...$second,
            'based' => '1',
            'was' => ['parts' => ['nettle-tea' => ['name' => 'Nettle tea']]],
        ], ['X-Live' => '1']);
        $draft = Draft::fromStored($formula->refresh()->draft);
        self::assertSame('Strong nettle tea', $draft->parts()[0]['name']);
        self::assertSame('250 g', $draft->linesOf('nettle-tea')[1]['amount']);
        self::assertSame('Strong nettle tea', $draft->lines()[0]['name']);
    }
}
