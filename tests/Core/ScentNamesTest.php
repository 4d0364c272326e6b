<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Scent\Declaration;
use Tests\Support\CoreCase;

/** Thresholds: Regulation (EC) No 1223/2009, Annex III: 0.001 % left on, 0.01 % rinsed off (recalled). */
final class ScentNamesTest extends CoreCase
{
    private static function names(string $percent, Application $use, string $oil = 'lavender-essential-oil'): array
    {
        $lines = self::weigh(self::document(
            [['olive-oil', 'to 100'], [$oil, $percent]],
            ['family' => 'hair_oil'],
        ))->lines;

        return Declaration::of([$lines[1]], $use, self::catalogue());
    }

    public function test_lavender_owes_linalool(): void
    {
        [$name, $low, $high] = array_values(array_filter(
            self::catalogue()->constituentsOf('lavender-essential-oil'),
            static fn (array $part): bool => $part[0] === 'Linalool',
        ))[0];
        self::assertSame('Linalool', $name);
        $must = 100 * Declaration::LEAVE_ON / $low;
        $may = 100 * Declaration::LEAVE_ON / $high;
        self::assertTrue(
            self::names(round($must * 1.01, 7).' %', Application::LeaveOn)['Linalool'],
            'sure to be above',
        );
        self::assertFalse(self::names(round($must * 0.9, 7).' %', Application::LeaveOn)['Linalool'], 'may be above');
        self::assertArrayNotHasKey(
            'Linalool',
            self::names(round($may * 0.9, 7).' %', Application::LeaveOn),
            'cannot be above',
        );
        self::assertFalse(
            self::names(round($must * 9, 7).' %', Application::RinseOff)['Linalool'] ?? true,
            'ten times as much may be rinsed off',
        );
    }

    public function test_two_oils_share_one_name(): void
    {
        $lines = self::weigh(self::document(
            [['olive-oil', 'to 100'], ['lavender-essential-oil', '0.002 %'], ['rosemary-essential-oil', '0.05 %']],
            ['family' => 'hair_oil'],
        ))->lines;
        $together = Declaration::of([$lines[1], $lines[2]], Application::LeaveOn, self::catalogue());
        $alone = Declaration::of([$lines[2]], Application::LeaveOn, self::catalogue());
        self::assertGreaterThanOrEqual(count($alone), count($together));
        self::assertSame(
            $together,
            array_replace($together, array_filter($alone)),
            'what one alone must name, both must',
        );
        self::assertSame([], Declaration::of([], Application::LeaveOn, self::catalogue()));
    }

    public function test_so_many_drops_surely_stay_within_what_is_plenty(): void
    {
        $drops = static function (float $grams): int {
            $document = self::document(
                [['olive-oil', 'to 100'], ['lavender-essential-oil', '1 drop']],
                ['family' => 'hair_oil', 'batch' => ['grams' => $grams]],
            );
            $it = self::evaluate($document)->assessment;

            return (int) $it->scent->mostDrops($it->composition->total, new Tools);
        };
        $most = $drops(100.0);
        self::assertEqualsWithDelta(2.0 * $most, $drops(200.0), 1.0);
        foreach ([$most => null, 3 * $most => 'scent.total_high'] as $count => $code) {
            $document = self::document(
                [['olive-oil', 'to 100'], ['lavender-essential-oil', "$count drops"]],
                ['family' => 'hair_oil', 'batch' => ['grams' => 100.0]],
            );
            self::assertSame(
                $code,
                self::finding(self::evaluate($document), 'scent.total_high')?->code,
                "$count drops",
            );
        }
    }
}
