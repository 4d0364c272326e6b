<?php

// A finding: a batch so small that no blender takes hold of it.
$under = static fn (string $code, string $before, string $new): string => str_replace($before, $new.$before, $code);

return [
    'section' => 'A finding',
    'edits' => [
        'core/Safety/Rules/BatchTiny.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Ilvane\Core\Safety\Rules;

            use Ilvane\Core\Safety\Assessment;
            use Ilvane\Core\Safety\Finding;
            use Ilvane\Core\Safety\Rule;
            use Ilvane\Core\Safety\Severity;
            use Ilvane\Core\Safety\Term;

            /** Too little for a blender to take hold of. */
            final class BatchTiny implements Rule
            {
                /** Grams. Common practice. */
                private const LEAST_G = 20.0;

                public function examine(Assessment $assessment): iterable
                {
                    $total = $assessment->composition->total->likely ?? 0.0;
                    if ($total > 0 && $total < self::LEAST_G && $assessment->formula->family->isEmulsion()) {
                        yield new Finding('yield.tiny', Severity::Note, terms: ['grams' => Term::grams($total)]);
                    }
                }
            }

            PHP,
        'core/Safety/RuleBook.php' => static fn (string $code): string => $under(
            $under($code, "            new PatchTest,\n", "            new BatchTiny,\n"),
            'use Ilvane\\Core\\Safety\\Rules\\ButterTexture;',
            "use Ilvane\\Core\\Safety\\Rules\\BatchTiny;\n",
        ),
        'lang/en/findings.php' => static fn (string $code): string => preg_replace(
            "/(    'yield' => \[\n)/",
            "$1        'tiny' => ['message' => 'Only :grams: a blender takes no hold of it.', 'because' => 'It stays on the walls.', 'source' => 'Common practice.'],\n",
            $code,
            1,
        ),
        'lang/fr/findings.php' => static fn (string $code): string => preg_replace(
            "/(    'yield' => \[\n)/",
            "$1        'tiny' => ['message' => 'Seulement :grams : un mixeur n’y a pas prise.', 'because' => 'Tout reste sur les parois.', 'source' => 'Pratique courante.'],\n",
            $code,
            1,
        ),
        'config/handbook.php' => static fn (string $code): string => $under(
            $code,
            "            'yield.unexplained'",
            "            'yield.tiny' => ['note', 'practice'],\n",
        ),
        'lang/en/handbook.php' => static fn (string $code): string => preg_replace(
            "/('yield' => \[)/",
            "$1'tiny' => 'No emulsion is made by the spoonful.', ",
            $code,
            1,
        ),
        'lang/fr/handbook.php' => static fn (string $code): string => preg_replace(
            "/('yield' => \[)/",
            "$1'tiny' => 'On ne fait pas d’émulsion à la cuillère.', ",
            $code,
            1,
        ),
        'docs/formats.md' => static fn (string $text): string => str_replace(
            '| `yield.exceeds_containers` / `exceeds_vessel`',
            '| `yield.exceeds_containers` / `tiny` / `exceeds_vessel`',
            $text,
        ),
        'tests/Core/Safety/BatchTinyTest.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Tests\Core\Safety;

            use Tests\Support\CoreCase;

            final class BatchTinyTest extends CoreCase
            {
                public function test_less_than_twenty_grams_is_said(): void
                {
                    $of = static fn (float $grams): array => [...self::sound(), 'batch' => ['grams' => $grams]];
                    self::assertContains('yield.tiny', self::evaluate($of(19.9))->codes());
                    self::assertNotContains('yield.tiny', self::evaluate($of(20.0))->codes());
                }
            }

            PHP,
    ],
    'tests' => [
        'tests/Core/Safety/BatchTinyTest.php',
        'tests/Feature/HandbookTest.php',
        'tests/Feature/LanguageTest.php',
    ],
];
