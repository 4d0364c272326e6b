<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What a planned process can't do: melt a wax in lukewarm oil, or hold 600 mL in a half-litre jug. By hand. */
final class ProcessTest extends CoreCase
{
    private const CREAM = [
        ['distilled-water', '380 g', 'water'], ['btms-50', '30 g', 'oil'], ['sunflower-oil', '90 g', 'oil'],
        ['benzyl-alcohol-dehydroacetic-acid', '4.5 g', 'cooldown'],
    ];

    private const BALM = [['olive-oil', '80 g', 'oil'], ['beeswax', '20 g', 'oil']];

    /** @return iterable<string, array{string, list<list<string>>, list<array<string, mixed>>, string}> */
    public static function plans(): iterable
    {
        $mix = [['do' => 'combine'], ['do' => 'blend']];
        $cream = static fn (array ...$heat): array => ['leave_in_emulsion', self::CREAM, [...$heat, ...$mix]];
        yield 'nobody said how' => ['leave_in_emulsion', self::CREAM, [], ''];
        yield 'both to 70' => [...$cream(['do' => 'heat', 'to_c' => 70]), ''];
        yield 'no number said' => [...$cream(['do' => 'heat']), ''];
        yield 'both to 69, a degree short of the range' => [...$cream(['do' => 'heat', 'to_c' => 69]), ''];
        yield 'both to 67, three degrees short' => [...$cream(['do' => 'heat', 'to_c' => 67]), 'stop rehearsed'];
        yield 'oils to 40, then again to 70' => [
            ...$cream(['do' => 'heat', 'what' => 'oil', 'to_c' => 40], ['do' => 'heat', 'what' => 'oil', 'to_c' => 70]),
            '',
        ];
        yield 'only the water' => [...$cream(['do' => 'heat', 'what' => 'water', 'to_c' => 75]), 'stop rehearsed'];
        yield 'no heat at all' => [...$cream(), 'stop rehearsed'];
        yield 'a note that says only that it is filled' => ['leave_in_emulsion', self::CREAM, [['do' => 'fill']], ''];
        yield 'a balm never melted' => ['pomade', self::BALM, [['do' => 'blend'], ['do' => 'fill']], 'stop unheated'];
        yield 'a balm melted' => ['pomade', self::BALM, [['do' => 'heat', 'to_c' => 65], ['do' => 'fill']], ''];
        yield 'a balm hardly warmed' => [
            'pomade', self::BALM, [['do' => 'heat', 'to_c' => 50], ['do' => 'fill']], 'stop unheated',
        ];
        yield 'a butter whipped as it is' => [
            'whipped_butter',
            [['shea-butter', '80 g', 'oil'], ['olive-oil', '20 g', 'oil']],
            [['do' => 'whip']],
            '',
        ];
    }

    /**
     * @param  list<list<string>>  $lines
     * @param  list<array<string, mixed>>  $steps
     */
    #[DataProvider('plans')]
    public function test_a_plan_melts_what_has_to_melt(string $family, array $lines, array $steps, string $says): void
    {
        $finding = self::finding(self::evaluate(self::document($lines, [
            'family' => $family, 'ph' => 5.0, ...($steps === [] ? [] : ['process' => ['steps' => $steps]]),
        ])), 'heat.below_melting');
        self::assertSame($says, $finding === null ? '' : $finding->severity->value.' '.$finding->variant);
    }

    /** @return iterable<string, array{string, array<string, string>, ?string, string}> water, vessels, pour, which */
    public static function vessels(): iterable
    {
        $jug = 'glass-jug-500';
        yield 'none said' => ['2000 g', [], null, ''];
        yield 'brimful' => ['500 g', ['water' => $jug], null, ''];
        yield 'a fiftieth more than it holds' => ['510 g', ['water' => $jug], null, $jug];
        yield 'oil poured into it' => ['460 g', ['water' => $jug], 'oil_into_water', $jug];
        yield 'the other way round' => ['460 g', ['water' => $jug], 'water_into_oil', ''];
        yield 'mixed in a third' => ['460 g', ['water' => $jug, 'mix' => 'steel-bowl-1500'], 'oil_into_water', ''];
        yield 'a third too small' => ['460 g', ['mix' => 'steel-bowl-500'], null, 'steel-bowl-500'];
    }

    /** @param  array<string, string>  $vessels */
    #[DataProvider('vessels')]
    public function test_a_vessel_holds_what_is_put_in(string $water, array $vessels, ?string $pour, string $says): void
    {
        $lines = [['distilled-water', $water, 'water']];
        if ($water === '460 g') {
            $lines = [...$lines, ['btms-50', '20 g', 'oil'], ['sunflower-oil', '60 g', 'oil']];
        }
        $finding = self::finding(self::evaluate(self::document($lines, [
            'process' => [
                ...($vessels === [] ? [] : ['vessels' => $vessels]), ...($pour === null ? [] : ['pour' => $pour]),
            ],
        ])), 'yield.exceeds_vessel');
        self::assertSame($says, $finding === null ? '' : $finding->terms['vessel']->value);
    }

    public function test_a_batch_no_usual_vessel_holds_is_said_with_the_simulation(): void
    {
        $says = static function (string $water, bool $onBatch = false, array $vessels = []): string {
            $finding = self::finding(self::evaluate(self::document([['distilled-water', $water, 'water']], [
                'process' => ['steps' => [['do' => 'rest']], ...($vessels === [] ? [] : ['vessels' => $vessels])],
            ]), $onBatch), 'yield.exceeds_vessel');

            return $finding === null ? '' : $finding->severity->value;
        };
        self::assertSame(['', 'note', ''], [$says('1520 g'), $says('1530 g'), $says('1530 g', true)]);
        self::assertSame('', $says('900 g', true, ['water' => 'glass-jug-500'])); // it is made: it held, or it did not
    }
}
