<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** A limit that is met is not exceeded: 20 g of 400 is 5 %, whatever the scale. */
final class LimitMetTest extends CoreCase
{
    /** @return array<string, mixed> */
    private static function lotion(array $change): array
    {
        $grams = [
            'distilled-water' => 318.0, 'btms-50' => 20.0, 'jojoba-oil' => 48.0, 'cetyl-alcohol' => 8.0,
            'phenoxyethanol-ethylhexylglycerin' => 4.0, 'hydrolysed-oat-protein' => 2.0, ...$change,
        ];

        return [
            'format' => 'ilvane.formula/1', 'name' => 'Lotion', 'family' => 'leave_in_emulsion', 'ph' => 5,
            'lines' => array_map(
                static fn (string $key, float $grams): array => ['ingredient' => $key, 'amount' => "$grams g"],
                array_keys($grams),
                $grams,
            ),
        ];
    }

    /** @return iterable<string, array{string, array<string, float>, array<string, float>}> met, and just beyond */
    public static function limits(): iterable
    {
        yield 'an emulsifier at 5 %' => ['emulsion.load_high', [], ['btms-50' => 20.2, 'distilled-water' => 317.8]];
        yield 'a protein at its least, 0.5 %' => [
            'dose.low', [], ['hydrolysed-oat-protein' => 1.9, 'distilled-water' => 318.1],
        ];
        yield 'a preservative at 1 %' => [
            'preservation.high', [], ['phenoxyethanol-ethylhexylglycerin' => 4.1, 'distilled-water' => 317.9],
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    private static function codes(array $document): array
    {
        return array_column(self::evaluate($document)->findings, 'code');
    }

    /**
     * @param  array<string, float>  $met
     * @param  array<string, float>  $beyond
     */
    #[DataProvider('limits')]
    public function test_what_is_met_is_not_exceeded_and_what_is_beyond_is(
        string $code,
        array $met,
        array $beyond,
    ): void {
        self::assertNotContains($code, self::codes(self::lotion($met)));
        self::assertContains($code, self::codes(self::lotion($beyond)));
    }
}
