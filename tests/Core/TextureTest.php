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

    public function test_wax_stiffens_three_times_its_weight(): void
    {
        self::assertEqualsWithDelta(30.0, self::of([['beeswax', '10 %'], ['castor-oil', '90 %']])->curve[20], 1e-9);
        self::assertSame(
            100.0,
            self::of([['beeswax', '60 %'], ['castor-oil', '40 %']])->curve[20],
            'nothing is more solid than solid',
        );
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
