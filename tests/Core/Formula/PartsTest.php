<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Things made first and used in the lines: weighed, strained and opened down to what is in them. */
final class PartsTest extends CoreCase
{
    /** @param  list<array<string, mixed>>  $lines */
    private static function tea(array $lines, array $more = []): array
    {
        return ['key' => 'nettle-tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => $lines, ...$more];
    }

    /** A spray of a tea of 6 g nettle in 240 g water. */
    private static function spray(string $amount = '150 g', array $more = []): array
    {
        return [
            ...self::document([], ['family' => 'water_spray', 'batch' => null]),
            'parts' => [self::tea([
                ['ingredient' => 'nettle-dried', 'amount' => '6 g'],
                ['ingredient' => 'distilled-water', 'amount' => '240 g'],
            ], $more)],
            'lines' => [
                ['part' => 'nettle-tea', 'amount' => $amount, 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '6 g', 'phase' => 'water'],
            ],
        ];
    }

    /** @return list<string> */
    private static function codes(array $document): array
    {
        return self::evaluate($document)->codes();
    }

    public function test_a_tea_is_a_tea_by_every_door(): void
    {
        $spray = self::evaluate(self::spray());
        $part = $spray->assessment->composition->part('nettle-tea');
        self::assertNotNull($part);
        self::assertTrue($part->isStrained);
        // 240 g of water give 0.87 of it, as preparations.csv has a herbal tea: 208.8 g
        self::assertEqualsWithDelta(208.8, $part->gives?->likely, 1e-9);
        // 6 g in 246 g of everything: 2.439 g of plant to 100 g of tea; 150 of 156 g are tea
        self::assertEqualsWithDelta(100 * 6 / 246, 100 * ($part->extracts[0]->perGram->likely ?? 0.0), 1e-9);
        $extract = $spray->assessment->composition->extracts[0];
        self::assertEqualsWithDelta(150 / 156 * 6 / 246, $extract->perGram?->likely, 1e-9);
        self::assertSame(1, $extract->line->position);
        self::assertSame('nettle-tea/l1', $extract->line->key());

        $bought = self::spray();
        unset($bought['parts']);
        $bought['lines'][0] = ['ingredient' => 'herbal-tea-generic', 'amount' => '150 g', 'phase' => 'water'];
        $bought = self::evaluate($bought);
        self::assertSame($bought->codes(), $spray->codes());
        self::assertSame(Regime::Fresh, $spray->assessment->preservation->regime);
        self::assertSame($bought->assessment->keeping->days, $spray->assessment->keeping->days);
        self::assertSame(
            ['Aqua', 'Glycerin', 'Urtica Dioica Leaf Extract'],
            ContentsList::of($spray->assessment->composition)->names(),
            'a tea of one’s own is named by its plant',
        );
    }

    public function test_a_line_takes_by_percent_by_spoon_or_all_of_it(): void
    {
        $weighed = self::weigh(self::spray('50 %'));
        self::assertEqualsWithDelta(0.5, $weighed->lines[0]->share?->likely, 1e-9);
        self::assertEqualsWithDelta(6.0, $weighed->lines[0]->grams?->likely, 1e-9);
        $spoon = self::weigh(self::spray('1 tbsp'))->lines[0]->grams;
        self::assertEqualsWithDelta(15.0, $spoon?->likely, 0.3); // a tablespoon of water
        $all = self::spray();
        unset($all['lines'][0]['amount']);
        self::assertEqualsWithDelta(208.8, self::weigh($all)->lines[0]->grams?->likely, 1e-9);
    }

    public function test_what_was_weighed_or_planned_stands_before_what_is_worked_out(): void
    {
        $given = self::weigh(self::spray('150 g', ['gives' => ['amount' => '180 g', 'basis' => 'weighed']]));
        self::assertEqualsWithDelta(180.0, $given->part('nettle-tea')?->gives?->likely, 1e-9);
        self::assertContains('part.too_little', self::codes(self::spray('215 g')));
        self::assertNotContains('part.too_little', self::codes(self::spray('208 g')));
        $finding = self::found('part.too_little', self::spray('300 g'));
        self::assertSame('certain', $finding->certainty->value); // 208.8 g and 15 % more is 240.1 g
        self::assertSame([1], $finding->lines);
        self::assertSame(1.5, $finding->terms['times']->value); // 300 / 208.8, up to a tenth
        self::assertSame('possible', self::found('part.too_little', self::spray('230 g'))->certainty->value);
    }

    public function test_one_nobody_takes_of_is_said_and_two_takers_add_up(): void
    {
        $document = self::spray();
        $document['lines'][] = ['part' => 'nettle-tea', 'amount' => '100 g', 'phase' => 'water'];
        self::assertContains('part.too_little', self::codes($document));
        $document['lines'] = [['ingredient' => 'distilled-water', 'amount' => '100 g']];
        self::assertContains('part.unused', self::codes($document));
        self::assertNotContains('part.unused', self::codes(self::spray()));
    }

    public function test_steps_that_forget_to_strain_are_a_stop_that_is_mended(): void
    {
        $steps = ['process' => ['steps' => [['do' => 'steep', 'minutes' => 20, 'covered' => true]]]];
        $document = self::spray('150 g', $steps);
        $finding = self::found('part.not_strained', $document);
        self::assertSame('stop', $finding->severity->value);
        self::assertContains('plant.left_in', self::codes($document));
        $mended = Patch::apply($document, $finding->fixes[0]->patch);
        self::assertNotContains('part.not_strained', self::codes($mended));
        self::assertNotContains('plant.left_in', self::codes($mended));
    }

    /** @return array<string, mixed> a spray with one part */
    private static function drawn(string $makes, array ...$lines): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Spray', 'family' => 'water_spray',
            'parts' => [['key' => 'one', 'makes' => $makes, 'lines' => array_map(
                static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]],
                $lines,
            )]],
            'lines' => [['part' => 'one', 'amount' => '5 g'], ['ingredient' => 'distilled-water', 'amount' => '95 g']],
        ];
    }

    public function test_a_plant_needs_something_that_draws_it(): void
    {
        $finding = self::found('part.nothing_draws', self::drawn('tea', ['nettle-dried', '5 g']));
        self::assertSame(['stop', ['one/l1']], [$finding->severity->value, $finding->keys]);
        self::assertSame('oil', self::found(
            'part.nothing_draws',
            self::drawn('infused_oil', ['calendula-dried', '5 g']),
        )->variant);
        foreach ([
            self::drawn('tea', ['nettle-dried', '5 g'], ['distilled-water', '100 g']),
            self::drawn('tea', ['nettle-dried', '5 g'], ['apple-cider-vinegar', '100 g']),
            self::drawn('infused_oil', ['calendula-dried', '5 g'], ['olive-oil', '100 g']),
            self::drawn('infused_oil', ['calendula-dried', '5 g'], ['shea-butter-refined', '100 g']),
            self::drawn('gel', ['aloe-leaf-fresh', '100 g']),
            self::drawn('juice', ['ginger-root-fresh', '100 g']),
            self::drawn('puree', ['banana-flesh', '100 g']),
        ] as $document) {
            self::assertNotContains('part.nothing_draws', self::codes($document), $document['parts'][0]['makes']);
        }
    }

    public function test_oil_in_a_strained_tea_and_water_in_an_oil_are_stops(): void
    {
        $tea = self::drawn('tea', ['nettle-dried', '5 g'], ['distilled-water', '100 g'], ['olive-oil', '10 g']);
        self::assertSame(['one/l3'], self::found('part.wrong_liquid', $tea)->keys);
        $lines = [['calendula-dried', '5 g'], ['olive-oil', '100 g'], ['rose-hydrosol', '10 g']];
        $oil = self::drawn('infused_oil', ...$lines);
        self::assertSame('oil', self::found('part.wrong_liquid', $oil)->variant);
        foreach ([
            self::drawn('cooked_out_oil', ['nettle-fresh', '5 g'], ['olive-oil', '100 g'], ['distilled-water', '10 g']),
            self::drawn('puree', ['banana-flesh', '100 g'], ['olive-oil', '10 g']),
            self::drawn('mix', ['olive-oil', '10 g'], ['distilled-water', '10 g']),
            self::drawn('tea', ['nettle-dried', '5 g'], ['distilled-water', '100 g'], ['honey', '10 g']),
            self::drawn('infused_oil', ['calendula-dried', '5 g'], ['olive-oil', '90 g'], ['beeswax', '10 g']),
        ] as $document) {
            self::assertNotContains('part.wrong_liquid', self::codes($document), $document['parts'][0]['makes']);
        }
    }

    /** Cayenne drawn into oil, then thinned: the strength travels through two parts. */
    public function test_strength_goes_through_parts_of_parts(): void
    {
        $oil = static fn (string $taken): array => [
            ...self::document([], ['family' => 'hair_oil', 'batch' => null]),
            'parts' => [
                ['key' => 'pepper-oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'cayenne-powder', 'amount' => '10 g'],
                    ['ingredient' => 'olive-oil', 'amount' => '190 g'],
                ]],
                ['key' => 'base', 'makes' => 'mix', 'lines' => [
                    ['part' => 'pepper-oil', 'amount' => '20 g'],
                    ['ingredient' => 'jojoba-oil', 'amount' => '80 g'],
                ]],
            ],
            'lines' => [
                ['part' => 'base', 'amount' => $taken],
                ['ingredient' => 'argan-oil', 'amount' => 'to 100'],
            ],
            'batch' => ['grams' => 100],
        ];
        // 10 of 200 g, a fifth of the base, all of it: 1 g of pepper to 100 g; the most left on is 0.5
        self::assertContains('irritant.strong', self::codes($oil('100 g')));
        self::assertSame('stop', self::found('irritant.strong', $oil('100 g'))->severity->value);
        // two fifths of it: 0.4 g
        self::assertNotContains('irritant.strong', self::codes($oil('40 g')));
        $composition = self::weigh($oil('40 g'));
        self::assertEqualsWithDelta(0.4 * 0.2 * 0.05, $composition->extracts[0]->perGram?->likely, 1e-9);
        $shares = ContentsList::of($composition)->shares;
        self::assertEqualsWithDelta(0.6, $shares['Argania Spinosa Kernel Oil'], 1e-9);
        self::assertEqualsWithDelta(0.4 * 0.2, $shares['Olea Europaea Fruit Oil'], 1e-9);
        self::assertArrayHasKey('Capsicum Frutescens Fruit Extract', $shares);
        self::assertContains('safety.dust', self::codes($oil('40 g')));
        $child = [...$oil('40 g'), 'for' => ['audience' => 'child_under_3']];
        self::assertContains('scent.audience', self::codes($child), 'it is not for children, strained or not');
    }

    public function test_a_fresh_plant_in_the_oil_of_a_part_is_the_same_stop(): void
    {
        $document = [
            ...self::document([], ['family' => 'hair_oil', 'batch' => null]),
            'parts' => [['key' => 'garlic-oil', 'makes' => 'infused_oil', 'lines' => [
                ['ingredient' => 'garlic-fresh', 'amount' => '40 g'],
                ['ingredient' => 'olive-oil', 'amount' => '200 g'],
            ]]],
            'lines' => [['part' => 'garlic-oil', 'amount' => '100 g']],
        ];
        $finding = self::found('plant.fresh_in_oil', $document);
        self::assertSame('/parts/0/lines/0/prepared', $finding->fixes[0]->patch[0]['path']);
        $mended = Patch::apply($document, $finding->fixes[0]->patch);
        self::assertNotContains('plant.fresh_in_oil', self::codes($mended));
        $document['parts'][0]['lines'][0]['prepared'] = ['soaked', 'cooked_out'];
        self::assertNotContains('plant.fresh_in_oil', self::codes($document));
    }

    public function test_an_open_or_unread_line_of_a_part_is_never_passed_over(): void
    {
        $document = self::spray();
        $document['parts'][0]['lines'][0]['amount'] = 'some';
        $finding = self::found('measure.open', $document);
        self::assertSame(['nettle-tea/l1'], $finding->keys);
        self::assertSame([1], $finding->lines);
        $document['parts'][0]['lines'][0] = ['name' => 'grandmother’s herb', 'amount' => '5 g', 'key' => 'herb'];
        self::assertSame(['nettle-tea/herb'], self::found('measure.unread', $document)->keys);
    }

    /** @return iterable<string, array{array<string, mixed>}> documents as they were written before there were parts */
    public static function oldDocuments(): iterable
    {
        $frames = json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/data/ready_made.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        foreach (['calendula-oil', 'nettle-oil'] as $frame) {
            yield $frame => [[...$frames[$frame], 'name' => 'Frame']];
        }
        $oils = static fn (array $lines, array $more = []): array => self::document(
            $lines,
            ['family' => 'hair_oil', 'batch' => null, ...$more],
        );
        yield 'fresh garlic' => [$oils([
            ['garlic-fresh', '40 g', 'infusion'], ['olive-oil', '200 g', 'oil'],
        ])];
        yield 'wilted mint in two oils' => [$oils([
            ['olive-oil', '150 g', 'oil'],
            ['mint-fresh', '20 g', 'infusion', ['prepared' => 'wilted']],
            ['jojoba-oil', '50 g', 'oil'],
        ])];
        yield 'cayenne, strong' => [$oils([
            ['cayenne-powder', '10 g', 'infusion'], ['olive-oil', '190 g', 'oil'],
        ])];
        yield 'a tea that is preserved' => [self::document([
            ['distilled-water', '190 g', 'water'],
            ['nettle-dried', '6 g', 'infusion'],
            ['phenoxyethanol-ethylhexylglycerin', '1.8 g', 'cooldown'],
        ], ['family' => 'water_spray', 'batch' => null])];
        yield 'a gel of flax seed, unpreserved' => [self::document([
            ['distilled-water', '200 g', 'water'], ['flax-seed', '18 g', 'infusion'],
        ], ['family' => 'gel', 'batch' => null])];
    }

    /** @param  array<string, mixed>  $old */
    #[DataProvider('oldDocuments')]
    public function test_old_infusion_lines_are_a_part_and_answer_as_before(array $old): void
    {
        $composition = self::weigh($old);
        $part = $composition->part('strained-out');
        self::assertNotNull($part);
        $fats = in_array($old['family'], ['hair_oil', 'infused_oil'], true);
        $phase = $fats ? 'oil' : 'water';
        $phases = array_map(static fn (WeighedLine $line): string => $line->phase->value, $composition->lines);
        $in = static fn (string ...$those): array => array_values(array_filter(
            $old['lines'],
            static fn (int $i): bool => in_array($phases[$i], $those, true),
            ARRAY_FILTER_USE_KEY,
        ));
        [$plants, $carriers] = [$in('infusion'), $in($phase)];
        self::assertSame(
            array_merge(array_column($plants, 'ingredient'), array_column($carriers, 'ingredient')),
            array_map(static fn (WeighedLine $line): ?string => $line->ingredient?->key, $part->lines),
        );
        // as it would be written today: the carriers move into the part, and a line that takes all of it is in their
        // place
        $grams = array_sum(array_map(
            static fn (WeighedLine $line): float => $line->phase->value === $phase ? $line->grams->likely ?? 0.0 : 0.0,
            $composition->lines,
        ));
        $today = [
            ...$old,
            'parts' => [[
                'key' => 'strained-out',
                'makes' => $fats ? 'infused_oil' : 'mix',
                'lines' => [...$plants, ...$carriers],
                'gives' => ['amount' => "$grams g"],
                ...($fats ? [] : ['process' => ['steps' => [['do' => 'strain']]]]),
            ]],
            'lines' => [
                ['part' => 'strained-out', 'phase' => $phase],
                ...$in(...array_diff(['water', 'oil', 'cooldown'], [$phase])),
            ],
        ];
        $now = self::weigh($today);
        self::assertEqualsWithDelta($composition->total?->likely, $now->total?->likely, 1e-6);
        self::assertEqualsWithDelta(
            ContentsList::of($composition)->shares,
            ContentsList::of($now)->shares,
            1e-6,
        );
        self::assertEqualsWithDelta(
            array_map(static fn ($extract): ?float => $extract->perGram?->likely, $composition->extracts),
            array_map(static fn ($extract): ?float => $extract->perGram?->likely, $now->extracts),
            1e-6,
        );
        // what only a jar has to say (how it stands in it, how it is drawn) is not in the old lines
        $jar = ['plant.uncovered', 'plant.powder', 'safety.hot_fat', 'measure.unweighable', 'measure.wide'];
        $codes = static fn (array $document): array => array_values(array_diff(self::seriousCodes($document), $jar));
        self::assertSame($codes($old), $codes($today));
    }

    public function test_a_liquid_of_the_old_infusion_lane_counts_with_its_kind(): void
    {
        $old = self::document([
            ['distilled-water', '200 g', 'infusion'],
            ['nettle-dried', '6 g', 'infusion'],
            ['glycerin', '10 g', 'water'],
        ], ['family' => 'water_spray', 'batch' => null]);
        $composition = self::weigh($old);
        self::assertEqualsWithDelta(210.0, $composition->total?->likely, 1e-9, 'it fell off total and label before');
        self::assertEqualsWithDelta(200 / 210, $composition->lines[0]->share?->likely, 1e-9);
        self::assertSame(['Aqua', 'Glycerin', 'Urtica Dioica Leaf Extract'], ContentsList::of($composition)->names());
        $part = $composition->part('strained-out');
        self::assertSame('tea', $part?->part->makes->value);
        self::assertEqualsWithDelta(200.0, $part->gives?->likely, 1e-9);
        $inOil = self::weigh(self::document([
            ['olive-oil', '50 g', 'infusion'],
            ['calendula-dried', '5 g', 'infusion'],
            ['distilled-water', '50 g', 'water'],
        ], ['batch' => null]));
        self::assertTrue($inOil->extracts[0]->isInOil, 'the liquid of the lane carries, whatever else there is');
        self::assertSame('oil', $inOil->lines[0]->phase->value);
    }

    public function test_a_part_of_which_nothing_comes_out_is_said(): void
    {
        $document = [
            ...self::document([], ['family' => 'hair_oil', 'batch' => null]),
            'parts' => [['key' => 'petals', 'makes' => 'infused_oil', 'lines' => [
                ['ingredient' => 'rose-petals', 'amount' => '60 g'],
                ['ingredient' => 'olive-oil', 'amount' => '60 g'],
            ]]],
            'lines' => [['part' => 'petals'], ['ingredient' => 'jojoba-oil', 'amount' => '50 g']],
        ];
        self::assertSame('part_empty', self::weigh($document)->lines[0]->unread);
        self::assertContains('measure.unread', self::codes($document));
    }

    /** What weighs nobody knows what is never passed over, whatever it is made of. */
    public function test_a_spoon_of_a_part_of_unknown_density_is_asked_for_its_weight(): void
    {
        $unknown = null;
        foreach (self::catalogue()->all() as $material) {
            if ($material->bulk->density === null && $material->kind->isLipid()) {
                $unknown ??= $material->key;
            }
        }
        $unknown ??= 'xanthan-gum';
        $document = [
            ...self::document([], ['family' => 'hair_oil', 'batch' => null]),
            'parts' => [['key' => 'base', 'name' => 'Base', 'makes' => 'mix', 'lines' => [
                ['ingredient' => $unknown, 'amount' => '50 g'],
            ]]],
            'lines' => [['part' => 'base', 'amount' => '2 tbsp'], ['ingredient' => 'jojoba-oil', 'amount' => '50 g']],
        ];
        self::assertNull(self::weigh($document)->lines[0]->grams);
        $finding = self::found('measure.open', $document);
        self::assertSame([1], $finding->lines);
        self::assertSame('Base', $finding->terms['ingredient']->value);
        self::assertSame('cannot_say', self::evaluate($document)->verdict()->value);
    }

    public function test_a_puree_and_a_melted_base_stay_whole(): void
    {
        $document = [
            ...self::document([], ['family' => 'fresh_mask', 'batch' => null]),
            'parts' => [
                ['key' => 'fruit', 'makes' => 'puree', 'lines' => [
                    ['ingredient' => 'banana-flesh', 'amount' => '80 g', 'prepared' => 'strained'],
                    ['ingredient' => 'honey', 'amount' => '20 g'],
                ]],
            ],
            'lines' => [['part' => 'fruit'], ['ingredient' => 'olive-oil', 'amount' => '10 g']],
        ];
        $composition = self::weigh($document);
        self::assertEqualsWithDelta(110.0, $composition->total?->likely, 1e-9);
        self::assertSame(
            ['banana-flesh', 'honey'],
            array_map(static fn (WeighedLine $line): ?string => $line->ingredient?->key, $composition->inner),
        );
        self::assertEqualsWithDelta(80 / 110, $composition->inner[0]->share?->likely, 1e-9);
    }

    public function test_written_and_read_again_it_is_the_same(): void
    {
        $document = self::spray('150 g', [
            'gives' => ['amount' => '200 g', 'basis' => 'planned'],
            'ready_before_minutes' => 30.0,
            'good_for_hours' => 12.0,
            'process' => ['steps' => [
                ['do' => 'steep', 'key' => 's1', 'minutes' => 20, 'covered' => true],
                ['do' => 'strain', 'through' => 'cheesecloth', 'lines' => ['l1']],
            ]],
        ]);
        $document['lines'][0]['key'] = 'tea';
        $document['lines'][1]['prepared'] = ['wetted', 'strained'];
        $written = FormulaDocument::write(FormulaDocument::read($document));
        self::assertEquals($document['parts'], $written['parts']);
        self::assertEquals($document['lines'], $written['lines']);
        self::assertEquals($written, FormulaDocument::write(FormulaDocument::read($written)));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function tangles(): iterable
    {
        $line = ['ingredient' => 'olive-oil', 'amount' => '10 g'];
        $part = static fn (string $key, string $uses): array => [
            'key' => $key, 'makes' => 'mix', 'lines' => [['part' => $uses, 'amount' => '1 g'], $line],
        ];
        yield 'itself' => [['parts' => [$part('a', 'a')]], 'part_ring', '/parts/0'];
        yield 'a ring of two' => [['parts' => [$part('a', 'b'), $part('b', 'a')]], 'part_ring', '/parts/0'];
        yield 'a part that is not there' => [['parts' => [$part('a', 'b')]], 'no_such_part', '/parts/0/lines/0/part'];
        yield 'a line of none' => [['lines' => [['part' => 'a']]], 'no_such_part', '/lines/0/part'];
        yield 'two of one key' => [['parts' => [
            ['key' => 'a', 'makes' => 'mix', 'lines' => [$line]],
            ['key' => 'a', 'makes' => 'mix', 'lines' => [$line]],
        ]], 'key_taken', '/parts/1/key'];
        yield 'two lines of one key' => [
            ['lines' => [[...$line, 'key' => 'x'], [...$line, 'key' => 'x']]], 'key_taken', '/lines/1/key',
        ];
        yield 'a key that is none' => [['lines' => [[...$line, 'key' => 'X Y']]], 'not_a_key', '/lines/0/key'];
        yield 'an unknown kind' => [
            ['parts' => [['key' => 'a', 'makes' => 'soup', 'lines' => [$line]]]], 'not_one_of', '/parts/0/makes',
        ];
        yield 'too many' => [['parts' => array_map(
            static fn (int $n): array => ['key' => "p$n", 'makes' => 'mix', 'lines' => [$line]],
            range(1, 21),
        )], 'too_many', '/parts'];
        yield 'too many lines in all' => [['parts' => array_map(
            static fn (int $n): array => ['key' => "p$n", 'makes' => 'mix', 'lines' => array_fill(0, 67, $line)],
            range(1, 3),
        )], 'too_many', '/parts'];
        yield 'nested too deep' => [['parts' => [
            ...array_map(static fn (int $n): array => $part("p$n", 'p'.($n + 1)), range(1, 5)),
            ['key' => 'p6', 'makes' => 'mix', 'lines' => [$line]],
        ]], 'nested_too_deep', '/parts/0'];
        yield 'gives by the percent' => [['parts' => [
            ['key' => 'a', 'makes' => 'mix', 'lines' => [$line], 'gives' => ['amount' => '5 %']],
        ]], 'no_weight', '/parts/0/gives/amount'];
        yield 'a step of none' => [['parts' => [
            ['key' => 'a', 'makes' => 'mix', 'lines' => [$line], 'process' => ['steps' => [['do' => 'dance']]]],
        ]], 'not_one_of', '/parts/0/process/steps/0/do'];
        yield 'a field of another step' => [['parts' => [
            ['key' => 'a', 'makes' => 'mix', 'lines' => [$line], 'process' => ['steps' => [
                ['do' => 'strain', 'cubes' => 3],
            ]]],
        ]], 'not_of_this_step', '/parts/0/process/steps/0/cubes'];
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('tangles')]
    public function test_what_cannot_be_is_refused_with_its_path(array $with, string $reason, string $path): void
    {
        try {
            FormulaDocument::read([...self::document([['olive-oil', '10 g']], ['family' => 'hair_oil']), ...$with]);
            self::fail('It was taken.');
        } catch (DocumentRefused $refusal) {
            self::assertSame([$reason, $path], [$refusal->reason, $refusal->path]);
        }
    }

    public function test_five_deep_is_still_read(): void
    {
        $part = static fn (int $n): array => [
            'key' => "p$n", 'makes' => 'mix', 'lines' => [['part' => 'p'.($n + 1), 'amount' => '10 g']],
        ];
        $document = [
            ...self::document([], ['family' => 'hair_oil', 'batch' => null]),
            'parts' => [
                ...array_map($part, range(1, 4)),
                ['key' => 'p5', 'makes' => 'mix', 'lines' => [['ingredient' => 'olive-oil', 'amount' => '10 g']]],
            ],
            'lines' => [['part' => 'p1', 'amount' => '10 g']],
        ];
        self::assertEqualsWithDelta(1.0, self::weigh($document)->known()[0]->share?->likely, 1e-9);
    }

    private static function found(string $code, array $document): Finding
    {
        foreach (self::evaluate($document)->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }
        self::fail("$code is not found.");
    }
}
