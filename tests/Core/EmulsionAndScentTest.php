<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class EmulsionAndScentTest extends CoreCase
{
    /** Least load by type: common practice, no single published source. */
    #[DataProvider('loads')]
    public function test_the_load_is_judged_at_its_thresholds(
        string $emulsifier,
        string $amount,
        ?Severity $severity,
    ): void {
        $document = self::document(
            [
                ['distilled-water', 'to 100'],
                ['olive-oil', '16 %'],
                ['stearic-acid', '4 %'],
                [$emulsifier, $amount, 'oil'],
                ['benzyl-alcohol-dehydroacetic-acid', '0.9 %'],
            ],
            ['ph' => 5.0],
        );
        self::assertSame($severity, self::finding(self::evaluate($document), 'emulsion.load_low')?->severity);
    }

    public static function loads(): iterable
    {
        // 20 % fats, the fatty acid among them
        yield 'BTMS-25 at a fifth' => ['btms-25', '4 %', null];
        yield 'BTMS-25 just short of it' => ['btms-25', '3.9 %', Severity::Mind];
        yield 'BTMS-25 at half of it' => ['btms-25', '2 %', Severity::Mind];
        yield 'BTMS-25 below half' => ['btms-25', '1.9 %', Severity::Stop];
        yield 'BTMS-50 at 15 %' => ['btms-50', '3 %', null];
        yield 'BTMS-50 below' => ['btms-50', '2.9 %', Severity::Mind];
        yield 'wax at 18 %' => ['emulsifying-wax-nf', '3.6 %', null];
        yield 'wax below' => ['emulsifying-wax-nf', '3.5 %', Severity::Mind];
        yield 'wax far below' => ['emulsifying-wax-nf', '1.7 %', Severity::Stop];
    }

    public function test_two_emulsifiers_share_the_load(): void
    {
        $composition = self::weigh(self::document([
            ['distilled-water', 'to 100'],
            ['olive-oil', '20 %'],
            ['btms-25', '2 %'],
            ['btms-50', '1.5 %'],
        ]));
        self::assertEqualsWithDelta(0.5 + 0.5, Emulsion::of($composition)->adequacy?->likely, 1e-9);
        self::assertEqualsWithDelta(100 * 3.5 / 23.5, Emulsion::of($composition)->percentOfOilPhase, 1e-9);
    }

    public function test_a_spray_with_a_little_oil_is_shaken_a_mask_is_used_at_once(): void
    {
        $lines = [['distilled-water', '90 %'], ['olive-oil', '9.1 %'], ['benzyl-alcohol-dehydroacetic-acid', '0.9 %']];
        $finding = static fn (string $family) => self::finding(
            self::evaluate(self::document($lines, ['family' => $family, 'ph' => 5.0])),
            'emulsion.no_emulsifier',
        );
        self::assertSame(
            [Severity::Stop, Severity::Mind, Severity::Mind],
            [
                $finding('leave_in_emulsion')?->severity,
                $finding('water_spray')?->severity,
                $finding('fresh_mask')?->severity,
            ],
        );
    }

    public function test_more_fat_than_one_emulsifier_holds_is_asked_about(): void
    {
        $finding = self::finding(
            self::evaluate(self::document([['distilled-water', 'to 100'], ['olive-oil', '60 %'], ['btms-25', '4 %']])),
            'emulsion.load_low',
        );
        self::assertSame([], $finding?->fixes);
        self::assertTrue($finding->asks());
    }

    /** Ceilings for people and use: published essential-oil safety texts, recalled. */
    #[DataProvider('ceilings')]
    public function test_scent_ceilings_fall_with_age_and_use(
        string $audience,
        string $use,
        string $percent,
        ?Severity $severity,
    ): void {
        $document = self::sound();
        $document['lines'][8]['amount'] = $percent;
        $finding = self::finding(
            self::evaluate([...$document, 'use' => $use, 'for' => ['audience' => $audience]]),
            'scent.total_high',
        );
        self::assertSame($severity, $finding?->severity);
    }

    public static function ceilings(): iterable
    {
        yield 'adult, plenty' => ['adult', 'leave_on', '1 %', null];
        yield 'adult, more' => ['adult', 'leave_on', '1.1 %', Severity::Mind];
        yield 'adult, most' => ['adult', 'leave_on', '2 %', Severity::Mind];
        yield 'adult, too much' => ['adult', 'leave_on', '2.1 %', Severity::Stop];
        yield 'adult, rinsed off' => ['adult', 'rinse_off', '2 %', null];
        yield 'adult, rinsed off, too much' => ['adult', 'rinse_off', '2.1 %', Severity::Stop];
        yield 'school child' => ['child_under_12', 'leave_on', '0.5 %', null];
        yield 'school child, more' => ['child_under_12', 'leave_on', '0.6 %', Severity::Stop];
        yield 'small child' => ['child_under_6', 'leave_on', '0.25 %', null];
        yield 'small child, more' => ['child_under_6', 'leave_on', '0.3 %', Severity::Stop];
        yield 'under three, any' => ['child_under_3', 'leave_on', '0.05 %', Severity::Stop];
        yield 'pregnant' => ['pregnant', 'leave_on', '1 %', null];
        yield 'pregnant, more' => ['pregnant', 'leave_on', '1.1 %', Severity::Stop];
    }

    public function test_drops_count_with_their_width(): void
    {
        $document = self::sound();
        $document['lines'][8] = [
            'ingredient' => 'clove-bud-essential-oil',
            'amount' => '20 drops',
            'phase' => 'cooldown',
        ];
        // 20 drops are 0.6 to 1.3 g: 0.3 to 0.7 % of 200 g, around the ceiling of 0.5 %
        self::assertSame('possible', self::finding(self::evaluate($document), 'scent.single_high')?->certainty->value);
        $document['lines'][8]['amount'] = '40 drops';
        self::assertSame('certain', self::finding(self::evaluate($document), 'scent.single_high')?->certainty->value);
        $document['lines'][8]['amount'] = '10 drops';
        self::assertNull(self::finding(self::evaluate($document), 'scent.single_high'));
    }
}
