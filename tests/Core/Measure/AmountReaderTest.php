<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnreadableAmount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AmountReaderTest extends TestCase
{
    #[DataProvider('measured')]
    public function test_it_reads_what_makers_type(string $entered, float $low, float $high, Unit $unit): void
    {
        $amount = AmountReader::read($entered);
        self::assertSame(AmountKind::Measured, $amount->kind);
        self::assertSame($unit, $amount->unit);
        self::assertEqualsWithDelta($low, $amount->number?->low, 1e-9);
        self::assertEqualsWithDelta($high, $amount->number?->high, 1e-9);
        self::assertSame(trim($entered), $amount->entered);
    }

    public static function measured(): iterable
    {
        yield ['12 g', 12, 12, Unit::Gram];
        yield ['12g', 12, 12, Unit::Gram];
        yield ['2,5 g', 2.5, 2.5, Unit::Gram];
        yield ['.5 g', 0.5, 0.5, Unit::Gram];
        yield [' 1.5  kg ', 1.5, 1.5, Unit::Kilogram];
        yield ['8 oz', 8, 8, Unit::Ounce];
        yield ['8 fl. oz.', 8, 8, Unit::FluidOunce];
        yield ['1/2 tsp', 0.5, 0.5, Unit::Teaspoon];
        yield ['½ tsp.', 0.5, 0.5, Unit::Teaspoon];
        yield ['1½ Tbsp', 1.5, 1.5, Unit::Tablespoon];
        yield ['1 1/2 tablespoons', 1.5, 1.5, Unit::Tablespoon];
        yield ['1 and 1/2 tsp', 1.5, 1.5, Unit::Teaspoon];
        yield ['about 2 cups', 2, 2, Unit::Cup];
        yield ['10-12 drops', 10, 12, Unit::Drop];
        yield ['10 – 12 drops', 10, 12, Unit::Drop];
        yield ['1 to 2 tbsp', 1, 2, Unit::Tablespoon];
        yield ['2 c. à s.', 2, 2, Unit::MetricTablespoon];
        yield ['3 c. à soupe', 3, 3, Unit::MetricTablespoon];
        yield ['1 c. à café', 1, 1, Unit::MetricTeaspoon];
        yield ['2 c.s.', 2, 2, Unit::MetricTablespoon];
        yield ['1 cuillère à café', 1, 1, Unit::MetricTeaspoon];
        yield ['1 cuillère à thé', 1, 1, Unit::MetricTeaspoon];
        yield ['10 à 12 gouttes', 10, 12, Unit::Drop];
        yield ['5 cl', 5, 5, Unit::Centilitre];
        yield ['¼ tasse', 0.25, 0.25, Unit::MetricCup];
    }

    #[DataProvider('rests')]
    public function test_it_reads_the_rest(string $entered): void
    {
        self::assertSame(AmountKind::Rest, AmountReader::read($entered)->kind);
    }

    public static function rests(): iterable
    {
        yield ['to 100'];
        yield ['To 100 %'];
        yield ['q.s.'];
        yield ['QS to 100'];
        yield ['qsp 100'];
        yield ['le reste'];
    }

    #[DataProvider('opens')]
    public function test_it_does_not_guess_what_has_no_number(string $entered): void
    {
        $amount = AmountReader::read($entered);
        self::assertSame(AmountKind::Open, $amount->kind);
        self::assertNull($amount->number);
    }

    public static function opens(): iterable
    {
        yield ['some'];
        yield ['a few drops'];
        yield ['a good amount'];
        yield ['to taste'];
        yield ['quelques gouttes'];
    }

    public function test_percent_is_of_the_batch_and_at_most_all_of_it(): void
    {
        $amount = AmountReader::read('0,9 %');
        self::assertSame(AmountKind::Percent, $amount->kind);
        self::assertSame(0.9, $amount->number?->likely);
        self::assertSame(AmountKind::Percent, AmountReader::read('100%')->kind);
    }

    #[DataProvider('unreadable')]
    public function test_nonsense_is_refused_with_its_reason(string $entered, string $reason): void
    {
        try {
            AmountReader::read($entered);
            self::fail("'$entered' was read");
        } catch (UnreadableAmount $problem) {
            self::assertSame($reason, $problem->reason);
        }
    }

    public static function unreadable(): iterable
    {
        yield ['', UnreadableAmount::EMPTY];
        yield ['   ', UnreadableAmount::EMPTY];
        yield ['blue', UnreadableAmount::NO_NUMBER];
        yield ['3', UnreadableAmount::NO_UNIT];
        yield ['3 blobs', UnreadableAmount::UNKNOWN_UNIT];
        yield ['-3 g', UnreadableAmount::NEGATIVE];
        yield ['−3 %', UnreadableAmount::NEGATIVE];
        yield ['0 g', UnreadableAmount::ZERO];
        yield ['1e308 cups', UnreadableAmount::TOO_LARGE];
        yield ['5/0 g', UnreadableAmount::TOO_LARGE];
        yield ['12-10 drops', UnreadableAmount::RANGE_BACKWARDS];
        yield ['101 %', UnreadableAmount::ABOVE_100];
        yield ['1,000 g', UnreadableAmount::COMMA];
        yield [str_repeat('9', 200).' g', UnreadableAmount::TOO_LONG];
    }

    public function test_any_bytes_end_in_an_amount_or_a_reason(): void
    {
        mt_srand(20_261_123);
        $alphabet = [
            '1',
            '2',
            '0',
            '/',
            '½',
            ',',
            '.',
            '-',
            ' ',
            'g',
            '%',
            'tsp',
            "\0",
            "\xff",
            'é',
            'e',
            '9',
            'to',
            '(',
            '100',
        ];
        for ($i = 0; $i < 2000; $i++) {
            $text = '';
            for ($n = mt_rand(1, 9); $n > 0; $n--) {
                $text .= $alphabet[mt_rand(0, count($alphabet) - 1)];
            }
            try {
                $number = AmountReader::read($text)->number;
                self::assertTrue($number === null || ($number->low >= 0 && is_finite($number->high)), $text);
            } catch (UnreadableAmount $problem) {
                self::assertNotSame('', $problem->reason);
            }
        }
    }
}
