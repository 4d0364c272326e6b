<?php

declare(strict_types=1);

namespace Tests\Core\Project;

use DateTimeImmutable;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Project\CountingBack;
use Ilvane\Core\Project\Start;
use Tests\Support\CoreCase;

final class CountingBackTest extends CoreCase
{
    /** @param  list<array<string, mixed>>  $parts */
    private static function formula(array $parts, string ...$taken): Formula
    {
        return FormulaDocument::read([
            'format' => 'ilvane.formula/1', 'name' => 'Leave-in', 'family' => 'leave_in_emulsion',
            'parts' => $parts,
            'lines' => [
                ['ingredient' => 'btms-50', 'amount' => '10 g'],
                ...array_map(static fn (string $part): array => ['part' => $part, 'amount' => '50 g'], $taken),
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private static function part(string $key, string $makes, array $more = [], string ...$takes): array
    {
        return [
            'key' => $key, 'makes' => $makes,
            'lines' => [
                ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                ...array_map(static fn (string $part): array => ['part' => $part, 'amount' => '20 g'], $takes),
            ],
            ...$more,
        ];
    }

    /**
     * @param  list<string>  $covered
     * @return array<string, string> when each is begun and ready
     */
    private static function starts(Formula $formula, string $begin, array $covered = []): array
    {
        $starts = CountingBack::of($formula, new DateTimeImmutable($begin), self::catalogue(), $covered);

        return array_combine(
            array_map(static fn (Start $start): string => $start->part->key, $starts),
            array_map(static fn (Start $start): string => $start->begin->format('d.m. H:i').' '
                .$start->ready->format('d.m. H:i'), $starts),
        );
    }

    public function test_each_is_begun_as_long_before_as_its_kind_usually_takes(): void
    {
        $formula = self::formula([
            self::part('tea', 'tea'), self::part('oil', 'infused_oil'), self::part('juice', 'juice'),
        ], 'tea', 'oil', 'juice');
        self::assertSame([
            'oil' => '21.11. 10:00 12.12. 10:00', // three weeks
            'tea' => '12.12. 09:00 12.12. 10:00', // an hour
            'juice' => '12.12. 09:30 12.12. 10:00',
        ], self::starts($formula, '2026-12-12 10:00'));
    }

    public function test_its_own_steps_say_how_long_it_takes(): void
    {
        $steps = ['process' => ['steps' => [['do' => 'steep', 'minutes' => 120], ['do' => 'strain', 'minutes' => 10]]]];
        $starts = CountingBack::of(
            self::formula([self::part('tea', 'tea', $steps)], 'tea'),
            new DateTimeImmutable('2026-12-12 14:00'),
            self::catalogue(),
        );
        self::assertSame('11:50', $starts[0]->begin->format('H:i'));
        self::assertTrue($starts[0]->isSaid);
    }

    public function test_what_has_to_be_finished_before_and_what_is_in_another_is_begun_before_that(): void
    {
        $formula = self::formula([
            self::part('oil', 'infused_oil', [], 'milk'),
            self::part('milk', 'milk', ['ready_before_minutes' => 60, 'good_for_hours' => 10]),
        ], 'oil');
        self::assertSame([
            'milk' => '21.11. 08:30 21.11. 09:00',
            'oil' => '21.11. 10:00 12.12. 10:00',
        ], self::starts($formula, '2026-12-12 10:00'));
    }

    public function test_nobody_is_woken_where_it_is_still_good_in_the_morning(): void
    {
        $soak = self::formula([self::part('soak', 'cold_soak')], 'soak');
        self::assertSame(['soak' => '11.12. 21:00 12.12. 09:00'], self::starts($soak, '2026-12-12 17:30'));
        $starts = CountingBack::of($soak, new DateTimeImmutable('2026-12-12 10:00'), self::catalogue());
        self::assertTrue($starts[0]->isBeforeNight);
        self::assertSame('11.12. 21:00', $starts[0]->begin->format('d.m. H:i'));
        // two hours good: it is made at the hour itself, whoever has to be up for that
        $juice = self::formula([self::part('juice', 'juice', ['good_for_hours' => 2])], 'juice');
        self::assertSame(['juice' => '12.12. 05:30 12.12. 06:00'], self::starts($juice, '2026-12-12 06:00'));
    }

    public function test_what_would_wait_longer_than_it_is_good_says_so(): void
    {
        $starts = CountingBack::of(
            self::formula([
                self::part('juice', 'juice', ['ready_before_minutes' => 3000, 'good_for_hours' => 24]),
            ], 'juice'),
            new DateTimeImmutable('2026-12-12 12:00'),
            self::catalogue(),
        );
        self::assertTrue($starts[0]->isTooOldWhenUsed());
        self::assertSame('2026-12-11 10:00', $starts[0]->goodUntil?->format('Y-m-d H:i'));
    }

    public function test_what_is_there_already_is_not_begun_and_nothing_of_it(): void
    {
        $formula = self::formula([
            self::part('oil', 'infused_oil', [], 'milk'), self::part('milk', 'milk'), self::part('spare', 'tea'),
        ], 'oil');
        self::assertSame([], self::starts($formula, '2026-12-12 10:00', ['oil']));
        self::assertArrayNotHasKey('spare', self::starts($formula, '2026-12-12 10:00'));
    }

    public function test_two_that_take_of_one_have_it_for_the_first_of_them(): void
    {
        $formula = self::formula([
            self::part('oil', 'infused_oil', [], 'tea'), self::part('tea', 'tea'),
        ], 'tea', 'oil');
        self::assertSame('21.11. 09:00 21.11. 10:00', self::starts($formula, '2026-12-12 10:00')['tea']);
    }

    public function test_the_earliest_day_is_the_longest_way_through_all_of_it(): void
    {
        $formula = self::formula([
            self::part('oil', 'infused_oil', [], 'milk'), self::part('milk', 'milk'), self::part('tea', 'tea'),
        ], 'oil', 'tea');
        $earliest = static fn (array $covered): string => CountingBack::earliest(
            $formula,
            new DateTimeImmutable('2026-11-30 09:45'),
            self::catalogue(),
            $covered,
        )->format('d.m. H:i');
        self::assertSame('21.12. 11:00', $earliest([]), 'half an hour, three weeks, and the next full hour');
        self::assertSame('30.11. 11:00', $earliest(['oil']));
        self::assertSame('30.11. 10:00', $earliest(['oil', 'tea']));
        self::assertSame('01.12. 07:00', CountingBack::earliest(
            self::formula([self::part('tea', 'tea')], 'tea'),
            new DateTimeImmutable('2026-11-30 22:30'),
            self::catalogue(),
        )->format('d.m. H:i'), 'not in the night');
    }
}
