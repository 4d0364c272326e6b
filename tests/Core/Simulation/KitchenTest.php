<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
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
}
