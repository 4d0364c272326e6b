<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** The words that the check cases want, through whole formulas. By hand, from trade knowledge (recalled). */
final class PreservativeNotFreeTest extends CoreCase
{
    private const PE = 'phenoxyethanol-ethylhexylglycerin';

    private static function judged(string $family, array $lines, float $ph): Evaluation
    {
        return self::evaluate([
            'format' => 'ilvane.formula/1', 'name' => 'Test', 'family' => $family, 'batch' => ['grams' => 200.0],
            'scale_resolution_g' => 0.01, 'ph' => $ph,
            'lines' => array_map(static fn (array $line): array => [
                'ingredient' => $line[0],
                'amount' => $line[1],
            ], $lines),
        ]);
    }

    /** @return iterable<string, array{string, list<array{string, string}>, float, string, string}> regime, finding */
    public static function cases(): iterable
    {
        $lotion = static fn (string $oil): array => [
            ['distilled-water', 'to 100'], ['btms-50', '6 %'], ['sunflower-oil', $oil],
        ];
        yield 'a lotion of 15 % oil' => ['leave_in_emulsion', [...$lotion('15 %'), [self::PE, '1 %']], 5.5, 'preserved', ''];
        yield 'a cream of 25 % oil' => ['leave_in_emulsion', [...$lotion('25 %'), [self::PE, '1 %']], 5.5, 'preserved', ''];
        yield 'a cream of 60 % oil' => [
            'leave_in_emulsion', [...$lotion('60 %'), [self::PE, '1 %']], 5.5, 'preserved', 'mind',
        ];
        yield 'a gel at the low end of the range' => [
            'gel',
            [['distilled-water', 'to 100'], ['xanthan-gum', '0.5 %'], [self::PE, '0.5 %']],
            5.5,
            'preserved',
            'mind',
        ];
        yield 'the same at its usual dose' => [
            'gel',
            [['distilled-water', 'to 100'], ['xanthan-gum', '0.5 %'], [self::PE, '1 %']],
            5.5,
            'preserved',
            '',
        ];
        yield 'in 15 % polysorbate' => [
            'water_spray',
            [['distilled-water', 'to 100'], ['polysorbate-20', '15 %'], [self::PE, '0.5 %']],
            5.0,
            'fresh',
            'stop',
        ];
        yield 'beside 1.5 % polysorbate' => [
            'water_spray',
            [['distilled-water', 'to 100'], ['polysorbate-20', '1.5 %'], [self::PE, '1 %']],
            5.5,
            'preserved',
            '',
        ];
        yield 'benzoate and sorbate at 4.5' => [
            'water_spray',
            [['distilled-water', 'to 100'], ['sodium-benzoate-potassium-sorbate', '1 %'], ['citric-acid', '0.4 %']],
            4.5,
            'preserved',
            '',
        ];
    }

    #[DataProvider('cases')]
    public function test_what_is_said_of_it(string $family, array $lines, float $ph, string $regime, string $says): void
    {
        $evaluation = self::judged($family, $lines, $ph);
        self::assertSame($regime, $evaluation->assessment->preservation->regime->value);
        self::assertSame($says, self::finding($evaluation, 'preservation.not_free')?->severity->value ?? '');
        self::assertSame($says !== 'stop', $evaluation->isDated(), 'no date where too little is at work');
    }

    public function test_the_model_lowers_what_the_supplier_says_and_never_raises_it(): void
    {
        // the figure alone would let it pass at pH 7.5; the range of the system ends at 6
        $evaluation = self::judged('water_spray', [
            ['distilled-water', 'to 100'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %'],
        ], 7.5);
        self::assertSame('fresh', $evaluation->assessment->preservation->regime->value);
        self::assertSame(Severity::Stop, self::finding($evaluation, 'preservation.ph_unsuited')?->severity);
        self::assertNull(self::finding($evaluation, 'preservation.not_free'), 'said once');
    }

    public function test_it_says_what_dose_in_a_lotion_would_do_the_same(): void
    {
        $finding = self::finding(self::judged('water_spray', [
            ['distilled-water', 'to 100'], ['polysorbate-20', '15 %'], [self::PE, '0.5 %'],
        ], 5.0), 'preservation.not_free');
        self::assertSame('no_like', $finding?->variant);
        self::assertGreaterThan(0.0, $finding->terms['like']->value);
        self::assertLessThan(0.25, $finding->terms['like']->value);
    }
}
