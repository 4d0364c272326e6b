<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Safety\Evaluation;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What floats, sinks or comes out as crystals. Solubilities recalled; limits with the number written out. */
final class NotDissolvedTest extends CoreCase
{
    /**
     * @param  list<array{string, string}>  $lines
     * @param  array<string, mixed>  $more
     */
    private static function judged(array $lines, string $family, array $more = []): Evaluation
    {
        return self::evaluate(self::document(
            [...$lines, ['phenoxyethanol-ethylhexylglycerin', '1 %']],
            ['family' => $family, 'ph' => 5.0, ...$more],
        ));
    }

    /** @return iterable<string, array{list<array{string, string}>, string, array<string, mixed>, string}> severity */
    public static function afloat(): iterable
    {
        $water = [['distilled-water', 'to 100']];
        $eo = static fn (string $much): array => ['lavender-essential-oil', $much];
        $shake = ['directions' => 'Shake before each use.'];
        yield 'neat in a spray' => [[...$water, $eo('0.5 %')], 'water_spray', [], 'stop'];
        yield 'with four times its weight of solubiliser' => [
            [...$water, $eo('0.5 %'), ['polysorbate-20', '2 %']], 'water_spray', [], '',
        ];
        yield 'with a little less' => [
            [...$water, $eo('0.5 %'), ['polysorbate-20', '1.99 %']], 'water_spray', [], 'stop',
        ];
        yield 'shaken, half a percent' => [[...$water, $eo('0.5 %')], 'water_spray', $shake, 'mind'];
        yield 'shaken, more' => [[...$water, $eo('0.51 %')], 'water_spray', $shake, 'stop'];
        yield 'shaken, said in French' => [
            [...$water, $eo('0.5 %')], 'water_spray', ['directions' => 'Agiter avant emploi.'], 'mind',
        ];
        yield 'rinsed off' => [[...$water, $eo('0.5 %')], 'water_spray', ['use' => 'rinse_off'], 'mind'];
        yield 'in a gel that holds droplets' => [
            [...$water, ['xanthan-gum', '0.5 %'], $eo('0.5 %')], 'gel', [], 'mind',
        ];
        yield 'in a cream it sits in the oil' => [
            [...$water, ['btms-50', '6 %'], ['sunflower-oil', '15 %'], $eo('0.5 %')], 'leave_in_emulsion', [], '',
        ];
        yield 'in oil it dissolves' => [[['sunflower-oil', 'to 100'], $eo('0.5 %')], 'hair_oil', [], ''];
        yield 'in strong alcohol it dissolves' => [
            [['distilled-water', 'to 100'], ['ethanol-96', '75 %'], $eo('0.5 %')], 'water_spray', [], '',
        ];
        yield 'in weak alcohol it does not' => [
            [['distilled-water', 'to 100'], ['ethanol-96', '40 %'], $eo('0.5 %')], 'water_spray', [], 'stop',
        ];
    }

    /**
     * @param  list<array{string, string}>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('afloat')]
    public function test_what_floats(array $lines, string $family, array $more, string $severity): void
    {
        $finding = self::finding(self::judged($lines, $family, $more), 'solubility.floats');
        self::assertSame($severity, $finding?->severity->value ?? '');
    }

    public function test_what_is_offered_holds_it(): void
    {
        $finding = self::finding(self::judged(
            [['distilled-water', 'to 100'], ['lavender-essential-oil', '0.5 %']],
            'water_spray',
        ), 'solubility.floats');
        self::assertSame('polysorbate-20', $finding?->fixes[0]->patch[0]['value']['ingredient'] ?? '');
    }

    /** @return iterable<string, array{list<array{string, string}>, string}> */
    public static function in_oil(): iterable
    {
        $oil = ['sunflower-oil', 'to 100'];
        yield 'glycerin in oil' => [[$oil, ['glycerin', '3 %']], 'mind'];
        yield 'panthenol in oil' => [[$oil, ['panthenol-powder', '1 %']], 'mind'];
        yield 'a trace' => [[$oil, ['glycerin', '0.09 %']], ''];
        yield 'vitamin E' => [[$oil, ['vitamin-e-tocopherols', '1 %']], ''];
        yield 'a powder is infused or left' => [[$oil, ['turmeric-powder', '1 %']], ''];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('in_oil')]
    public function test_what_loves_water_has_no_business_in_fat(array $lines, string $severity): void
    {
        $evaluation = self::evaluate(self::document($lines, ['family' => 'hair_oil']));
        self::assertSame($severity, self::finding($evaluation, 'solubility.not_in_oil')?->severity->value ?? '');
    }

    /** @return iterable<string, array{string, string, string}> of 100 g with about 98 g water */
    public static function crystals(): iterable
    {
        yield 'allantoin 0.48 %: half a gram dissolves in 100 g water' => ['allantoin', '0.48 %', ''];
        yield 'allantoin 0.52 %' => ['allantoin', '0.52 %', 'mind'];
        yield 'caffeine 1.9 %' => ['caffeine', '1.9 %', ''];
        yield 'caffeine 2.1 %' => ['caffeine', '2.1 %', 'mind'];
    }

    #[DataProvider('crystals')]
    public function test_what_is_more_than_the_water_holds(string $key, string $amount, string $severity): void
    {
        $evaluation = self::judged([['distilled-water', 'to 100'], [$key, $amount]], 'water_spray');
        self::assertSame($severity, self::finding($evaluation, 'solubility.crystallises')?->severity->value ?? '');
    }

    public function test_an_acid_that_comes_out_where_it_is_too_sour(): void
    {
        $spray = static fn (float $ph): Evaluation => self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['sodium-benzoate', '1 %']],
            ['family' => 'water_spray', 'ph' => $ph],
        ));
        // 1 % is 8,470 ppm of the acid; whole at pH 3.5: 84 %, 7,100 ppm; at pH 4.5: 33 %, 2,800 ppm; water takes 2,900
        self::assertNotNull(self::finding($spray(3.5), 'solubility.crystallises'));
        self::assertNull(self::finding($spray(4.5), 'solubility.crystallises'));
    }
}
