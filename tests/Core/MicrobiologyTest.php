<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Material\Coverage;
use Ilvane\Core\Microbiology\AudienceRestriction;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class MicrobiologyTest extends CoreCase
{
    /** What makes a product perishable, and what does not. Common practice. */
    #[DataProvider('regimes')]
    public function test_the_regime_follows_from_what_is_inside(array $lines, string $family, Regime $regime): void
    {
        self::assertSame(
            $regime,
            self::evaluate(self::document(
                $lines,
                ['family' => $family, 'batch' => null],
            ))->assessment->preservation->regime,
        );
    }

    public static function regimes(): iterable
    {
        yield 'oils alone' => [[['olive-oil', '50 g'], ['jojoba-oil', '20 g']], 'hair_oil', Regime::Dry];
        yield 'dried plants, strained out' => [
            [['olive-oil', '100 g'], ['calendula-dried', '15 g', 'infusion']],
            'infused_oil',
            Regime::Dry,
        ];
        yield 'a powder left in' => [[['olive-oil', '95 g'], ['amla-powder', '5 g', 'oil']], 'hair_oil', Regime::Dry];
        yield 'honey, too concentrated to spoil' => [
            [['shea-butter-refined', '95 g'], ['honey', '5 g', 'oil']],
            'whipped_butter',
            Regime::Dry,
        ];
        yield 'a drop of rose water' => [
            [['shea-butter-refined', '99 g'], ['rose-hydrosol', '1 g']],
            'whipped_butter',
            Regime::Fresh,
        ];
        yield 'wet plant in the oil' => [
            [['olive-oil', '90 g'], ['mint-fresh', '10 g', 'infusion']],
            'infused_oil',
            Regime::Fresh,
        ];
        yield 'the same, cooked out' => [
            [['olive-oil', '90 g'], ['mint-fresh', '10 g', 'infusion', ['prepared' => 'cooked_out']]],
            'infused_oil',
            Regime::Dry,
        ];
        yield 'the same, dried' => [
            [['olive-oil', '90 g'], ['mint-fresh', '10 g', 'infusion', ['prepared' => 'dried']]],
            'infused_oil',
            Regime::Dry,
        ];
        yield 'a solution below a percent of water' => [
            [['olive-oil', '98 g'], ['sodium-lactate', '2 g', 'oil']],
            'hair_oil',
            Regime::Dry,
        ];
        yield 'a solution above it' => [
            [['olive-oil', '96 g'], ['sodium-lactate', '4 g', 'oil']],
            'hair_oil',
            Regime::Fresh,
        ];
        yield 'water, broad system' => [
            [['distilled-water', '99 g'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 g']],
            'gel',
            Regime::Preserved,
        ];
        yield 'water, half a system' => [
            [['distilled-water', '99 g'], ['phenoxyethanol', '0.8 g']],
            'gel',
            Regime::Preserved, // held, and asked about: preservation.narrow
        ];
        yield 'water, two halves that make a whole' => [
            [['distilled-water', '99 g'], ['phenoxyethanol', '0.8 g'], ['potassium-sorbate', '0.3 g']],
            'gel',
            Regime::Fresh, // the salt makes the water alkaline: half of the pair is not at work
        ];
        yield 'water, a disputed ferment' => [
            [['distilled-water', '96 g'], ['radish-root-ferment-filtrate', '4 g']],
            'gel',
            Regime::Fresh,
        ];
        yield 'water, too little of a good one' => [
            [['distilled-water', '99 g'], ['benzyl-alcohol-dehydroacetic-acid', '0.3 g']],
            'gel',
            Regime::Fresh,
        ];
    }

    public function test_acid_systems_stop_working_at_their_edge(): void
    {
        $at = static fn (float $ph): Regime => self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['sodium-benzoate-potassium-sorbate', '0.8 %', 'water']],
            ['family' => 'gel', 'ph' => $ph],
        ))->assessment->preservation->regime;
        self::assertSame(
            [Regime::Preserved, Regime::Preserved, Regime::Fresh, Regime::Fresh],
            array_map($at, [4.5, 5.0, 5.1, 2.9]),
        );
    }

    public function test_two_systems_hold_what_either_holds(): void
    {
        $both = (new Coverage(2, 0, 0))->with(new Coverage(0, 2, 1));
        self::assertEquals(new Coverage(2, 2, 1), $both);
        self::assertTrue($both->isComplete());
        self::assertFalse((new Coverage(2, 2, 0))->isComplete(), 'mould alone is enough to spoil it');
        self::assertFalse((new Coverage(0, 2, 2))->isComplete());
    }

    /** Regulation (EC) No 1223/2009, Annex V, conditions of entries 3, 12a and 56, recalled. */
    public function test_components_barred_for_small_children(): void
    {
        self::assertSame(
            ['56', '3', '12a', null],
            array_map(
                static fn (string $inci): ?string => AudienceRestriction::entry($inci, Audience::ChildUnder3),
                ['Iodopropynyl Butylcarbamate', 'Salicylic Acid', 'Propylparaben', 'Phenoxyethanol'],
            ),
        );
        self::assertNull(AudienceRestriction::entry('Salicylic Acid', Audience::ChildUnder6));
    }

    public function test_a_blend_is_opened_into_what_the_law_counts(): void
    {
        $dose = self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['sodium-benzoate-potassium-sorbate', '1 %', 'water']],
            ['family' => 'gel', 'ph' => 4.5],
        ))->assessment->preservation->doses[0];
        self::assertSame(
            ['Sodium Benzoate', 'Potassium Sorbate'],
            array_map(static fn ($part): string => $part->component->inci, $dose->components),
        );
        self::assertEqualsWithDelta(0.5 * 122.123 / 144.105, $dose->components[0]->percent->likely, 1e-9);
        self::assertEqualsWithDelta(0.5 * 112.128 / 150.218, $dose->components[1]->percent->likely, 1e-9);
        self::assertLessThan(
            $dose->components[0]->percent->likely,
            $dose->components[0]->percent->low,
            'the blend is a range',
        );
    }
}
