<?php

declare(strict_types=1);

namespace Tests\Core\Reformulation;

use DateTimeImmutable;
use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Reformulation\Cheaper;
use Ilvane\Core\Reformulation\Comparison;
use Ilvane\Core\Reformulation\Firmness;
use Ilvane\Core\Reformulation\Offers;
use Ilvane\Core\Reformulation\Proposal;
use Ilvane\Core\Reformulation\ReachHundred;
use Ilvane\Core\Reformulation\Similarity;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;
use Ilvane\Core\Reformulation\Substitutes;
use Ilvane\Core\Reformulation\Without;
use Ilvane\Core\Safety\Evaluation;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class SolversTest extends CoreCase
{
    public function test_a_butter_is_brought_to_the_wished_firmness_and_stays_as_near_as_can_be(): void
    {
        $document = self::document(
            [
                ['shea-butter-refined', '60 %'],
                ['cocoa-butter', '20 %'],
                ['sunflower-oil-high-oleic', '19.5 %'],
                ['vitamin-e-tocopherols', '0.5 %'],
            ],
            ['family' => 'whipped_butter'],
        );
        $it = self::judge($document);
        self::assertSame('firm', $it->assessment->texture->feel(20));
        $proposal = Firmness::wish($it->assessment, 'scoopable', 20, [], new Stock);
        self::assertSame('firm', $proposal->said);
        $after = self::after($document, $proposal);
        self::assertSame('scoopable', $after->assessment->texture->feel(20));
        self::assertEqualsWithDelta(1.0, $after->assessment->composition->accounted->likely, 1e-9);
        // blind search over the same blends: nothing as near that is inside the same band
        $solid = array_map(
            static fn (string $key): float => SolidFat::ofOne(self::catalogue()->get($key), 20) ?? 0.0,
            ['shea-butter-refined', 'cocoa-butter', 'sunflower-oil-high-oleic'],
        );
        $best = INF;
        for ($a = 0; $a <= 99.5; $a += 0.1) {
            for ($b = 0; $b <= 99.5 - $a; $b += 0.1) {
                $c = 99.5 - $a - $b;
                $at = ($a * $solid[0] + $b * $solid[1] + $c * $solid[2]) / 99.5;
                $best = $at >= 15 + 0.15 * 20 && $at <= 35 - 0.15 * 20
                    ? min($best, ($a - 60) ** 2 + ($b - 20) ** 2 + ($c - 19.5) ** 2)
                    : $best;
            }
        }
        $shares = array_map(
            static fn ($line): float => 100 * $line->share->likely,
            $after->assessment->composition->lines,
        );
        $got = ($shares[0] - 60) ** 2 + ($shares[1] - 20) ** 2 + ($shares[2] - 19.5) ** 2;
        self::assertEqualsWithDelta($best, $got, 0.02 * $best, 'to the rounding of the amounts');
    }

    public function test_a_fat_from_the_cupboard_comes_in_only_as_far_as_there_is_of_it(): void
    {
        $document = self::document(
            [['sunflower-oil-high-oleic', '179 g'], ['shea-butter-refined', '20 g'], ['vitamin-e-tocopherols', '1 g']],
            ['family' => 'whipped_butter', 'batch' => null],
        );
        $it = self::judge($document)->assessment;
        self::assertSame('firm_out_of_reach', Firmness::wish($it, 'hard', 20, [], new Stock)->said);
        $cocoa = self::catalogue()->get('cocoa-butter');
        $proposal = Firmness::wish(
            $it,
            'very_soft',
            28,
            [$cocoa],
            new Stock([new Stocked('L1', 'cocoa-butter', 30.0)]),
        );
        $after = self::after($document, $proposal);
        self::assertSame('very_soft', $after->assessment->texture->feel(28));
        self::assertEqualsWithDelta(200.0, $after->assessment->composition->total->likely, 1e-6);
        foreach ($after->assessment->composition->lines as $line) {
            self::assertLessThanOrEqual($line->ingredient->key === 'cocoa-butter' ? 30.0 : 200.0, $line->grams->likely);
        }
        self::assertSame(
            'firmness_unknown',
            Firmness::wish(
                self::judge(self::document(
                    [['avocado-butter', '50 %'], ['olive-oil', '50 %']],
                    ['family' => 'whipped_butter'],
                ))->assessment,
                'firm',
                20,
                [],
                new Stock,
            )->said,
        );
        self::assertSame('firm_already', Firmness::wish($it, 'pourable', 20, [], new Stock)->said);
        self::assertSame(
            'no_fats',
            Firmness::wish(
                self::judge(self::document([['distilled-water', 'to 100']]))->assessment,
                'firm',
                20,
                [],
                new Stock,
            )->said,
        );
    }

    public function test_the_wished_firmness_is_met_or_shown_to_be_out_of_reach_on_random_butters(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        $fats = array_values(array_filter(
            iterator_to_array(self::catalogue()->all()),
            static fn (Material $it): bool => in_array($it->kind, [Kind::Butter, Kind::CarrierOil], true)
                && SolidFat::ofOne($it, 20) !== null,
        ));
        $met = 0;
        for ($case = 0; $case < 120; $case++) {
            $picked = $dice->pickArrayKeys($fats, $dice->getInt(2, 6));
            $parts = array_map(static fn (): int => $dice->getInt(1, 20), $picked);
            $document = self::document(
                array_map(
                    static fn (int $at, int $part): array => [
                        $fats[$at]->key,
                        round(200 * $part / array_sum($parts), 1).' g',
                    ],
                    $picked,
                    $parts,
                ),
                ['family' => 'whipped_butter', 'batch' => null],
            );
            $it = self::judge($document)->assessment;
            $feel = ['pourable', 'very_soft', 'scoopable', 'firm', 'hard'][$dice->getInt(0, 4)];
            $celsius = (float) $dice->getInt(12, 30);
            $proposal = Firmness::wish($it, $feel, $celsius, [$fats[$dice->getInt(0, count($fats) - 1)]], new Stock);
            if ($proposal->fix === null) {
                continue;
            }
            $after = self::after($document, $proposal)->assessment;
            $met++;
            self::assertSame($feel, $after->texture->feel($celsius), "case $case");
            self::assertEqualsWithDelta(
                $it->composition->total->likely,
                $after->composition->total->likely,
                0.02,
                "case $case",
            );
            foreach ($after->composition->lines as $line) {
                $was = Comparison::of(
                    self::judge($document),
                    self::judge($document),
                )->shares[$line->ingredient->key][0] ?? 0.0;
                self::assertLessThanOrEqual(
                    max($line->ingredient->use->max, $was) + 0.01,
                    100 * $line->share->likely,
                    "case $case {$line->ingredient->key}",
                );
                self::assertGreaterThan(0, $line->grams->likely);
            }
        }
        self::assertGreaterThan(20, $met);
    }

    public function test_cheaper_by_a_fifth_is_cheaper_by_a_fifth_and_alike(): void
    {
        $document = self::document(
            [
                ['argan-oil', '40 %'],
                ['jojoba-oil', '30 %'],
                ['grapeseed-oil', '29.5 %'],
                ['vitamin-e-tocopherols', '0.5 %'],
            ],
            ['family' => 'hair_oil'],
        );
        $cupboard = self::priced([
            'argan-oil' => 0.12,
            'jojoba-oil' => 0.06,
            'grapeseed-oil' => 0.015,
            'sunflower-oil-high-oleic' => 0.01,
            'olive-oil' => 0.012,
            'vitamin-e-tocopherols' => 0.1,
        ]);
        $it = self::judge($document)->assessment;
        $cost = Cost::of($it->composition, $cupboard->pricePerGram(...));
        self::assertEqualsWithDelta(200 * (0.4 * 0.12 + 0.3 * 0.06 + 0.295 * 0.015 + 0.005 * 0.1), $cost->known, 1e-9);
        self::assertTrue($cost->isKnown());
        $others = array_map(self::catalogue()->get(...), ['sunflower-oil-high-oleic', 'olive-oil']);
        $proposal = Cheaper::wish($it, 0.2, $others, $cupboard);
        self::assertSame('cheaper', $proposal->said);
        $after = self::after($document, $proposal)->assessment;
        self::assertLessThanOrEqual(
            0.8 * $cost->known * 1.002,
            Cost::of($after->composition, $cupboard->pricePerGram(...))->known,
        );
        self::assertGreaterThanOrEqual(
            0.75 * $cost->known,
            Cost::of($after->composition, $cupboard->pricePerGram(...))->known,
            'no further than asked',
        );
        self::assertSame('cheaper_out_of_reach', Cheaper::wish($it, 0.95, [], $cupboard)->said);
        self::assertSame('unpriced', Cheaper::wish($it, 0.2, [], self::priced(['argan-oil' => 0.1]))->said);
    }

    public function test_without_nuts_nothing_of_nuts_is_left_and_the_feel_stays(): void
    {
        $document = self::document(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '4 %'],
                ['shea-butter-refined', '5 %'],
                ['sweet-almond-oil', '8 %'],
                ['glycerin', '3 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            ['ph' => 4.8],
        );
        $solver = new Without(new Substitutes(self::catalogue()));
        $proposal = $solver->wish(self::judge($document)->assessment, [Allergen::TreeNut, Allergen::Peanut]);
        $after = self::after($document, $proposal);
        foreach ($after->assessment->composition->known() as $line) {
            self::assertFalse($line->ingredient->hasAllergen(Allergen::TreeNut), $line->ingredient->key);
        }
        $comparison = Comparison::of(self::judge($document), $after);
        self::assertContains(Allergen::TreeNut, $comparison->lost);
        self::assertSame(
            [],
            array_filter($comparison->new, static fn ($finding): bool => $finding->severity->value === 'stop'),
        );
        self::assertEqualsWithDelta(
            self::judge($document)->assessment->composition->fatShare(),
            $after->assessment->composition->fatShare(),
            1e-6,
        );
        self::assertSame('without_already', $solver->wish(self::judge($document)->assessment, [Allergen::Fish])->said);
    }

    /** Coconut is solid at 20 °C and gone at 26: the pair in its place is nearer to that than any single oil. */
    public function test_no_single_fat_and_no_pair_is_nearer_than_the_one_found(): void
    {
        $composition = self::judge(self::document(
            [['coconut-oil', '20 %'], ['olive-oil', '80 %']],
            ['family' => 'hair_oil'],
        ))->assessment->composition;
        $substitutes = new Substitutes(self::catalogue());
        $allowed = static fn (Material $it): bool => ! $it->hasAllergen(Allergen::Coconut);
        $found = $substitutes->nearestTo($composition->lines[0], $composition, $allowed);
        $own = Similarity::figures(self::catalogue()->get('coconut-oil'));
        $distance = static fn (array $parts): float => Similarity::apart(
            $own,
            count($parts) === 1
                ? Similarity::figures($parts[0][0])
                : Substitutes::mixed(
                    Similarity::figures($parts[0][0]),
                    Similarity::figures($parts[1][0]),
                    $parts[0][1],
                ),
        );
        $singles = array_map(
            static fn (array $one): float => $one['distance'],
            $substitutes->for($composition->lines[0], $composition, $allowed),
        );
        self::assertSame(min($singles), $singles[0]);
        self::assertLessThanOrEqual($singles[0], $distance($found));
        self::assertEqualsWithDelta(1.0, array_sum(array_column($found, 1)), 1e-9);
    }

    public function test_what_stands_in_is_of_the_same_kind_and_the_most_alike_comes_first(): void
    {
        $it = self::judge(self::sound())->assessment;
        $substitutes = new Substitutes(self::catalogue());
        foreach ($it->composition->lines as $line) {
            $last = 0.0;
            foreach ($substitutes->for($line, $it->composition) as ['ingredient' => $other, 'distance' => $distance]) {
                self::assertSame($line->ingredient->kind, $other->kind);
                self::assertGreaterThanOrEqual($last, $distance);
                self::assertEqualsWithDelta($distance, $substitutes->distance($line->ingredient, $other), 1e-12);
                $last = $distance;
            }
        }
        self::assertSame(
            'shea-butter-refined',
            $substitutes->for($it->composition->lines[3], $it->composition)[0]['ingredient']->key,
            'common practice: refined for unrefined',
        );
        $emulsifiers = array_map(
            static fn (array $one): string => $one['ingredient']->key,
            $substitutes->for($it->composition->lines[2], $it->composition),
        );
        self::assertSame('btms-25', $emulsifiers[0], 'common practice');
        $swap = $substitutes->swap($it->composition->lines[2], self::catalogue()->get('btms-25'));
        self::assertSame('5.33 %', $swap->patch[1]['value'], '0.20 against 0.15 g per gram of fat');
    }

    public function test_percentages_reach_a_hundred_and_doses_stay(): void
    {
        foreach (RandomFormulas::seeded(8, 200, self::catalogue()) as $document) {
            foreach ($document['lines'] as $i => $line) {
                if ($line['amount'] === 'to 100') {
                    $document['lines'][$i]['amount'] = '31 %';
                }
            }
            $it = self::judge($document);
            $proposal = ReachHundred::wish($it->assessment);
            if ($proposal->fix === null) {
                continue;
            }
            $after = self::after($document, $proposal);
            self::assertEqualsWithDelta(1.0, $after->assessment->composition->accounted->likely, 0.00006);
            foreach ($after->assessment->composition->lines as $i => $line) {
                $was = $it->assessment->composition->lines[$i];
                if (! $line->ingredient->kind->isWatery() && ! $line->ingredient->kind->isLipid()) {
                    self::assertSame($was->line->amount, $line->line->amount);
                } elseif ($line->amount->kind->name === 'Percent') {
                    self::assertLessThanOrEqual(
                        max($line->ingredient->use->max ?? 100.0, $was->amount->number->likely) + 0.006,
                        $line->amount->number->likely,
                    );
                }
            }
        }
        self::assertSame(
            'hundred_no_room',
            ReachHundred::wish(self::judge(self::document([
                ['glycerin', '60 %'],
                ['panthenol-liquid', '60 %'],
            ]))->assessment)->said,
        );
        self::assertSame('hundred_already', ReachHundred::wish(self::judge(self::sound())->assessment)->said);
    }

    public function test_offers_come_without_being_asked_and_do_what_they_say(): void
    {
        $document = self::document(
            [
                ['distilled-water', 'to 100'],
                ['polysorbate-80', '2 %', 'oil'],
                ['sorbitan-oleate', '2 %', 'oil'],
                ['sweet-almond-oil', '14 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.6 %'],
            ],
            ['ph' => 5.0],
        );
        $cupboard = new Stock([
            new Stocked('B-1', 'apricot-kernel-oil', 40.0, turns: new DateTimeImmutable('2026-12-01')),
            new Stocked('B-2', 'olive-oil', 40.0, turns: new DateTimeImmutable('2027-12-01')),
        ]);
        $offers = Offers::of(
            self::judge($document)->assessment,
            new Substitutes(self::catalogue()),
            $cupboard,
            new DateTimeImmutable('2027-01-01'),
        );
        self::assertSame(['preserve:5', 'balance', 'use:B-1'], array_keys($offers));
        $after = self::after($document, $offers['balance'])->assessment->hlb;
        self::assertEqualsWithDelta($after->required, $after->blend, 0.05);
        $range = self::catalogue()->get('phenoxyethanol-ethylhexylglycerin')->use;
        self::assertEqualsWithDelta(
            ($range->min + $range->max) / 2,
            self::after($document, $offers['preserve:5'])->assessment->preservation->doses[0]->percent->likely,
            0.011,
        );
        $used = self::after($document, $offers['use:B-1'])->assessment->formula->lines[3];
        self::assertSame(
            ['apricot-kernel-oil', 'B-1', '2026-12-01'],
            [$used->ingredient, $used->lot, $used->bestBefore->format('Y-m-d')],
        );
        self::assertSame($offers['use:B-1']->said, 'use_instead');
        self::assertEquals(
            $offers,
            Offers::of(
                self::judge($document)->assessment,
                new Substitutes(self::catalogue()),
                $cupboard,
                new DateTimeImmutable('2027-01-01'),
            ),
            'the same every time',
        );
    }

    public function test_two_formulas_are_compared_by_ingredient_whatever_the_order(): void
    {
        $document = self::sound();
        $other = [...$document, 'lines' => array_reverse($document['lines'])];
        $comparison = Comparison::of(self::judge($document), self::judge($other));
        self::assertSame(
            [[], [], [], 0.0],
            [$comparison->moved(), $comparison->gone, $comparison->new, round($comparison->distance(), 9)],
        );
        $other['lines'] = array_values(array_filter(
            $other['lines'],
            static fn (array $line): bool => $line['ingredient'] !== 'benzyl-alcohol-dehydroacetic-acid',
        ));
        $comparison = Comparison::of(self::judge($document), self::judge($other));
        self::assertEqualsWithDelta(0.9, $comparison->distance(), 1e-9);
        self::assertSame(['distilled-water', 'benzyl-alcohol-dehydroacetic-acid'], array_keys($comparison->moved()));
        self::assertContains(
            'preservation.missing',
            array_map(static fn ($finding): string => $finding->code, $comparison->new),
        );
    }

    /** @param  array<string, mixed>  $document */
    private static function judge(array $document): Evaluation
    {
        return (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read(array_filter(
            $document,
            static fn (mixed $value): bool => $value !== null,
        )));
    }

    /** @param  array<string, mixed>  $document */
    private static function after(array $document, Proposal $proposal): Evaluation
    {
        self::assertNotNull($proposal->fix, $proposal->said);

        return self::judge(Patch::apply($document, $proposal->fix->patch));
    }

    /** @param  array<string, float>  $prices */
    private static function priced(array $prices): Stock
    {
        return new Stock(array_map(
            static fn (string $key, float $price): Stocked => new Stocked("L-$key", $key, 500.0, $price),
            array_keys($prices),
            $prices,
        ));
    }
}
