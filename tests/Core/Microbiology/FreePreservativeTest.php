<?php

declare(strict_types=1);

namespace Tests\Core\Microbiology;

use Ilvane\Core\Microbiology\Activities;
use Ilvane\Core\Microbiology\FreePreservative;
use Ilvane\Core\Microbiology\Medium;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Systems in words, with how far each reaches for its weakest group. The words come from trade knowledge and the
 * figures were fitted to such systems (recalled): these cases test the code, not the truth. Reach within 15 %.
 */
final class FreePreservativeTest extends CoreCase
{
    private const BA_DHA = ['Benzyl Alcohol' => 0.87, 'Dehydroacetic Acid' => 0.08];

    private const PE_EHG = ['Phenoxyethanol' => 0.90, 'Ethylhexylglycerin' => 0.10];

    private const PE_CG = ['Phenoxyethanol' => 0.70, 'Caprylyl Glycol' => 0.30];

    private const PAIR = ['Sodium Benzoate' => 0.5, 'Potassium Sorbate' => 0.5];

    private const GLUCONO = ['Gluconolactone' => 0.74, 'Sodium Benzoate' => 0.245];

    private const DU_PARABENS = [
        'Propylene Glycol' => 0.56, 'Diazolidinyl Urea' => 0.30, 'Methylparaben' => 0.11, 'Propylparaben' => 0.03,
    ];

    private const DU_IPBC = [
        'Propylene Glycol' => 0.60, 'Diazolidinyl Urea' => 0.396, 'Iodopropynyl Butylcarbamate' => 0.004,
    ];

    /**
     * @return iterable<string, array{array<string, float>, float, Medium, float, float, string}> make-up of the blend,
     *   its percent, where it goes, pH, E, weakest group
     */
    public static function systems(): iterable
    {
        $oil = static fn (float $share): Medium => new Medium(oil: $share);
        $n = 'gram_negative';
        $p = 'gram_positive';
        yield '1 lotion 10 % oil, benzyl alcohol and dehydroacetic' => [self::BA_DHA, 0.9, $oil(0.10), 4.8, 2.08, $n];
        yield '2 cream 25 % oil' => [self::BA_DHA, 0.9, $oil(0.25), 5.5, 1.93, $n];
        yield '3 a third of it' => [self::BA_DHA, 0.3, $oil(0.25), 5.5, 0.64, $n];
        yield '4 above its pH' => [self::BA_DHA, 0.9, $oil(0.0), 7.5, 1.22, 'mould'];
        yield '5 lotion 15 % oil, phenoxyethanol and ethylhexylglycerin' => [
            self::PE_EHG, 1.0, $oil(0.15), 5.5, 1.82, 'yeast',
        ];
        yield '6 cream 25 % oil' => [self::PE_EHG, 1.0, $oil(0.25), 6.5, 1.63, 'yeast'];
        yield '7 cream 60 % oil' => [self::PE_EHG, 1.0, $oil(0.60), 5.5, 1.10, 'yeast'];
        yield '8 gel, half of it' => [self::PE_EHG, 0.5, $oil(0.0), 6.0, 1.11, 'yeast'];
        yield '9 spray, a tenth of it' => [self::PE_EHG, 0.1, $oil(0.0), 5.5, 0.22, 'yeast'];
        yield '10 in micelles' => [self::PE_EHG, 0.5, new Medium(surfactant: 0.15), 5.0, 0.22, 'yeast'];
        yield '11 a little polysorbate' => [self::PE_EHG, 1.0, new Medium(surfactant: 0.015), 5.5, 1.70, 'yeast'];
        yield '15 phenoxyethanol alone' => [['Phenoxyethanol' => 1.0], 0.8, $oil(0.15), 5.5, 1.01, 'yeast'];
        yield '16 phenoxyethanol and caprylyl glycol' => [self::PE_CG, 1.0, $oil(0.10), 5.0, 1.94, 'mould'];
        yield '17 benzoate and sorbate at 4.5' => [self::PAIR, 1.0, $oil(0.0), 4.5, 3.96, $n];
        yield '18 half of it at 5' => [self::PAIR, 0.5, $oil(0.0), 5.0, 0.94, $n];
        yield '19 at 5.5' => [self::PAIR, 1.0, $oil(0.0), 5.5, 0.72, $n];
        yield '20 at 6' => [self::PAIR, 1.0, $oil(0.0), 6.0, 0.25, $n];
        yield '21 at 8.4' => [self::PAIR, 1.0, $oil(0.0), 8.4, 0.00, $n];
        yield '22 benzoate alone, 0.1 %' => [['Sodium Benzoate' => 1.0], 0.1, $oil(0.0), 4.5, 0.47, $n];
        yield '23 sorbate alone at 6.5' => [['Potassium Sorbate' => 1.0], 0.3, $oil(0.0), 6.5, 0.03, $n];
        yield '24 gluconolactone and benzoate' => [self::GLUCONO, 1.5, $oil(0.15), 4.8, 1.28, $p];
        yield '25 the same at 5.5' => [self::GLUCONO, 1.0, $oil(0.0), 5.5, 0.20, $p];
        yield '26 diazolidinyl urea and parabens' => [self::DU_PARABENS, 1.0, $oil(0.20), 6.0, 1.48, 'yeast'];
        yield '27 parabens sit in the oil' => [self::DU_PARABENS, 0.5, $oil(0.60), 5.0, 0.96, 'yeast'];
        yield '28 diazolidinyl urea and IPBC' => [self::DU_IPBC, 0.4, $oil(0.15), 6.0, 1.73, 'yeast'];
        yield '29 levulinate and anisate' => [
            ['Sodium Levulinate' => 0.75, 'Sodium Anisate' => 0.25], 1.6, $oil(0.20), 5.0, 2.03, 'yeast',
        ];
        yield '30 the same at 6.5' => [
            ['Sodium Levulinate' => 0.75, 'Sodium Anisate' => 0.25], 1.6, $oil(0.20), 6.5, 0.12, $n,
        ];
        yield '31 caprylyl glycol and glyceryl caprylate' => [
            ['Caprylyl Glycol' => 0.5, 'Glyceryl Caprylate' => 0.5], 1.0, $oil(0.20), 5.5, 0.97, $n,
        ];
        yield '32 radish ferment' => [
            ['Leuconostoc/Radish Root Ferment Filtrate' => 1.0], 4.0, $oil(0.0), 5.0, 0.50, 'yeast',
        ];
        yield '33 ethanol 11 %' => [['Alcohol' => 1.0], 11.0, $oil(0.0), 5.5, 0.75, 'yeast'];
        yield '34 ethanol 22 %' => [['Alcohol' => 1.0], 22.0, $oil(0.0), 5.5, 1.47, 'yeast'];
    }

    /** @param  array<string, float>  $blend */
    #[DataProvider('systems')]
    public function test_how_far_it_reaches(
        array $blend,
        float $percent,
        Medium $medium,
        float $ph,
        float $expected,
        string $worst,
    ): void {
        $parts = (new Activities(self::catalogue()))->of(
            array_map(static fn (float $share): float => $share * $percent, $blend),
        );
        $reach = FreePreservative::of($parts, $medium, $ph);
        $all = (string) json_encode($reach->reach);
        self::assertEqualsWithDelta($expected, min($reach->reach), max(0.15 * $expected, 0.02), $all);
        self::assertTrue(
            $reach->worst()->value === $worst || $reach->reach[$worst] <= min($reach->reach) * 1.15 + 0.005,
            "{$reach->worst()->value}: $all",
        );
    }

    public function test_a_dose_in_a_formula_is_taken_from_its_lines_and_its_oil(): void
    {
        $composition = self::weigh(self::document([
            ['distilled-water', 'to 100'], ['btms-50', '4 %', 'oil'], ['sunflower-oil', '15 %', 'oil'],
            ['phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'],
        ]));
        $medium = Medium::of($composition);
        self::assertEqualsWithDelta(0.15 + 0.3 * 0.04, $medium->oil, 1e-9);
        $reach = FreePreservative::of((new Activities(self::catalogue()))->in($composition), $medium, 5.5);
        self::assertEqualsWithDelta(1.82, min($reach->reach), 0.15 * 1.82);
        self::assertSame('yes', FreePreservative::word(min($reach->reach)));
    }

    /** @return iterable<string, array{float, string}> */
    public static function words(): iterable
    {
        yield 'covered' => [1.2, 'yes'];
        yield 'a hair under' => [1.199, 'possibly'];
        yield 'possibly' => [0.8, 'possibly'];
        yield 'under it' => [0.799, 'no'];
    }

    #[DataProvider('words')]
    public function test_where_one_word_becomes_another(float $reach, string $word): void
    {
        self::assertSame($word, FreePreservative::word($reach));
    }
}
