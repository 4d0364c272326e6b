<?php

// A unit: the dessertspoon, 10 mL.
return [
    'section' => 'A unit',
    'edits' => [
        'core/Measure/Unit.php' => static fn (string $code): string => str_replace(
            ["    case Cup = 'cup';\n", "            self::Millilitre => 1.0,\n"],
            [
                "    case Dessertspoon = 'dsp';\n    case Cup = 'cup';\n",
                "            self::Millilitre => 1.0,\n            self::Dessertspoon => 10.0,\n",
            ],
            $code,
        ),
        'core/Measure/AmountReader.php' => static fn (string $code): string => str_replace(
            "        'tbsp' => Unit::Tablespoon,\n",
            "        'dsp' => Unit::Dessertspoon,\n        'dessertspoons' => Unit::Dessertspoon,\n        'tbsp' => Unit::Tablespoon,\n",
            $code,
        ),
        'core/Reading/UnitWords.php' => static fn (string $code): string => str_replace(
            "        'table spoon' => Unit::Tablespoon,\n",
            "        'dessert spoons' => Unit::Dessertspoon,\n        'table spoon' => Unit::Tablespoon,\n",
            $code,
        ),
        'tests/Core/Measure/DessertspoonTest.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Tests\Core\Measure;

            use Ilvane\Core\Measure\AmountReader;
            use Ilvane\Core\Measure\UnitSystem;
            use Ilvane\Core\Reading\RecipeReader;
            use Tests\Support\CoreCase;

            final class DessertspoonTest extends CoreCase
            {
                public function test_two_of_them_are_twenty_millilitres(): void
                {
                    $amount = AmountReader::read('2 dessertspoons');
                    self::assertSame(
                        20.0,
                        $amount->number?->likely * $amount->unit?->millilitres(UnitSystem::cases()[0]),
                    );
                    $line = (new RecipeReader(self::catalogue()))->read("2 dessert spoons glycerin\n")->lines[0];
                    self::assertSame(['glycerin', 'dsp'], [$line->ingredient, $line->amount?->unit?->value]);
                }
            }

            PHP,
    ],
    'tests' => ['tests/Core/Measure'],
];
