<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Formula\Patch;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** A fix leaves a formula that still adds up, in the form it was written in. */
final class RemedyTest extends CoreCase
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $amounts  of all lines after the first fix of the code
     */
    #[DataProvider('mended')]
    public function test_it_mends_in_the_form_the_formula_has(array $document, string $code, array $amounts): void
    {
        $finding = self::finding(self::evaluate($document), $code);
        self::assertNotNull($finding);
        $after = Patch::apply($document, $finding->fixes[0]->patch);
        self::assertSame($amounts, array_column($after['lines'], 'amount'));
        self::assertNotContains('measure.sum_not_100', self::evaluate($after)->codes());
        self::assertNull(self::finding(self::evaluate($after), $code));
    }

    public static function mended(): iterable
    {
        $gel = ['family' => 'gel', 'ph' => 5.0];
        yield 'percent, water fills up' => [
            self::document(
                [['distilled-water', 'to 100'], ['glycerin', '14 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']],
                $gel,
            ),
            'humectant.high',
            ['to 100', '10 %', '0.9 %'],
        ];
        yield 'percent all the way: the water takes up the difference' => [
            self::document(
                [['distilled-water', '85.1 %'], ['glycerin', '14 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']],
                $gel,
            ),
            'humectant.high',
            ['to 100', '10 %', '0.9 %'],
        ];
        yield 'what filled up gets a dose: plain water fills up' => [
            self::document(
                [['cucumber-juice', 'to 100'], ['glycerin', '3 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']],
                $gel,
            ),
            'dose.high',
            ['50 %', '3 %', '0.9 %', 'to 100'],
        ];
        yield 'grams: the batch stays as large' => [
            self::document(
                [['distilled-water', '85.1 g'], ['glycerin', '14 g'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 g']],
                [...$gel, 'batch' => null],
            ),
            'humectant.high',
            ['89.11 g', '9.99 g', '0.9 g'],
        ];
        yield 'grams: a preservative is added on top' => [
            self::document([['distilled-water', '97 g'], ['glycerin', '3 g']], [...$gel, 'batch' => null]),
            'preservation.missing',
            ['97 g', '3 g', '0.9 g'],
        ];
        yield 'fats in grams: the most plentiful takes it up' => [
            self::document(
                [['olive-oil', '85 g'], ['sea-buckthorn-berry-oil', '15 g']],
                ['family' => 'hair_oil', 'batch' => null],
            ),
            'dose.high',
            ['95.01 g', '4.99 g'],
        ];
        yield 'too little' => [
            self::document(
                [['distilled-water', '50 %'], ['glycerin', '3 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']],
                $gel,
            ),
            'measure.sum_not_100',
            ['to 100', '3 %', '0.9 %'],
        ];
        yield 'too much of everything' => [
            self::document([['olive-oil', '70 %'], ['jojoba-oil', '60 %']], ['family' => 'hair_oil']),
            'measure.sum_not_100',
            ['to 100', '60 %'],
        ];
        yield 'scent brought down alike' => [
            self::document(
                [['olive-oil', 'to 100'], ['lavender-essential-oil', '1 %'], ['sweet-orange-essential-oil', '0.6 %']],
                ['family' => 'hair_oil'],
            ),
            'scent.total_high',
            ['to 100', '0.62 %', '0.37 %'],
        ];
    }

    /** In spoons everything is wide: one press is enough all the same. */
    public function test_one_press_is_enough_emulsifier_however_wide_the_fats_are_measured(): void
    {
        $document = self::document([
            ['distilled-water', '2/3 cup', 'water'],
            ['glycerin', '1 tbsp', 'water'],
            ['shea-butter-unrefined', '1 tbsp', 'oil'],
            ['sweet-almond-oil', '2 tbsp', 'oil'],
            ['btms-25', '1 tbsp', 'oil'],
            ['lavender-essential-oil', '10 drops', 'cooldown'],
            ['benzyl-alcohol-dehydroacetic-acid', '1.94 g', 'cooldown'],
        ]);
        $finding = self::finding(self::evaluate($document), 'emulsion.load_low');
        self::assertNotNull($finding);
        $after = Patch::apply($document, $finding->fixes[0]->patch);
        self::assertNull(self::finding(self::evaluate($after), 'emulsion.load_low'));
        self::assertGreaterThanOrEqual(1.0, self::evaluate($after)->assessment->emulsion->adequacy->low);
    }

    public function test_a_fix_is_a_patch_any_reader_can_apply(): void
    {
        foreach (RulesTest::faults() as [$document]) {
            foreach (self::evaluate($document)->findings as $finding) {
                foreach ($finding->fixes as $fix) {
                    foreach ($fix->patch as $operation) {
                        self::assertContains($operation['op'], ['add', 'replace', 'remove']);
                        self::assertStringStartsWith('/', $operation['path']);
                    }
                    self::assertNotSame(
                        $document,
                        Patch::apply($document, $fix->patch),
                        "$finding->code changes nothing",
                    );
                }
            }
        }
    }

    public function test_what_was_given_in_drops_is_offered_in_drops_inside_its_limit(): void
    {
        $document = ['format' => 'ilvane.formula/1', 'name' => 'A', 'family' => 'hair_oil', 'lines' => [
            ['ingredient' => 'jojoba-oil', 'amount' => '30 g'],
            ['ingredient' => 'peppermint-essential-oil', 'amount' => '60 drops'],
            ['ingredient' => 'lavender-essential-oil', 'amount' => '40 drops'],
        ]];
        $offered = 0;
        foreach (self::evaluate($document)->findings as $finding) {
            foreach ($finding->fixes as $fix) {
                foreach ($fix->patch as $change) {
                    if (preg_match('#^/lines/[12]/amount$#', $change['path']) === 1) {
                        self::assertMatchesRegularExpression(
                            '/^\d+ drops?$/',
                            (string) $change['value'],
                            $finding->code,
                        );
                        $offered++;
                    }
                }
                $after = self::evaluate(Patch::apply($document, $fix->patch));
                self::assertNotContains(
                    $finding->code,
                    array_map(
                        static fn ($left): string => $left->code,
                        array_filter($after->findings, static fn ($left): bool => $left->lines === $finding->lines),
                    ),
                    "$finding->code is ended",
                );
            }
        }
        self::assertGreaterThan(0, $offered);
    }
}
