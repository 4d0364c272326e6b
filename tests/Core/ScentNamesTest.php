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

    /**
     * Of an oil drawn from so many grams of a plant in 100 g, or of a tea.
     *
     * @return array<string, bool>
     */
    private static function drawn(string $plant, float $grams, string $in, Application $use): array
    {
        return Declaration::ofAll(self::weigh([
            'format' => 'ilvane.formula/1', 'name' => 'x', 'family' => 'hair_oil',
            'parts' => [['key' => 'p', 'name' => 'P', 'makes' => $in === 'distilled-water' ? 'tea' : 'infused_oil',
                'lines' => [
                    ['ingredient' => $plant, 'amount' => "$grams g"], ['ingredient' => $in, 'amount' => '100 g'],
                ], 'gives' => ['amount' => '100 g', 'basis' => 'weighed']]],
            'lines' => [['part' => 'p', 'amount' => '100 g']],
        ]), $use, self::catalogue());
    }

    public function test_an_oil_of_cloves_owes_eugenol_though_no_scent_went_in(): void
    {
        // 10 % of the bud, a twentieth of it drawn, both at the least: 1 g in 100 g is 0.005 %, five times the limit
        self::assertTrue(self::drawn('clove-buds', 1.0, 'jojoba-oil', Application::LeaveOn)['Eugenol']);
        // 0.19 g: 0.00095 % at the least, 0.0323 % at the most
        self::assertFalse(self::drawn('clove-buds', 0.19, 'jojoba-oil', Application::LeaveOn)['Eugenol']);
        // 0.005 g: 0.00085 % at the most
        self::assertArrayNotHasKey('Eugenol', self::drawn('clove-buds', 0.005, 'jojoba-oil', Application::LeaveOn));
        // rinsed off, ten times as much: 0.09 g is 0.0153 % at the most
        self::assertFalse(self::drawn('clove-buds', 0.09, 'jojoba-oil', Application::RinseOff)['Eugenol']);
        self::assertArrayNotHasKey('Eugenol', self::drawn('clove-buds', 0.05, 'jojoba-oil', Application::RinseOff));
    }

    public function test_of_a_tea_nobody_can_say_for_sure(): void
    {
        self::assertFalse(self::drawn('clove-buds', 5.0, 'distilled-water', Application::LeaveOn)['Eugenol']);
        self::assertSame([], self::drawn('calendula-dried', 20.0, 'jojoba-oil', Application::LeaveOn));
    }
}
