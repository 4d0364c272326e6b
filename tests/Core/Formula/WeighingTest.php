<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Phase;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class WeighingTest extends CoreCase
{
    public function test_the_rest_line_fills_up_to_the_batch(): void
    {
        $composition = self::weigh(self::document([
            ['distilled-water', 'to 100'],
            ['glycerin', '3 %'],
            ['olive-oil', '20 g', 'oil'],
        ]));
        self::assertSame(Basis::Given, $composition->basis);
        self::assertEqualsWithDelta(174.0, $composition->lines[0]->grams?->likely, 1e-9);
        self::assertEqualsWithDelta(6.0, $composition->lines[1]->grams?->likely, 1e-9);
        self::assertSame(0.0, $composition->lines[1]->share?->width(), 'a percent line has no width');
        self::assertEqualsWithDelta(0.1, $composition->lines[2]->share?->likely, 1e-9);
    }

    public function test_grams_with_percentages_and_no_batch_make_their_own_total(): void
    {
        $composition = self::weigh(self::document(
            [['olive-oil', '90 g'], ['vitamin-e-tocopherols', '10 %']],
            ['batch' => null, 'family' => 'hair_oil'],
        ));
        self::assertSame(Basis::Lines, $composition->basis);
        self::assertEqualsWithDelta(100.0, $composition->total?->likely, 1e-9);
        self::assertEqualsWithDelta(10.0, $composition->lines[1]->grams?->likely, 1e-9);
    }

    public function test_with_grams_alone_the_batch_size_is_left_aside_and_said_to_be(): void
    {
        $evaluation = self::evaluate(self::document(
            [['olive-oil', '60 g'], ['jojoba-oil', '40 g']],
            ['family' => 'hair_oil'],
        ));
        self::assertEqualsWithDelta(100.0, $evaluation->assessment->composition->total?->likely, 1e-9);
        self::assertContains('measure.batch_ignored', $evaluation->codes());
    }

    public function test_percentages_alone_are_shown_for_a_hundred_grams(): void
    {
        $composition = self::weigh(self::document([['olive-oil', '70 %'], ['jojoba-oil', '30 %']], ['batch' => null]));
        self::assertSame(Basis::Hundred, $composition->basis);
        self::assertEqualsWithDelta(70.0, $composition->lines[0]->grams?->likely, 1e-9);
    }

    public function test_a_rest_beside_grams_without_a_batch_is_not_guessed(): void
    {
        $composition = self::weigh(self::document(
            [['distilled-water', 'to 100'], ['olive-oil', '20 g']],
            ['batch' => null],
        ));
        self::assertSame(Basis::Unknown, $composition->basis);
        self::assertNull($composition->total);
        self::assertNull($composition->lines[0]->grams);
    }

    public function test_what_is_strained_out_has_grams_but_no_share(): void
    {
        $composition = self::weigh(self::document(
            [['olive-oil', '100 g', 'oil'], ['calendula-dried', '15 g', 'infusion']],
            ['family' => 'infused_oil', 'batch' => null],
        ));
        self::assertEqualsWithDelta(100.0, $composition->total?->likely, 1e-9);
        self::assertEqualsWithDelta(15.0, $composition->gramsOf(Phase::Infusion)->likely, 1e-9);
        self::assertNull($composition->lines[1]->share);
    }

    public function test_spoons_carry_their_width_into_the_share(): void
    {
        $composition = self::weigh(self::document([['distilled-water', 'to 100'], ['btms-50', '1 tbsp', 'oil']]));
        $share = $composition->lines[1]->percent();
        self::assertNotNull($share);
        self::assertGreaterThan(0.5, $share->width());
        $water = $composition->lines[0]->percent();
        self::assertEqualsWithDelta(
            $share->width(),
            $water?->width(),
            1e-9,
            'what one may have more, the rest may have less',
        );
    }

    public function test_true_water_counts_what_juices_and_solutions_bring(): void
    {
        $composition = self::weigh(self::document([
            ['aloe-juice', '50 %'],
            ['glycerin', '30 %'],
            ['panthenol-liquid', '20 %'],
        ]));
        self::assertEqualsWithDelta(0.5 * 0.99 + 0.2 * 0.25, $composition->waterShare(), 1e-9);
    }

    public function test_a_line_nobody_knows_is_kept_weighed_and_reported(): void
    {
        $composition = self::weigh([
            ...self::document([]),
            'batch' => null,
            'lines' => [['name' => 'moon dust', 'amount' => '5 g'], ['ingredient' => 'olive-oil', 'amount' => '95 g']],
        ]);
        self::assertSame('unknown_name', $composition->lines[0]->unread);
        self::assertEqualsWithDelta(100.0, $composition->total?->likely, 1e-9);
    }

    public function test_only_one_line_may_fill_up(): void
    {
        $composition = self::weigh(self::document([['distilled-water', 'to 100'], ['aloe-juice', 'to 100']]));
        self::assertNull($composition->lines[0]->unread);
        self::assertSame('second_rest', $composition->lines[1]->unread);
    }

    /** Conservation: what is in the lines is in the batch, whatever the mix of measures. */
    public function test_shares_of_random_formulas_make_the_whole(): void
    {
        foreach (RandomFormulas::seeded(7, 300, self::catalogue()) as $document) {
            $composition = self::weigh($document);
            $sum = Composition::shareOfLines($composition->lines);
            self::assertEqualsWithDelta(1.0, $sum->likely, 1e-9, json_encode($document, JSON_THROW_ON_ERROR));
            self::assertEqualsWithDelta(
                $composition->total?->likely,
                array_sum(array_map(
                    static fn ($line): float => $line->isInBatch() ? $line->grams->likely ?? 0.0 : 0.0,
                    $composition->lines,
                )),
                1e-6,
            );
            foreach ($composition->lines as $line) {
                self::assertGreaterThanOrEqual(0.0, $line->grams->low ?? 0.0);
            }
        }
    }

    /** As entered to percent and back changes nothing beyond 1e-9. */
    public function test_percent_form_and_back_does_not_drift(): void
    {
        foreach (RandomFormulas::seeded(11, 200, self::catalogue()) as $document) {
            $before = self::weigh($document);
            $percents = $document;
            $percents['batch'] = ['grams' => $before->total->likely ?? 100.0];
            foreach ($before->lines as $i => $line) {
                $percents['lines'][$i]['amount'] = sprintf('%.15F %%', min(100.0, $line->percent()->likely ?? 0.0));
            }
            $after = self::weigh($percents);
            foreach ($before->lines as $i => $line) {
                self::assertEqualsWithDelta(
                    $line->grams?->likely,
                    $after->lines[$i]->grams?->likely,
                    1e-9 * max(1.0, $before->total->likely ?? 1.0),
                );
            }
        }
    }
}
