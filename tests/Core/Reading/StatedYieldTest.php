<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\StatedYield;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StatedYieldTest extends TestCase
{
    #[DataProvider('said')]
    public function test_what_it_makes_is_read_off_the_end(string $line, string $left, string $told, bool $isSaid): void
    {
        $yield = StatedYield::endOf($line);
        self::assertSame($told, $yield?->told());
        self::assertSame($left, substr($line, 0, $yield->at ?? 0));
        self::assertSame($isSaid, $yield->isSaid ?? null);
    }

    public static function said(): iterable
    {
        yield ['Winter milk (300 g)', 'Winter milk', '300 g', true];
        yield ['Winter milk, for a 200 g jar', 'Winter milk', '200 g', true];
        yield ['Whip — fills four 60 ml pots', 'Whip', '4 x 60 ml', true];
        yield ['Baume (trois boîtes de 15 ml)', 'Baume', '3 x 15 ml', true];
        yield ['Gelée, flacon de 100 ml', 'Gelée', '100 ml', true];
        yield ['Drops, one 30 ml dropper bottle', 'Drops', '30 ml', true];
        yield ['Mist 150 g', 'Mist', '150 g', false];
        yield ['Wash - 200 g', 'Wash', '200 g', false];
        yield ['makes about 1,5 kg', '', '1.5 kg', true];
        yield ['Spray 2 x 100ml', 'Spray', '2 x 100 ml', false];
    }

    #[DataProvider('others')]
    public function test_nothing_else_is_taken_for_it(string $line): void
    {
        self::assertNull(StatedYield::endOf($line));
    }

    public static function others(): iterable
    {
        yield ['BTMS 50'];
        yield ['Cream number 7'];
        yield ['200 g shea butter'];
        yield ['Milk with 3 oils'];
        yield ['0 x 30 ml'];
        yield ['00 x 30 ml'];
        yield ['Milk 0 g'];
        yield [''];
    }
}
