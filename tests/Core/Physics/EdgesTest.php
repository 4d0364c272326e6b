<?php

declare(strict_types=1);

namespace Tests\Core\Physics;

use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\SolidFat;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Models at the edge of what they go by, the figure written out. */
final class EdgesTest extends CoreCase
{
    /** @param  array<string, mixed>  $changes */
    private static function like(string $key, array $changes): Material
    {
        $like = self::catalogue()->get($key);

        return (new \ReflectionClass($like))->newInstanceArgs([...get_object_vars($like), ...$changes]);
    }

    /** Where only the end of melting is known, it begins ten degrees below. */
    public function test_melting_begins_ten_degrees_below_its_end(): void
    {
        $wax = self::like('beeswax', ['meltLow' => null, 'meltHigh' => 60.0]);
        self::assertSame(0.0, HeatContent::melted($wax, 50.0));
        self::assertEqualsWithDelta(0.5, HeatContent::melted($wax, 55.0), 1e-9);
        self::assertSame(1.0, HeatContent::melted($wax, 60.0));
        $sharp = self::like('beeswax', ['meltLow' => 60.0, 'meltHigh' => 60.0]);
        self::assertEqualsWithDelta(0.5, HeatContent::melted($sharp, 60.05), 1e-6, 'over a tenth of a degree at least');
    }

    /** What melts below 30 °C needs no heat of its own; an emulsion is made at 70 °C, or 2 above what melts last. */
    #[DataProvider('heats')]
    public function test_how_hot_it_has_to_get(string $family, array $lines, ?float $target): void
    {
        $document = self::document($lines, ['family' => $family]);
        $heat = PhaseHeat::of(FormulaDocument::read($document), self::weigh($document));
        self::assertSame($target, $heat?->target);
    }

    public static function heats(): iterable
    {
        yield 'coconut, molten at 26' => ['hair_oil', [['coconut-oil', '100 %']], null];
        yield 'ucuuba, molten at 53' => ['hair_oil', [['ucuuba-butter', '60 %'], ['olive-oil', '40 %']], 55.0];
        yield 'aloe butter, molten at 30' => ['whipped_butter', [['aloe-butter', '100 %']], 32.0];
        yield 'an emulsion of oil' => [
            'leave_in_emulsion', [['distilled-water', '85 %'], ['polysorbate-80', '3 %'], ['olive-oil', '12 %']], 70.0,
        ];
        yield 'an emulsion with a hard wax' => [
            'leave_in_emulsion',
            [['distilled-water', '80 %'], ['behentrimonium-chloride', '1 %'], ['olive-oil', '19 %']],
            97.0,
        ];
    }

    public function test_rooms_feels_and_slump(): void
    {
        self::assertSame(['winter' => 16.0, 'mild' => 20.0, 'summer' => 28.0], SolidFat::ROOMS);
        self::assertSame(10.0, SolidFat::OFF);
        $fat = fn (float $at10): SolidFat => SolidFat::blend([[self::like('mango-butter', [
            'solidFat' => [10 => $at10, 20 => 5.0, 25 => 0.0, 30 => 0.0, 35 => 0.0],
        ]), 1.0]]);
        self::assertNull($fat(10.0)->slump(), 'with a tenth solid it never had a shape');
        self::assertEqualsWithDelta(10.0, $fat(10.1)->slump(), 0.2);
    }

    public function test_a_pot_weighs_something(): void
    {
        self::assertFalse((new CookOut(0.5, 1.0, 1.0))->isDone());
        self::assertTrue((new CookOut(0.0, 1.0, 1.0))->isDone(), 'where no water was, none has to go');
        foreach ([[-0.1, 10.0, 10.0], [1.0, 0.0, 10.0], [1.0, 10.0, 0.0]] as [$water, $before, $now]) {
            try {
                new CookOut($water, $before, $now);
                self::fail("$water, $before, $now");
            } catch (InvalidArgumentException) {
                self::addToAssertionCount(1);
            }
        }
        self::assertSame([5, 4], [CookOut::STILL_MIN, CookOut::WET_DAYS], 'minutes without a bubble; days if wet');
    }
}
