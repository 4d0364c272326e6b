<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Microbiology\AsAcid;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Regulation (EC) No 1223/2009, Annex V, maxima in the ready-for-use product, recalled (entry numbers beside each), and
 * the molar-mass factors for limits expressed as acid (IUPAC standard atomic weights).
 */
final class PreservativeLimitsTest extends CoreCase
{
    /** @return iterable<string, array{string, string, float, float}> */
    public static function annexV(): iterable
    {
        yield 'entry 1, benzoic acid' => ['sodium-benzoate', 'Sodium Benzoate', 0.5, 2.5];
        yield 'entry 4, sorbic acid' => ['potassium-sorbate', 'Potassium Sorbate', 0.6, 0.6];
        yield 'entry 13, dehydroacetic acid' => ['benzyl-alcohol-dehydroacetic-acid', 'Dehydroacetic Acid', 0.6, 0.6];
        yield 'entry 29, phenoxyethanol' => ['phenoxyethanol', 'Phenoxyethanol', 1.0, 1.0];
        yield 'entry 34, benzyl alcohol' => ['benzyl-alcohol-dehydroacetic-acid', 'Benzyl Alcohol', 1.0, 1.0];
        yield 'entry 46, diazolidinyl urea' => [
            'propylene-glycol-diazolidinyl-urea-parabens',
            'Diazolidinyl Urea',
            0.5,
            0.5,
        ];
        yield 'entry 12, methylparaben' => ['propylene-glycol-diazolidinyl-urea-parabens', 'Methylparaben', 0.4, 0.4];
        yield 'entry 12a, propylparaben' => [
            'propylene-glycol-diazolidinyl-urea-parabens',
            'Propylparaben',
            0.14,
            0.14,
        ];
        yield 'entry 56, IPBC' => [
            'propylene-glycol-diazolidinyl-urea-ipbc',
            'Iodopropynyl Butylcarbamate',
            0.01,
            0.02,
        ];
        yield 'entry 3, salicylic acid' => ['benzyl-alcohol-salicylic-acid-sorbic-acid', 'Salicylic Acid', 0.5, 0.5];
    }

    #[DataProvider('annexV')]
    public function test_the_catalogue_holds_the_published_maximum(
        string $key,
        string $inci,
        float $leaveOn,
        float $rinseOff,
    ): void {
        foreach (self::catalogue()->get($key)->preservativeComponents as $component) {
            if ($component->inci === $inci) {
                self::assertSame([$leaveOn, $rinseOff], [$component->leaveOnLimit, $component->rinseOffLimit]);

                return;
            }
        }
        self::fail("$key holds no $inci");
    }

    /** factor = M(acid)/M(salt); the most of the raw material = limit / factor. */
    #[DataProvider('asAcid')]
    public function test_limits_as_acid_are_converted_by_molar_mass(
        string $inci,
        float $factor,
        float $limit,
        float $mostOfRawMaterial,
    ): void {
        self::assertEqualsWithDelta($factor, AsAcid::factor($inci), 5e-5);
        self::assertEqualsWithDelta($mostOfRawMaterial, $limit / AsAcid::factor($inci), 1e-4);
    }

    public static function asAcid(): iterable
    {
        yield ['Sodium Benzoate', 0.84746, 0.5, 0.5900];
        yield ['Sodium Benzoate', 0.84746, 2.5, 2.9500];
        yield ['Potassium Sorbate', 0.74644, 0.6, 0.8038];
        yield ['Sodium Dehydroacetate', 0.88438, 0.6, 0.6784];
        yield ['Sodium Salicylate', 0.86270, 0.5, 0.5796];
        yield ['Methylparaben', 0.90781, 0.4, 0.4406];
        yield ['Propylparaben', 0.76648, 0.14, 0.1827];
    }

    /** 0.589 % sodium benzoate is allowed in a leave-on, 0.591 % is not; rinse-off five times as much. */
    public function test_the_check_draws_the_line_where_the_law_does(): void
    {
        $find = fn (string $amount, string $use): ?Finding => self::finding(self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['sodium-benzoate', $amount, 'water']],
            ['family' => 'gel', 'use' => $use, 'ph' => 4.5],
        )), 'preservation.over_limit');
        self::assertNull($find('0.589 %', 'leave_on'));
        self::assertSame(Certainty::Certain, $find('0.591 %', 'leave_on')?->certainty);
        self::assertNull($find('2.949 %', 'rinse_off'));
        self::assertSame(Certainty::Certain, $find('2.951 %', 'rinse_off')?->certainty);
    }

    /** No preservative of the catalogue breaks the law at the top of its usual range, whatever its blend holds. */
    public function test_usual_ranges_are_lawful_at_the_highest_fraction_a_blend_may_hold(): void
    {
        foreach (self::catalogue()->all() as $ingredient) {
            foreach ($ingredient->preservativeComponents as $component) {
                if ($component->leaveOnLimit !== null && $ingredient->use !== null) {
                    $asCounted = $ingredient->use->max * $component->high / 100 * (
                        $component->limitIsAsAcid() ? AsAcid::factor($component->inci) : 1.0
                    );
                    self::assertLessThanOrEqual(
                        $component->leaveOnLimit + 0.0005,
                        $asCounted,
                        "$ingredient->key, $component->inci",
                    );
                }
            }
        }
    }
}
