<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Physics\Texture\SolidFat;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class TextureTest extends CoreCase
{
    private static function of(array $lines): SolidFat
    {
        return SolidFat::of(self::weigh(self::document($lines, ['family' => 'whipped_butter'])));
    }

    public function test_a_blend_is_the_weighed_mean_of_its_fats(): void
    {
        $shea = self::catalogue()->get('shea-butter-refined')->solidFat;
        $pure = self::of([['shea-butter-refined', '100 %']]);
        $half = self::of([['shea-butter-refined', '50 %'], ['jojoba-oil', '50 %']]);
        foreach ([10, 20, 25, 30, 35] as $celsius) {
            self::assertEqualsWithDelta($shea[$celsius], $pure->curve[$celsius], 1e-9);
            self::assertEqualsWithDelta($shea[$celsius] / 2, $half->curve[$celsius], 1e-9);
        }
        self::assertEqualsWithDelta(
            ($shea[10] + $shea[20]) / 2,
            $pure->curve[15],
            1e-9,
            'a straight line between the table\'s points',
        );
    }

    public function test_it_never_gets_firmer_with_warmth(): void
    {
        foreach ([
            'shea-butter-refined',
            'shea-butter-unrefined',
            'mango-butter',
            'cocoa-butter',
            'coconut-oil',
            'kokum-butter',
        ] as $butter) {
            $curve = self::of([[$butter, '70 %'], ['beeswax', '5 %'], ['jojoba-oil', '25 %']])->curve ?? [];
            $sorted = $curve;
            rsort($sorted);
            self::assertSame($sorted, array_values($curve), $butter);
        }
    }

    /** Solid is what can be solid, and no more: whatever a wax makes of it. */
    public function test_solid_fat_is_true(): void
    {
        $balm = self::of([['beeswax', '10 %'], ['jojoba-oil', '90 %']]);
        self::assertEqualsWithDelta(10.0, $balm->solid[20] ?? 0.0, 1e-9);
        self::assertTrue($balm->isWaxGel);
        $whip = self::of([['shea-butter-refined', '70 %'], ['jojoba-oil', '30 %']]);
        self::assertSame($whip->solid, $whip->curve, 'without wax the two are one');
        self::assertFalse($whip->isWaxGel);
    }

    public function test_castor_and_esters_soften_what_a_wax_holds(): void
    {
        $in = static fn (string $oil): float => self::of([['beeswax', '15 %'], [$oil, '85 %']])->curve[20] ?? 0.0;
        self::assertEqualsWithDelta(0.7, $in('castor-oil') / $in('olive-oil'), 0.001);
        self::assertEqualsWithDelta(0.7, $in('fractionated-coconut-oil') / $in('olive-oil'), 0.001);
    }

    public function test_cocoa_and_coconut_melt_one_another(): void
    {
        $mixed = self::of([['cocoa-butter', '50 %'], ['coconut-oil', '50 %']])->solid[20] ?? 0.0;
        self::assertEqualsWithDelta((76 + 37) / 2 - 12, $mixed, 1e-9);
        self::assertEqualsWithDelta(76.0, self::of([['cocoa-butter', '100 %']])->solid[20] ?? 0.0, 1e-9);
    }

    /** Common practice: what each is like in the hand. */
    #[DataProvider('feels')]
    public function test_how_it_feels(array $lines, float $celsius, string $feel): void
    {
        self::assertSame($feel, self::of($lines)->feel($celsius));
    }

    public static function feels(): iterable
    {
        yield 'an oil pours' => [[['jojoba-oil', '100 %']], 20.0, 'pourable'];
        yield 'cocoa butter is hard' => [[['cocoa-butter', '100 %']], 20.0, 'hard'];
        yield 'coconut oil is a liquid in summer' => [[['coconut-oil', '100 %']], 28.0, 'pourable'];
        $wax = static fn (int $percent): array => [['beeswax', "$percent %"], ['olive-oil', (100 - $percent).' %']];
        yield 'three percent of beeswax only thicken' => [$wax(3), 20.0, 'pourable'];
        yield 'five make a soft salve' => [$wax(5), 20.0, 'very_soft'];
        yield 'ten make a soft balm' => [$wax(10), 20.0, 'scoopable'];
        yield 'twenty make a firm balm' => [$wax(20), 20.0, 'firm'];
        yield 'thirty make a stick' => [$wax(30), 20.0, 'hard'];
        yield 'thirteen of candelilla make a firm balm' => [
            [['candelilla-wax', '13 %'], ['olive-oil', '87 %']], 20.0, 'firm',
        ];
        yield 'shea with a third of oil is scooped' => [
            [['shea-butter-refined', '67 %'], ['jojoba-oil', '33 %']],
            20.0,
            'scoopable',
        ];
    }

    /** Common practice: coconut oil melts at 23 to 26 °C. */
    public function test_where_it_slumps(): void
    {
        self::assertEqualsWithDelta(25.0, self::of([['coconut-oil', '100 %']])->slump(), 2.0);
        self::assertGreaterThan(30.0, self::of([['cocoa-butter', '100 %']])->slump());
        self::assertNull(self::of([['olive-oil', '100 %']])->slump(), 'an oil has no shape to lose');
    }

    public function test_a_butter_nobody_has_measured_leaves_the_curve_open(): void
    {
        $texture = self::of([['avocado-butter', '50 %'], ['olive-oil', '50 %']]);
        self::assertNull($texture->curve);
        self::assertSame(['avocado-butter'], $texture->unknown);
        self::assertNull($texture->feel(20.0));
    }
}
