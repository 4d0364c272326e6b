<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Support\CoreCase;
use Tests\Support\SoundFormulas;

/**
 * Whole formulas, invented: sound ones of which nothing may be minded, and flawed ones whose codes are exactly these.
 */
final class FormulaSetTest extends CoreCase
{
    /** @param  list<array{0: string, 1: string}>  $lines */
    #[DataProviderExternal(SoundFormulas::class, 'all')]
    public function test_nothing_is_minded_in_a_sound_formula(string $family, array $lines, array $more = []): void
    {
        $document = self::document($lines, [...['family' => $family], ...$more]);
        self::assertSame([], self::seriousCodes($document));
        self::assertLessThanOrEqual(6, count(self::evaluate($document)->findings), 'as few notes as are of use');
    }

    /**
     * @param  list<array{0: string, 1: string}>  $lines
     * @param  array<string, mixed>  $more
     * @param  list<string>  $codes
     */
    #[DataProvider('flawed')]
    public function test_a_flawed_formula_is_told_exactly_what_ails_it(
        string $family,
        array $lines,
        array $more,
        array $codes,
    ): void {
        self::assertSame($codes, self::seriousCodes(self::document($lines, [...['family' => $family], ...$more])));
    }

    public static function flawed(): iterable
    {
        $cream = static fn (array ...$more): array => [
            ['distilled-water', 'to 100'],
            ['emulsifying-wax-nf', '5 %'],
            ['cetyl-alcohol', '2 %'],
            ['sweet-almond-oil', '12 %'],
            ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ...$more,
        ];
        $ph = ['ph' => 5.0];
        $loose = ['batch' => null];

        yield 'oil and water, nothing to hold them' => [
            'leave_in_emulsion',
            [['distilled-water', 'to 100'], ['jojoba-oil', '10 %'], ['phenoxyethanol-ethylhexylglycerin', '0.9 %']],
            $ph,
            ['emulsion.no_emulsifier'],
        ];
        yield 'a gum trusted to hold oil' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['jojoba-oil', '10 %'],
                ['xanthan-gum', '0.5 %', 'water', ['prepared' => 'wetted']],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            $ph,
            ['emulsion.no_emulsifier', 'emulsion.not_an_emulsifier'],
        ];
        yield 'aloe whipped into a butter' => [
            'whipped_butter',
            [['shea-butter-refined', '150 g'], ['jojoba-oil', '50 g'], ['aloe-juice', '30 g']],
            $loose,
            ['emulsion.water_in_butter', 'preservation.missing'],
        ];
        yield 'an emulsion trusted to vitamin E' => [
            'leave_in_emulsion',
            [['distilled-water', 'to 100'], ['btms-50', '5 %'], ['argan-oil', '6 %'], ['vitamin-e-tocopherols', '1 %']],
            $ph,
            ['preservation.missing', 'preservation.vitamin_e_is_not'],
        ];
        yield 'an emulsion trusted to tea tree' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['tea-tree-essential-oil', '0.5 %'],
            ],
            $ph,
            ['preservation.missing', 'preservation.scent_is_not'],
        ];
        yield 'a ferment alone' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['radish-root-ferment-filtrate', '3 %'],
            ],
            $ph,
            ['preservation.narrow', 'preservation.weak_alone'],
        ];
        yield 'benzoate alone' => [
            'leave_in_emulsion',
            [['distilled-water', 'to 100'], ['btms-50', '5 %'], ['argan-oil', '6 %'], ['sodium-benzoate', '0.5 %']],
            ['ph' => 4.5],
            ['preservation.weak_alone'],
        ];
        yield 'benzoate where it does nothing' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['sodium-benzoate-potassium-sorbate', '1 %'],
            ],
            ['ph' => 6.5],
            ['preservation.ph_unsuited'],
        ];
        yield 'soap and conditioner' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['castile-soap-liquid', '3 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            $ph,
            ['dose.high', 'emulsion.charge_clash'],
        ];
        yield 'xanthan and conditioner' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['xanthan-gum', '0.4 %', 'water', ['prepared' => 'wetted']],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            $ph,
            ['emulsion.charge_clash'],
        ];
        yield 'more oil than water can hold' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['emulsifying-wax-nf', '18 %'],
                ['sweet-almond-oil', '76 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            $ph,
            ['emulsion.inner_phase_high', 'emulsion.load_high', 'preservation.not_free'], // three quarters of it is oil
        ];
        yield 'polysorbate for an oil that wants less' => [
            'leave_in_emulsion',
            [
                ['distilled-water', 'to 100'],
                ['polysorbate-80', '4.5 %'],
                ['sorbitan-oleate', '0.5 %'],
                ['sweet-almond-oil', '6 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            $ph,
            ['emulsion.hlb_off', 'preservation.not_free'], // in the micelles of the polysorbate
        ];
        yield 'dry gum on the water' => [
            'leave_in_emulsion',
            $cream(['xanthan-gum', '0.2 %', 'water']),
            $ph,
            [], // a hint of the process is a note
        ];
        yield 'too much gum' => [
            'leave_in_emulsion',
            $cream(['xanthan-gum', '2.5 %', 'water', ['prepared' => 'wetted']]),
            $ph,
            ['gum.high'],
        ];
        yield 'far too much glycerin' => ['leave_in_emulsion', $cream(['glycerin', '20 %']), $ph, ['humectant.high']];
        yield 'amla by the spoon' => [
            'leave_in_emulsion',
            $cream(['amla-powder', '6 %', 'water']),
            $ph,
            ['dose.high', 'powder.high', 'preservation.food'], // more of it than a preservative holds
        ];
        yield 'nettle never strained' => [
            'leave_in_emulsion',
            $cream(['nettle-dried', '1 %', 'water']),
            $ph,
            ['plant.left_in'],
        ];
        yield 'aloe leaf with its latex' => [
            'fresh_mask',
            [['aloe-leaf-fresh', '60 g'], ['olive-oil', '20 g']],
            $loose,
            ['plant.latex', 'plant.unstrained'],
        ];
        yield 'banana in bits' => [
            'fresh_mask',
            [['banana-flesh', '80 g'], ['olive-oil', '20 g']],
            $loose,
            ['plant.unstrained'],
        ];
        yield 'fresh rosemary in oil' => [
            'infused_oil',
            [['rosemary-fresh', '30 g', 'oil'], ['olive-oil', '200 g']],
            $loose,
            ['plant.fresh_in_oil', 'plant.low_acid_in_oil', 'preservation.missing'],
        ];
        yield 'bergamot in the sun' => [
            'hair_oil',
            [['jojoba-oil', '98 %'], ['bergamot-essential-oil-expressed', '2 %']],
            [],
            ['scent.phototoxic', 'scent.single_high', 'scent.total_high'],
        ];
        yield 'peppermint for a toddler' => [
            'hair_oil',
            [['sunflower-oil-high-oleic', '99.8 %'], ['peppermint-essential-oil', '0.2 %']],
            ['for' => ['audience' => 'child_under_3']],
            ['scent.audience', 'scent.total_high'],
        ];
        yield 'cayenne by the spoon' => [
            'hair_oil',
            [['olive-oil', '95 %'], ['cayenne-powder', '5 %', 'oil']],
            [],
            ['irritant.strong', 'powder.high'],
        ];
        yield 'a butter too soft to whip' => [
            'whipped_butter',
            [['shea-butter-refined', '15 %'], ['jojoba-oil', '85 %']],
            [],
            ['texture.too_soft'],
        ];
        yield 'a butter hard as a bar' => [
            'whipped_butter',
            [['cocoa-butter', '80 %'], ['jojoba-oil', '20 %']],
            [],
            ['texture.too_hard'],
        ];
        yield 'a butter that slumps in summer' => [
            'whipped_butter',
            [['coconut-oil', '60 %'], ['shea-butter-refined', '20 %'], ['jojoba-oil', '20 %']],
            [],
            ['texture.slumps'],
        ];
        yield 'kept on the shelf, trusted to nothing' => [
            'water_spray',
            [['rose-hydrosol', '100 g']],
            ['batch' => null, 'keeping' => ['storage' => 'room', 'claimed_days' => 60]],
            ['keeping.claim_too_long', 'preservation.missing'],
        ];
        yield 'a spray with what sprays may not hold' => [
            'water_spray',
            [['distilled-water', 'to 100'], ['glycerin', '3 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']],
            $ph,
            ['preservation.form_unsuited'],
        ];
        yield 'more than the jar holds' => [
            'leave_in_emulsion',
            $cream(),
            [...$ph, 'batch' => ['grams' => 600.0], 'packaging' => ['container' => 'pet-pump-250', 'count' => 2]],
            ['yield.exceeds_containers'],
        ];
        yield 'caustic in the jar' => [
            'leave_in_emulsion',
            $cream(['sodium-hydroxide-solution', '0.3 %']),
            $ph,
            ['safety.caustic'],
        ];
        yield 'a promise on the jar' => [
            'hair_oil',
            [['castor-oil', '99.5 %'], ['vitamin-e-tocopherols', '0.5 %']],
            ['name' => 'Edge regrowth oil'],
            ['label.claim'],
        ];
        yield 'heated until it boils away' => [
            'leave_in_emulsion',
            $cream(),
            [...$ph, 'process' => ['heat_to_c' => 110.0]],
            ['heat.over_ceiling', 'heat.unreachable'],
        ];
        yield 'never melted' => [
            'leave_in_emulsion',
            $cream(),
            [...$ph, 'process' => ['heat_to_c' => 45.0]],
            ['heat.below_melting'],
        ];
        yield 'cool-down while hot' => [
            'leave_in_emulsion',
            $cream(['rosehip-oil', '2 %', 'cooldown']),
            [...$ph, 'process' => ['gate_c' => 60.0]],
            ['heat.gate'],
        ];
        yield 'too sour to wear' => ['leave_in_emulsion', $cream(), ['ph' => 3.2], ['acidity.low']];
    }

    /**
     * Pressing the first offer of each finding, again and again: in few steps only what asks the maker a question is
     * left.
     *
     * @param  list<array{0: string, 1: string}>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('flawed')]
    public function test_the_fixes_offered_mend_it_in_few_steps(string $family, array $lines, array $more): void
    {
        $document = self::document($lines, [...['family' => $family], ...$more]);
        $offers = static fn (array $document): array => array_values(array_filter(
            self::evaluate($document)->findings,
            static fn ($finding): bool => $finding->severity !== Severity::Note && $finding->fixes !== [],
        ));
        for ($step = 0; $step < 7 && ($open = $offers($document)) !== []; $step++) {
            $document = Patch::apply($document, $open[0]->fixes[0]->patch);
        }
        self::assertSame([], array_map(static fn ($finding): string => $finding->code, $offers($document)));
    }

    /** One thing undone in every sound, preserved formula: the code that fits, and nothing that has no part in it. */
    #[DataProvider('preserved')]
    public function test_undoing_one_thing_is_noticed_wherever_it_is_undone(
        string $family,
        array $lines,
        array $more,
    ): void {
        $document = self::document($lines, [...['family' => $family], ...$more]);
        $mutations = [
            'preservation.missing' => [
                self::without($document, Kind::Preservative),
                ['preservation.missing', 'preservation.scent_is_not', 'preservation.vitamin_e_is_not'],
            ],
            'preservation.heated' => [
                self::linesOf($document, Kind::Emulsifier) === []
                    ? null
                    : self::changed($document, Kind::Preservative, ['phase' => 'water']),
                ['preservation.heated'],
            ],
            'preservation.low' => [
                self::scaled($document, Kind::Preservative, 0.25),
                ['preservation.low', 'preservation.wrong_base'],
            ],
            'preservation.over_limit' => [
                self::scaled($document, Kind::Preservative, 3.0),
                ['preservation.over_limit'],
            ],
            'emulsion.no_emulsifier' => [
                self::without($document, Kind::Emulsifier),
                ['emulsion.no_emulsifier', 'emulsion.not_an_emulsifier'],
            ],
            'emulsion.load_low' => [self::scaled($document, Kind::Emulsifier, 0.15), ['emulsion.load_low']],
            'scent.total_high' => [
                self::scaled($document, Kind::EssentialOil, 8.0),
                ['scent.total_high', 'scent.single_high'],
            ],
            'acidity.high' => [[...$document, 'ph' => 8.0], ['acidity.high', 'preservation.ph_unsuited']],
        ];
        $noticed = 0;
        foreach ($mutations as $code => [$mutant, $fitting]) {
            if ($mutant === null) {
                continue;
            }
            $codes = self::seriousCodes($mutant);
            self::assertContains($code, $codes);
            self::assertSame([], array_values(array_diff($codes, $fitting)), "$code drew what has no part in it");
            $noticed++;
        }
        self::assertGreaterThanOrEqual(4, $noticed);
    }

    public static function preserved(): iterable
    {
        foreach (SoundFormulas::all() as $name => $formula) {
            [$family, $lines, $more] = [...$formula, []];
            if (self::evaluate(self::document(
                $lines,
                [...['family' => $family], ...$more],
            ))->assessment->preservation->regime === Regime::Preserved) {
                yield $name => [$family, $lines, $more];
            }
        }
    }

    /** @return list<int> */
    private static function linesOf(array $document, Kind $kind): array
    {
        return array_keys(array_filter(
            $document['lines'],
            static fn (array $line): bool => self::catalogue()->get($line['ingredient'])->kind === $kind,
        ));
    }

    private static function without(array $document, Kind $kind): ?array
    {
        $at = self::linesOf($document, $kind);
        $document['lines'] = array_values(array_diff_key($document['lines'], array_flip($at)));

        return $at === [] ? null : $document;
    }

    private static function changed(array $document, Kind $kind, array $change): ?array
    {
        $at = self::linesOf($document, $kind);
        foreach ($at as $line) {
            $document['lines'][$line] = [...$document['lines'][$line], ...$change];
        }

        return $at === [] ? null : $document;
    }

    private static function scaled(array $document, Kind $kind, float $by): ?array
    {
        $at = self::linesOf($document, $kind);
        foreach ($at as $line) {
            [$number, $unit] = explode(' ', $document['lines'][$line]['amount']);
            $document['lines'][$line]['amount'] = $by * (float) $number.' '.$unit;
        }

        return $at === [] ? null : $document;
    }
}
