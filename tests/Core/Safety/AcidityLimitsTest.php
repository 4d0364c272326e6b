<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What hair and scalp bear: silent at the limit, speaks a hundredth beyond. Common practice. */
final class AcidityLimitsTest extends CoreCase
{
    public static function limits(): iterable
    {
        yield 'left on, sour' => ['leave_on', 3.5, -0.01, 'acidity.low'];
        yield 'left on, alkaline' => ['leave_on', 7.0, 0.01, 'acidity.high'];
        yield 'rinsed off, a vinegar rinse' => ['rinse_off', 2.8, -0.01, 'acidity.low'];
        yield 'rinsed off, alkaline' => ['rinse_off', 7.0, 0.01, 'acidity.high'];
        yield 'burns, sour' => ['rinse_off', 2.5, -0.01, 'acidity.extreme'];
        yield 'burns, alkaline' => ['rinse_off', 11.0, 0.01, 'acidity.extreme'];
    }

    #[DataProvider('limits')]
    public function test_at_the_limit_silent_beyond_it_speaks(
        string $use,
        float $limit,
        float $beyond,
        string $code,
    ): void {
        $codes = static fn (float $ph): array => self::evaluate([
            ...self::sound(),
            'use' => $use,
            'ph' => $ph,
        ])->codes();
        self::assertNotContains($code, $codes($limit));
        self::assertContains($code, $codes($limit + $beyond));
    }

    /** A vinegar rinse is sour on purpose. */
    public function test_a_vinegar_rinse_is_silent(): void
    {
        $rinse = self::document([['distilled-water', 'to 100'], ['apple-cider-vinegar', '15 %']], [
            'family' => 'water_spray',
            'use' => 'rinse_off',
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 2],
        ]);
        foreach ([3.0, 3.2, 3.5] as $ph) {
            self::assertSame([], array_values(array_filter(
                self::evaluate([...$rinse, 'ph' => $ph])->codes(),
                static fn (string $code): bool => str_starts_with($code, 'acidity.'),
            )));
        }
    }

    /** @return iterable<string, array{list<array{string, string}>, string, string}> finding and severity */
    public static function untold(): iterable
    {
        yield 'lye in water' => [
            [['distilled-water', 'to 100'], ['sodium-hydroxide-solution', '3 %']], 'acidity.extreme', 'stop',
        ];
        yield 'a half percent of bicarbonate' => [
            [['distilled-water', 'to 100'], ['sodium-bicarbonate', '0.5 %']], 'acidity.high', '',
        ];
        yield 'soap left on' => [
            [['distilled-water', 'to 100'], ['castile-soap-liquid', '30 %']], 'acidity.high', 'mind',
        ];
        yield 'lemon-sour' => [[['distilled-water', 'to 100'], ['citric-acid', '3 %']], 'acidity.low', 'mind'];
        yield 'plain water' => [[['distilled-water', 'to 100'], ['glycerin', '3 %']], 'acidity.high', ''];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('untold')]
    public function test_an_estimate_wholly_beyond_speaks_too(array $lines, string $code, string $severity): void
    {
        $finding = self::finding(
            self::evaluate(self::document($lines, ['family' => 'gel'])),
            $code,
        );
        self::assertSame($severity, $finding?->severity->value ?? '');
    }

    public function test_what_brings_it_to_the_ph_that_is_meant(): void
    {
        $spray = static fn (float $ph): array => self::document(
            [['distilled-water', 'to 100'], ['sodium-benzoate-potassium-sorbate', '1 %']],
            ['family' => 'water_spray', 'ph' => $ph, 'batch' => ['grams' => 200]],
        );
        $finding = self::finding(self::evaluate($spray(4.5)), 'acidity.to_reach');
        // by hand: 1 % is 0.0347 mol/L benzoate and 0.0333 sorbate; at pH 4.5 they take up 0.010 + 0.020 mol/L, citric
        // acid gives about 1.35 protons there: 0.022 mol/L, 4.2 g/L, 0.84 g for 200 g
        self::assertSame('acid', $finding?->variant);
        self::assertEqualsWithDelta(0.84, ($finding->terms['low']->value + $finding->terms['high']->value) / 2, 0.15);
        self::assertGreaterThan(60.0, $finding->terms['drops']->value);
        self::assertLessThan(160.0, $finding->terms['drops']->value);
        self::assertNull(self::finding(self::evaluate($spray(8.2)), 'acidity.to_reach'), 'the estimate holds it');
    }

    public function test_what_drifts_is_measured_again(): void
    {
        $evaluation = self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['gluconolactone-sodium-benzoate', '1.5 %']],
            ['family' => 'water_spray', 'ph' => 4.8],
        ));
        self::assertSame('note', self::finding($evaluation, 'acidity.drifts')?->severity->value);
        self::assertNull(self::finding(self::evaluate(self::sound()), 'acidity.drifts'));
    }

    /** @return iterable<string, array{list<array{string, string}>, float|null, string}> */
    public static function polymers(): iterable
    {
        $gel = [['distilled-water', 'to 100'], ['carbomer', '0.5 %']];
        yield 'nothing neutralises it' => [$gel, null, 'mind'];
        yield 'a pH is meant and nothing gets it there' => [$gel, 6.5, 'mind'];
        yield 'with lye' => [[...$gel, ['sodium-hydroxide-solution', '2.6 %']], 6.5, ''];
        yield 'xanthan needs none' => [[['distilled-water', 'to 100'], ['xanthan-gum', '0.5 %']], 5.5, ''];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('polymers')]
    public function test_carbomer_wants_an_alkali(array $lines, ?float $ph, string $severity): void
    {
        $evaluation = self::evaluate(self::document($lines, [
            'family' => 'gel',
            ...($ph === null ? [] : ['ph' => $ph]),
        ]));
        $finding = self::finding($evaluation, 'polymer.not_neutralised');
        self::assertSame($severity, $finding?->severity->value ?? '');
        if ($finding !== null) {
            // by hand: 0.5 g of units of 72 g, 6.9 mmol; at pH 6.5 nearly all wants as much lye: 0.27 g, 2.7 g of 10 %
            self::assertEqualsWithDelta(
                2.6,
                ($finding->terms['low']->value + $finding->terms['high']->value) / 2 / 2,
                0.3,
                'for 100 g; the batch has 200',
            );
        }
    }

    public function test_a_carbomer_gel_is_neither_too_high_at_six_and_a_half_nor_fine_at_five(): void
    {
        $gel = static fn (float $ph): array => self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['carbomer', '0.5 %'], ['sodium-hydroxide-solution', '2.6 %']],
            ['family' => 'gel', 'ph' => $ph],
        ))->codes();
        self::assertNotContains('acidity.high', $gel(7.0));
        self::assertContains('acidity.high', $gel(7.1));
        self::assertNotContains('acidity.low', $gel(5.5));
        self::assertContains('acidity.low', $gel(5.4));
    }

    /** @return iterable<string, array{list<array{string, string}>, string}> */
    public static function salted(): iterable
    {
        $gel = [['distilled-water', 'to 100'], ['carbomer', '0.5 %'], ['sodium-hydroxide-solution', '2.6 %']];
        $cream = [['distilled-water', 'to 100'], ['btms-50', '6 %'], ['sunflower-oil', '15 %']];
        yield 'carbomer and 0.3 % salt' => [[...$gel, ['disodium-edta', '0.3 %']], ''];
        yield 'carbomer and 0.31 % salt' => [[...$gel, ['disodium-edta', '0.31 %']], 'mind'];
        yield 'a cationic cream and 2 % salt' => [[...$cream, ['sodium-lactate', '2 %']], ''];
        yield 'a cationic cream and 2.1 % salt' => [[...$cream, ['sodium-lactate', '2.1 %']], 'note'];
        yield 'a cream without charge' => [
            [['distilled-water', 'to 100'], ['emulsifying-wax-nf', '6 %'], ['sodium-lactate', '4 %']], '',
        ];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('salted')]
    public function test_salt_thins_what_charges_hold_apart(array $lines, string $severity): void
    {
        $evaluation = self::evaluate(self::document($lines, ['family' => 'gel']));
        self::assertSame($severity, self::finding($evaluation, 'polymer.salted')?->severity->value ?? '');
    }

    public function test_lye_for_carbomer_is_about_what_its_makers_say(): void
    {
        // 2.3 parts of an 18 % solution to one of carbomer (recalled): 0.207 g of lye to 0.5 g, 2.07 g of a 10 % one
        $terms = self::finding(self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['carbomer', '0.5 %', 'water']],
            ['family' => 'gel', 'batch' => ['grams' => 100.0]],
        )), 'polymer.not_neutralised')->terms ?? [];
        self::assertLessThan(2.07, $terms['low']->value);
        self::assertGreaterThan(2.07, $terms['high']->value);
        self::assertEqualsWithDelta(13 / 7, $terms['high']->value / $terms['low']->value, 1e-6); // ± 30 %
    }
}
