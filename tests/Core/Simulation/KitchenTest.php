<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Simulation\Kitchen;
use Tests\Support\CoreCase;

/** What a pot is cooled in, °C, in a room of 20. Common practice. */
final class KitchenTest extends CoreCase
{
    public function test_every_way_of_cooling_has_its_temperature(): void
    {
        $formula = FormulaDocument::read(self::sound());
        $composition = (new Evaluator(self::catalogue()))->weigh($formula);
        $kitchen = Kitchen::of($formula, $composition, self::catalogue(), []);
        $around = [];
        foreach (Cooling::cases() as $how) {
            $around[$how->value] = $kitchen->coolsIn($how);
        }
        self::assertSame(
            ['counter' => 20.0, 'cold_bath' => 15.0, 'ice_bath' => 1.0, 'fridge' => 5.0, 'freezer' => -18.0],
            $around,
        );
    }

    public function test_a_fat_melts_between_the_ends_of_its_range_and_nowhere_else(): void
    {
        $shea = self::catalogue()->get('shea-butter-refined'); // 32 to 40 °C
        self::assertSame(
            [0.0, 0.0, 0.5, 1.0, 1.0],
            array_map(
                static fn (float $celsius): float => HeatContent::melted($shea, $celsius),
                [0.0, 32.0, 36.0, 40.0, 90.0],
            ),
        );
        self::assertSame(1.0, HeatContent::melted(self::catalogue()->get('distilled-water'), 0.0));
    }
}
