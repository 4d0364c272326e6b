<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** An oil is free of water when the pot's weight says so: 60 g of rosemary at 68 % water, 95 % of it out: 38.76 g. */
final class CookedOutByWeightTest extends CoreCase
{
    /**
     * @param  array<string, mixed>  $step
     * @return array<string, mixed>
     */
    private static function oil(array $step = [], string $plant = 'rosemary-fresh'): array
    {
        return self::document([], ['family' => 'hair_oil', 'batch' => null, 'parts' => [[
            'key' => 'p1', 'name' => 'Rosemary cooked out', 'makes' => 'cooked_out_oil',
            'lines' => [
                ['ingredient' => $plant, 'amount' => '60 g'], ['ingredient' => 'olive-oil', 'amount' => '400 g'],
            ],
            'process' => ['steps' => [
                ['do' => 'cook_out', 'to_c' => 105, 'minutes' => 60, ...$step], ['do' => 'strain'],
            ]],
        ]]]);
    }

    /** @param  array<string, mixed>  $document */
    private static function taking(array $document): array
    {
        return [...$document, 'lines' => [
            ['part' => 'p1', 'amount' => '100 g'], ['ingredient' => 'castor-oil', 'amount' => '100 g'],
        ]];
    }

    public function test_a_plan_is_told_what_has_to_leave_the_pot(): void
    {
        $plan = self::evaluate(self::taking(self::oil()));
        $found = self::finding($plan, 'infusion.cooked_out');
        self::assertSame('mind', $found?->severity->value);
        self::assertEqualsWithDelta(38.76, $found->terms['water']->value, 0.01);
        self::assertSame(365.0, $plan->assessment->keeping->days, 'what it will keep, if it is cooked out');
    }

    public function test_a_batch_nobody_weighed_is_kept_four_days_in_the_fridge(): void
    {
        $made = self::evaluate(self::taking(self::oil()), onBatch: true);
        self::assertSame(4.0, $made->assessment->keeping->days);
        self::assertSame('cooked_out', $made->assessment->keeping->decidedBy()?->what);
        self::assertSame('unweighed', self::finding($made, 'infusion.cooked_out')?->variant);
    }

    #[DataProvider('weighings')]
    public function test_the_pot_decides(float $now, float $days, ?string $variant): void
    {
        $made = self::evaluate(self::taking(self::oil(['pot_g' => 1200, 'pot_now_g' => $now])), onBatch: true);
        self::assertSame($days, $made->assessment->keeping->days);
        self::assertSame($variant, self::finding($made, 'infusion.cooked_out')?->variant);
    }

    public static function weighings(): iterable
    {
        yield 'all of it gone' => [1161.2, 365.0, null];
        yield 'a gram short' => [1162.2, 4.0, 'left'];
        yield 'nothing gone' => [1200.0, 4.0, 'left'];
        yield 'heavier than before' => [1210.0, 4.0, 'left'];
    }

    public function test_a_dry_plant_has_nothing_to_lose(): void
    {
        $made = self::evaluate(self::taking(self::oil(plant: 'rosemary-dried')), onBatch: true);
        self::assertNull(self::finding($made, 'infusion.cooked_out'));
        self::assertSame(365.0, $made->assessment->keeping->days);
    }

    /** The same in the infusion lane of an old document. */
    public function test_cooked_out_lines_without_a_part_are_weighed_too(): void
    {
        $old = self::document([
            ['olive-oil', '200 g'], ['rosemary-fresh', '60 g', 'infusion', ['prepared' => 'cooked_out']],
        ], ['family' => 'infused_oil', 'batch' => null]);
        self::assertSame('usual', self::finding(self::evaluate($old), 'infusion.cooked_out')?->variant);
        self::assertSame(4.0, self::evaluate($old, onBatch: true)->assessment->keeping->days);
        $weighed = [...$old, 'process' => ['steps' => [
            ['do' => 'cook_out', 'to_c' => 105, 'pot_g' => 900, 'pot_now_g' => 861],
        ]]];
        self::assertSame(365.0, self::evaluate($weighed, onBatch: true)->assessment->keeping->days);
    }
}
