<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Drawing\Flow;
use App\Drawing\Threads;
use Ilvane\Core\Cost\Price;
use Ilvane\Core\Reformulation\Shopping;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;
use InvalidArgumentException;
use Tests\Support\CoreCase;
use Tests\Support\SoundFormula;

/** Prices, shopping and the drawings that carry them. */
final class MoneyTest extends CoreCase
{
    public function test_a_price_covers_what_others_keep_and_what_is_to_be_left_over(): void
    {
        $price = Price::of(12.0, 4, 1.5, 2.0, 15.0, 0.2, 0.3);
        self::assertEqualsWithDelta(3.0 + 1.5 + 7.5, $price->cost, 1e-12);
        self::assertEqualsWithDelta(24.0, $price->sell, 1e-12);
        self::assertEqualsWithDelta($price->cost, $price->sell * (1 - 0.2 - 0.3), 1e-12);
        self::assertNull(Price::of(12.0, 4, 0.0, 0.0, 0.0, 0.6, 0.4)->sell, 'nothing would be left to pay the cost');
        $this->expectException(InvalidArgumentException::class);
        Price::of(12.0, 0, 0.0, 0.0, 0.0, 0.0, 0.0);
    }

    public function test_what_two_batches_want_together_is_bought_once(): void
    {
        $composition = self::weigh(SoundFormula::document());
        $rows = Shopping::of(
            [[$composition, 200.0], [$composition, 100.0]],
            new Stock([new Stocked('L1', 'glycerin', 5.0), new Stocked('L2', 'btms-50', 100.0)]),
        );
        self::assertEqualsWithDelta(300.0 * 0.03 * 1.05, $rows['glycerin']['wanted'], 1e-6);
        self::assertEqualsWithDelta(300.0 * 0.03 * 1.05 - 5.0, $rows['glycerin']['buy'], 1e-6);
        self::assertSame(0.0, $rows['btms-50']['buy']);
        self::assertEqualsWithDelta(300.0 * 1.05, array_sum(array_column($rows, 'wanted')), 1e-6);
    }

    public function test_what_is_made_first_is_bought_as_what_it_is_made_of_and_a_lot_is_there(): void
    {
        $tea = ['key' => 'tea', 'name' => 'Nettle tea', 'makes' => 'tea', 'lines' => [
            ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
            ['ingredient' => 'distilled-water', 'amount' => '250 g'],
        ]];
        $document = [
            'format' => 'ilvane.formula/1', 'name' => 'Leave-in', 'family' => 'leave_in_emulsion',
            'parts' => [$tea, ['key' => 'oil', 'name' => 'Oil', 'makes' => 'infused_oil', 'lines' => [
                ['ingredient' => 'calendula-dried', 'amount' => '6 g'],
                ['ingredient' => 'sunflower-oil', 'amount' => '60 g'],
                ['part' => 'tea', 'amount' => '1 g'],
            ]]],
            'lines' => [
                ['part' => 'tea', 'amount' => '150 g'], ['part' => 'oil', 'amount' => '24 g'],
                ['ingredient' => 'btms-50', 'amount' => '10 g'],
            ],
        ];
        $rows = static fn (array $document): array => array_map(
            static fn (array $row): float => round($row['wanted'], 3),
            Shopping::of([[self::weigh($document), 184.0]], new Stock),
        );
        self::assertEquals([
            'btms-50' => 10.5, 'nettle-dried' => 5.25, 'distilled-water' => 262.5, 'calendula-dried' => 6.3,
            'sunflower-oil' => 63.0,
        ], $rows($document), 'all of a part, and a twentieth to spare');
        $document['lines'][0] = ['lot' => 'L261130', 'amount' => '150 g', 'formula' => [
            'format' => 'ilvane.formula/1', 'name' => 'Nettle tea (L261130)', 'family' => 'water_spray',
            'parts' => [$tea], 'lines' => [['part' => 'tea', 'amount' => '200 g']],
        ]];
        $document['parts'] = [];
        unset($document['lines'][1]);
        self::assertSame(['btms-50'], array_keys($rows([...$document, 'lines' => array_values($document['lines'])])));
    }

    public function test_a_stream_parts_without_loss_and_as_wide_as_its_shares(): void
    {
        $flow = Flow::of([
            ['part' => 'filled', 'share' => 0.9],
            ['part' => 'steamed', 'share' => 0.02],
            ['part' => 'bowl', 'share' => 0.08],
            ['part' => 'unexplained', 'share' => -0.01],
        ]);
        self::assertSame(['filled', 'steamed', 'bowl'], array_column($flow->bands, 'part'));
        self::assertEqualsWithDelta($flow->stream, array_sum(array_column($flow->bands, 'wide')), 0.2);
        self::assertEqualsWithDelta(0.9 * $flow->stream, $flow->bands[0]['wide'], 0.05);
    }

    public function test_each_thing_stands_to_the_right_of_all_it_came_from(): void
    {
        $edge = static fn (string $from, string $to): array => ['from' => $from, 'to' => $to, 'grams' => 10.0];
        $drawing = Threads::of(
            ['root', 'tea', 'oil', 'milk', 'cream'],
            $edges = [$edge('root', 'tea'), $edge('tea', 'milk'), $edge('oil', 'milk'), $edge('tea', 'cream')],
        );
        foreach ($edges as ['from' => $from, 'to' => $to]) {
            self::assertLessThan(
                $drawing->places[$to]['x'],
                $drawing->places[$from]['x'] + Threads::BOX_WIDE,
                "$from before $to",
            );
        }
        self::assertCount(
            5,
            array_unique(array_map(
                static fn (array $place): string => "{$place['x']} {$place['y']}",
                $drawing->places,
            )),
            'no two in one place',
        );
        self::assertSame([], Threads::of([], [])->lines);
    }
}
