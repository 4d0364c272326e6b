<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Physics\Emulsion\Creaming;
use Ilvane\Core\Physics\Emulsion\GelNetwork;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Whether a mix of water and oil holds. Limits at their edge with the number written out; examples by hand. */
final class MixingTest extends CoreCase
{
    /** @return iterable<string, array{string, list<array{string, string}>, string}> family, lines, severity, variant */
    public static function without_an_emulsifier(): iterable
    {
        $water = ['distilled-water', 'to 100'];
        yield 'two percent oil in a spray' => ['water_spray', [$water, ['olive-oil', '2 %']], ''];
        yield 'more in a spray' => ['water_spray', [$water, ['olive-oil', '2.1 %']], 'mind shake'];
        yield 'in a leave-in' => ['leave_in_emulsion', [$water, ['olive-oil', '2.1 %']], 'stop usual'];
        yield 'tea and oil, fresh' => [
            'fresh_mask', [['herbal-tea-generic', 'to 100'], ['olive-oil', '20 %']], 'mind fresh',
        ];
        yield 'a fruit mash holds it for today' => [
            'fresh_mask', [['avocado-flesh', 'to 100'], ['olive-oil', '15 %']], '',
        ];
        yield 'oil alone' => ['hair_oil', [['olive-oil', 'to 100']], ''];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('without_an_emulsifier')]
    public function test_water_and_oil_want_an_emulsifier(string $family, array $lines, string $says): void
    {
        $finding = self::finding(
            self::evaluate(self::document($lines, ['family' => $family])),
            'emulsion.no_emulsifier',
        );
        self::assertSame($says, $finding === null ? '' : $finding->severity->value.' '.$finding->variant);
    }

    public function test_water_poured_cold_into_a_hot_emulsion_stops_above_a_tenth(): void
    {
        $cream = static fn (string $cold, string $phase): ?string => self::finding(self::evaluate(self::document([
            ['distilled-water', 'to 100', 'water'], ['rose-hydrosol', $cold, $phase], ['btms-25', '6 %', 'oil'],
            ['sunflower-oil', '12 %', 'oil'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
        ], ['ph' => 5.0])), 'emulsion.water_not_heated')?->severity->value;
        self::assertNull($cream('10 %', 'cooldown'));
        self::assertSame('stop', $cream('10.1 %', 'cooldown'));
        self::assertNull($cream('40 %', 'water'));
    }

    public function test_the_offer_heats_it_with_the_water(): void
    {
        $finding = self::finding(self::evaluate(self::document([
            ['distilled-water', 'to 100', 'water'], ['rose-hydrosol', '30 %', 'cooldown'], ['btms-25', '6 %', 'oil'],
            ['sunflower-oil', '12 %', 'oil'],
        ])), 'emulsion.water_not_heated');
        self::assertSame('water', $finding?->fixes[0]->patch[0]['value'] ?? '');
    }

    public function test_droplets_of_a_stick_blender_and_their_pace(): void
    {
        // by hand: We = 1000 · 200² · 0.035³ / 0.005 = 343,000; 0.053 · 0.035 m · 343,000^-0.6 = 0.88 µm
        self::assertEqualsWithDelta(0.88e-6, Creaming::droplet(), 0.02e-6);
        // Stokes by hand: 10 µm across, 85 kg/m³ lighter, thin: 85 · 9.81 · 1e-10 / 0.018 = 4.63 µm/s
        self::assertEqualsWithDelta(4.63e-6, Creaming::pace(10e-6, 85.0, 0.0), 0.01e-6);
        // crowded to a fifth: 0.8^4.65 = 0.354 of that (Richardson and Zaki 1954, recalled)
        self::assertEqualsWithDelta(0.354 * 4.63e-6, Creaming::pace(10e-6, 85.0, 0.2), 0.02e-6);
    }

    /** @return iterable<string, array{list<array{string, string}>, bool}> */
    public static function thin(): iterable
    {
        $milk = [['distilled-water', 'to 100'], ['sunflower-oil', '10 %'], ['polysorbate-60', '1.5 %']];
        yield 'a milk with nothing that holds the drops' => [[...$milk, ['sorbitan-oleate', '1 %']], true];
        yield 'with a tenth of a percent of xanthan' => [[...$milk, ['xanthan-gum', '0.1 %']], false];
        yield 'with a little less' => [[...$milk, ['xanthan-gum', '0.09 %']], true];
        yield 'with fatty alcohol' => [[...$milk, ['cetyl-alcohol', '1 %']], false];
        yield 'no oil' => [[['distilled-water', 'to 100'], ['polysorbate-60', '1.5 %']], false];
    }

    /** @param  list<array{string, string}>  $lines */
    #[DataProvider('thin')]
    public function test_a_thin_emulsion_creams(array $lines, bool $creams): void
    {
        $finding = self::finding(self::evaluate(self::document($lines)), 'emulsion.creams');
        self::assertSame($creams, $finding !== null);
        if ($finding !== null) {
            self::assertGreaterThanOrEqual(1.0, $finding->terms['days']->value);
            self::assertLessThan(10.0, $finding->terms['days']->value, 'milk that nobody homogenised creams in days');
        }
    }

    public function test_fatty_alcohol_to_cationic_mole_by_mole(): void
    {
        $ratio = static fn (array $lines): ?float => GelNetwork::ratio(self::weigh(self::document([
            ['distilled-water', 'to 100'], ...$lines,
        ])));
        // by hand: 4 % of a quarter is 1 % at 494.8 g/mol, 2.02 mmol; 3 % cetearyl at 256.5, 11.7 mmol: 5.8
        self::assertEqualsWithDelta(5.8, $ratio([['btms-25', '4 %']]), 0.05);
        // and 2 % cetyl alcohol at 242.4: 8.25 mmol more: 9.9
        self::assertEqualsWithDelta(9.9, $ratio([['btms-25', '4 %'], ['cetyl-alcohol', '2 %']]), 0.1);
        self::assertNull($ratio([['emulsifying-wax-nf', '4 %']]));
        $says = static fn (string $alcohol): ?string => self::finding(self::evaluate(self::document([
            ['distilled-water', 'to 100'], ['btms-25', '4 %'], ['cetyl-alcohol', $alcohol], ['olive-oil', '8 %'],
        ])), 'emulsion.fatty_alcohol_ratio')?->variant;
        self::assertNull($says('2 %')); // 9.9
        self::assertSame('grainy', $says('2.1 %')); // 10.1
    }

    public function test_a_balance_over_the_oils_that_have_a_figure(): void
    {
        $says = static fn (string $known, string $unknown): array => (static function () use ($known, $unknown): array {
            $hlb = self::evaluate(self::document([
                ['distilled-water', 'to 100'], ['polysorbate-60', '3 %'], ['sorbitan-stearate', '1 %'],
                ['olive-oil', $known], ['argan-oil', $unknown],
            ]))->assessment->hlb;

            return [$hlb->required === null ? null : round($hlb->required, 6), round($hlb->unknown, 2)];
        })();
        self::assertSame([7.0, 0.4], $says('6 %', '4 %'));
        self::assertSame([7.0, 0.6], $says('4 %', '6 %'));
        self::assertSame([null, 0.61], $says('3.9 %', '6.1 %'), 'nothing is said of so many unknown ones');
    }
}
