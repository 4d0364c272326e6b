<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class RulesTest extends CoreCase
{
    public function test_a_sound_formula_shows_no_stop_and_nothing_to_mind(): void
    {
        $evaluation = self::evaluate(self::sound());
        self::assertSame([], self::seriousCodes(self::sound()));
        self::assertTrue($evaluation->isSound());
        self::assertSame(Regime::Preserved, $evaluation->assessment->preservation->regime);
        self::assertContains('safety.patch_test', $evaluation->codes());
    }

    /**
     * One fault put into the sound formula raises its own code and nothing unrelated.
     *
     * @param  array<string, mixed>  $document
     * @param  list<string>  $codes
     */
    #[DataProvider('faults')]
    public function test_a_fault_raises_its_code_and_nothing_unrelated(array $document, array $codes): void
    {
        self::assertSame($codes, self::seriousCodes($document));
    }

    public static function faults(): iterable
    {
        $with = static function (int $line, array $change): array {
            $document = self::sound();
            $document['lines'][$line] = [...$document['lines'][$line], ...$change];

            return $document;
        };
        $without = static function (int ...$lines): array {
            $document = self::sound();
            foreach ($lines as $line) {
                unset($document['lines'][$line]);
            }
            $document['lines'] = array_values($document['lines']);

            return $document;
        };
        yield 'preservative left out, scent and vitamin E left in' => [
            $without(6),
            ['preservation.missing', 'preservation.scent_is_not', 'preservation.vitamin_e_is_not'],
        ];
        yield 'preservative left out, nothing else to trust' => [$without(6, 7, 8), ['preservation.missing']];
        yield 'a tenth of the dose' => [$with(6, ['amount' => '0.08 %']), ['preservation.low']];
        yield 'dosed on the oil phase' => [
            $with(6, ['amount' => '0.12 %']),
            ['preservation.low', 'preservation.wrong_base'],
        ];
        yield 'dosed on the water phase' => [
            $with(6, ['amount' => '0.55 %']),
            ['preservation.low', 'preservation.wrong_base'],
        ];
        yield 'dosed on a hoped-for yield' => [
            [...$with(6, ['amount' => '0.4 %']), 'stated_yield_g' => 100.0],
            ['preservation.low', 'preservation.wrong_base'],
        ];
        yield 'by drops' => [$with(6, ['amount' => '2 drops']), ['preservation.low']];
        yield 'over the legal limit' => [$with(6, ['amount' => '1.5 %']), ['preservation.over_limit']];
        yield 'pH too high for it' => [[...self::sound(), 'ph' => 7.2], ['acidity.high', 'preservation.ph_unsuited']];
        yield 'in the hot phase' => [$with(6, ['phase' => 'water']), ['preservation.heated']];
        yield 'half a system' => [
            $with(6, ['ingredient' => 'phenoxyethanol', 'amount' => '0.8 %']),
            ['preservation.narrow'],
        ];
        yield 'emulsifier left out' => [$without(2), ['emulsion.no_emulsifier']];
        yield 'emulsifier halved' => [$with(2, ['amount' => '1 %']), ['emulsion.load_low']];
        yield 'too much emulsifier' => [$with(2, ['amount' => '9 %']), ['emulsion.load_high']];
        yield 'delicate oil in the hot phase' => [$with(4, ['ingredient' => 'rosehip-oil']), ['heat.over_ceiling']];
        yield 'scent in the hot phase' => [$with(8, ['phase' => 'oil']), ['heat.over_ceiling']];
        yield 'scent above plenty' => [$with(8, ['amount' => '1.5 %']), ['scent.total_high']];
        yield 'scent above the ceiling' => [$with(8, ['amount' => '2.5 %']), ['scent.single_high', 'scent.total_high']];
        yield 'one scent oil above its own' => [
            $with(8, ['ingredient' => 'clove-bud-essential-oil', 'amount' => '0.8 %']),
            ['scent.single_high'],
        ];
        yield 'too much humectant' => [$with(1, ['amount' => '14 %']), ['humectant.high']];
        yield 'above its usual range' => [$with(7, ['amount' => '2 %']), ['dose.high']];
        yield 'not for leaving on' => [$with(1, ['ingredient' => 'onion-juice']), ['irritant.strong']];
        yield 'a food left on' => [$with(1, ['ingredient' => 'yoghurt']), ['dose.high', 'preservation.food']];
        yield 'fresh plant in the oil phase' => [
            $with(4, ['ingredient' => 'rosemary-fresh', 'amount' => '10 %']),
            ['plant.fresh_in_oil', 'plant.low_acid_in_oil'],
        ];
        yield 'a thousand or one' => [$with(1, ['amount' => '6,000 g']), ['measure.ambiguous', 'measure.unread']];
        yield 'no measure' => [$with(1, ['amount' => 'some']), ['measure.open']];
        yield 'more than there is room for' => [
            $with(1, ['amount' => '95 %']),
            ['humectant.high', 'measure.sum_not_100'],
        ];
        yield 'not enough to make 100' => [$with(0, ['amount' => '50 %']), ['measure.sum_not_100']];
        yield 'too little for the scale' => [[...self::sound(), 'scale_resolution_g' => 2.0], ['measure.unweighable']];
    }

    public function test_a_butter_is_sound_until_water_slips_in(): void
    {
        $butter = self::document(
            [['shea-butter-refined', '120 g'], ['sunflower-oil-high-oleic', '60 g'], ['vitamin-e-tocopherols', '1 g']],
            ['family' => 'whipped_butter', 'batch' => null],
        );
        self::assertSame([], self::seriousCodes($butter));
        self::assertSame(Regime::Dry, self::evaluate($butter)->assessment->preservation->regime);
        $butter['lines'][] = ['ingredient' => 'aloe-juice', 'amount' => '20 g'];
        self::assertContains('emulsion.water_in_butter', self::seriousCodes($butter));
        self::assertSame(Regime::Fresh, self::evaluate($butter)->assessment->preservation->regime);
    }

    public function test_fresh_on_purpose_cold_and_short_is_no_fault(): void
    {
        $mask = self::document(
            [['avocado-flesh', '100 g'], ['honey', '10 g'], ['olive-oil', '10 g']],
            ['family' => 'fresh_mask', 'batch' => null],
        );
        $finding = self::finding(self::evaluate($mask), 'preservation.missing');
        self::assertSame(Severity::Note, $finding?->severity);
        $claimed = [...$mask, 'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 60]];
        self::assertSame(Severity::Stop, self::finding(self::evaluate($claimed), 'preservation.missing')?->severity);
        $warm = [...$mask, 'keeping' => ['intended' => 'fresh', 'storage' => 'room']];
        self::assertSame(Severity::Stop, self::finding(self::evaluate($warm), 'preservation.missing')?->severity);
    }

    public function test_honey_alone_does_not_make_an_oil_perishable(): void
    {
        $oil = self::document(
            [['olive-oil', '97 g'], ['honey', '3 g', 'oil']],
            ['family' => 'hair_oil', 'batch' => null],
        );
        self::assertSame(Regime::Dry, self::evaluate($oil)->assessment->preservation->regime);
    }

    public function test_a_spoon_near_a_limit_is_possibly_too_little(): void
    {
        $document = self::sound();
        $document['lines'][6]['amount'] = '1/4 tsp'; // about 1.3 g in 200: 0.61 to 0.69 %, least 0.6 %
        self::assertNull(self::finding(self::evaluate($document), 'preservation.low'));
        $document['batch'] = ['grams' => 215.0];
        self::assertSame(Certainty::Possible, self::finding(self::evaluate($document), 'preservation.low')?->certainty);
        $document['batch'] = ['grams' => 300.0];
        self::assertSame(Certainty::Certain, self::finding(self::evaluate($document), 'preservation.low')?->certainty);
    }

    public function test_the_limits_themselves_are_allowed(): void
    {
        $document = self::sound();
        foreach (['0.6 %' => 'preservation.low', '1.1 %' => 'preservation.high'] as $amount => $code) {
            $document['lines'][6]['amount'] = $amount;
            self::assertNull(self::finding(self::evaluate($document), $code), $amount);
        }
    }

    public function test_for_small_children_ceilings_fall_and_components_are_barred(): void
    {
        $document = [...self::sound(), 'for' => ['audience' => 'child_under_6']];
        self::assertSame(['scent.total_high'], self::seriousCodes($document));
        $document['for']['audience'] = 'child_under_3';
        $document['lines'][6] = [
            'ingredient' => 'propylene-glycol-diazolidinyl-urea-ipbc',
            'amount' => '0.4 %',
            'phase' => 'cooldown',
        ];
        self::assertContains('preservation.audience', self::seriousCodes($document));
    }

    public function test_on_a_made_batch_an_acid_dependent_preservative_counts_only_with_a_measured_ph(): void
    {
        $document = self::sound();
        self::assertSame(Regime::Preserved, self::evaluate($document, onBatch: true)->assessment->preservation->regime);
        unset($document['ph']);
        self::assertSame(Regime::Preserved, self::evaluate($document)->assessment->preservation->regime);
        self::assertSame(Regime::Fresh, self::evaluate($document, onBatch: true)->assessment->preservation->regime);
        $document['lines'][6] = [
            'ingredient' => 'phenoxyethanol-ethylhexylglycerin',
            'amount' => '0.9 %',
            'phase' => 'cooldown',
        ];
        self::assertSame(
            Regime::Preserved,
            self::evaluate($document, onBatch: true)->assessment->preservation->regime,
            'it works at any pH hair knows',
        );
    }

    public function test_two_blends_share_one_components_limit(): void
    {
        $document = self::sound();
        $document['lines'][6] = [
            'ingredient' => 'phenoxyethanol-ethylhexylglycerin',
            'amount' => '0.8 %',
            'phase' => 'cooldown',
        ];
        $document['lines'][] = [
            'ingredient' => 'phenoxyethanol-caprylyl-glycol',
            'amount' => '0.8 %',
            'phase' => 'cooldown',
        ];
        $finding = self::finding(self::evaluate($document), 'preservation.over_limit');
        self::assertSame([7, 10], $finding?->lines);
    }

    /** Mending whatever can be mended makes random formulas no worse and comes to an end. */
    public function test_applying_fixes_comes_to_an_end(): void
    {
        foreach (RandomFormulas::seeded(19, 600, self::catalogue()) as $document) {
            $seen = [];
            for ($round = 0; $round < 30; $round++) {
                $fix = null;
                foreach (self::evaluate($document)->findings as $finding) {
                    if ($finding->severity !== Severity::Note && $finding->fixes !== []) {
                        $fix = $finding->fixes[0];
                        break;
                    }
                }
                if ($fix === null) {
                    break;
                }
                $document = Patch::apply($document, $fix->patch);
                $print = json_encode($document, JSON_THROW_ON_ERROR);
                self::assertNotContains($print, $seen, 'The same formula came round again: '.$print);
                $seen[] = $print;
                FormulaDocument::read($document);
            }
            self::assertLessThan(30, $round, json_encode($document, JSON_THROW_ON_ERROR));
        }
    }

    public function test_every_fix_of_every_fault_mends_it(): void
    {
        foreach (self::faults() as $name => [$document]) {
            foreach (self::evaluate($document)->findings as $finding) {
                foreach ($finding->severity === Severity::Note ? [] : $finding->fixes as $fix) {
                    $after = self::evaluate(Patch::apply($document, $fix->patch));
                    $again = array_filter(
                        $after->findings,
                        static fn ($other): bool => $other->code === $finding->code
                            && $other->lines === $finding->lines,
                    );
                    self::assertSame([], array_values($again), "$name: $finding->code, $fix->label");
                }
            }
        }
    }
}
