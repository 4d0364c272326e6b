<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use Ilvane\Core\Evaluation\ClaimCheck;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Tests\Support\CoreCase;
use Tests\Support\SoundFormula;

/** What a note says is set beside what is computed, and never used as a fact. */
final class ClaimCheckTest extends CoreCase
{
    /** @param  list<array<string, mixed>>  $claims */
    private static function checks(array $claims, array $more = []): array
    {
        $formula = FormulaDocument::read([...SoundFormula::document(), ...$more, 'claims' => $claims]);

        return ClaimCheck::all((new Evaluator(self::catalogue()))->evaluate($formula));
    }

    private static function agrees(string $what, mixed $value, string $of = ''): ?bool
    {
        return self::checks([['what' => $what, 'value' => $value, 'of' => $of]])[0]->agrees;
    }

    public function test_a_life_agrees_where_the_computed_one_is_no_shorter(): void
    {
        $days = self::checks([['what' => 'keeps_days', 'value' => 1]])[0]->computed?->likely;
        self::assertNotNull($days);
        self::assertTrue(self::agrees('keeps_days', $days));
        self::assertTrue(self::agrees('keeps_days', $days - 1));
        self::assertFalse(self::agrees('keeps_days', $days + 1));
    }

    public function test_a_yield_agrees_within_a_twentieth(): void
    {
        $total = self::checks([['what' => 'yield_g', 'value' => 1]])[0]->computed;
        self::assertNotNull($total);
        self::assertTrue(self::agrees('yield_g', $total->likely));
        self::assertTrue(self::agrees('yield_g', $total->high * 1.049));
        self::assertFalse(self::agrees('yield_g', $total->high * 1.06));
        self::assertFalse(self::agrees('yield_g', $total->low * 0.94));
    }

    public function test_what_nothing_is_computed_for_is_neither_right_nor_wrong(): void
    {
        self::assertNull(self::agrees('containers', 3));
        self::assertNull(self::agrees('dose', 1, 'no-such-line'));
    }

    public function test_a_share_is_looked_up_by_line_or_by_kind(): void
    {
        $check = self::checks([['what' => 'dose', 'value' => 90, 'of' => 'preservative']])[0];
        self::assertNotNull($check->computed);
        self::assertLessThan(5, $check->computed->likely);
        self::assertFalse($check->agrees);
    }

    public function test_a_claim_changes_nothing(): void
    {
        $plain = FormulaDocument::read(SoundFormula::document());
        $evaluator = new Evaluator(self::catalogue());
        $claimed = FormulaDocument::read([...SoundFormula::document(), 'claims' => ['keeps_days' => 3650, 'ph' => 14]]);
        $codes = static fn ($formula): array => array_column($evaluator->evaluate($formula)->findings, 'code');
        self::assertSame($codes($plain), $codes($claimed));
    }
}
