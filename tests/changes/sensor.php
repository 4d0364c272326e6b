<?php

// A sensor: a hygrometer, read while something rests.
return [
    'section' => 'A sensor',
    'edits' => [
        'app/Instruments/PracticeBench.php' => static fn (string $code): string => str_replace(
            ["            \$what === 'ph' =>", "'ph' => 0.02];", "'ph' => 'pH'][\$kind]"],
            [
                "            \$what === 'hygrometer' => 50.0 + \$this->tremble(\$what, \$now),\n            \$what === 'ph' =>",
                "'ph' => 0.02, 'hygrometer' => 0.5];",
                "'ph' => 'pH', 'hygrometer' => '%'][\$kind]",
            ],
            $code,
        ),
        'app/Instruments/OverLine.php' => static fn (string $code): string => str_replace(
            '(?:C|g|pH)',
            '(?:C|g|pH|%)',
            $code,
        ),
        'app/Make/LiveReading.php' => static fn (string $code): string => str_replace(
            "            StepKind::TestPh => ['ph' => 'ph'],\n",
            "            StepKind::TestPh => ['ph' => 'ph'],\n            StepKind::Rest => ['humidity' => 'hygrometer'],\n",
            $code,
        ),
        'core/Measure/ReadingTrust.php' => static fn (string $code): string => str_replace(
            "'ph' => [0.0, 14.0],",
            "'ph' => [0.0, 14.0], 'hygrometer' => [0.0, 100.0],",
            $code,
        ),
        'docs/instruments.md' => static fn (string $text): string => str_replace(
            "| `READ ph` | `ph 4.82 pH` |\n",
            "| `READ ph` | `ph 4.82 pH` |\n| `READ hygrometer` | `hygrometer 48.2 %` |\n",
            $text,
        ),
        'tests/Feature/HygrometerTest.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Tests\Feature;

            use App\Instruments\PracticeBench;
            use App\Make\LiveReading;
            use Ilvane\Core\Measure\ReadingTrust;
            use Ilvane\Core\Process\Step;
            use Ilvane\Core\Process\StepKind;
            use Tests\Support\AppCase;

            final class HygrometerTest extends AppCase
            {
                public function test_it_is_read_believed_and_wanted(): void
                {
                    self::assertStringStartsWith('hygrometer ', (new PracticeBench)->answer('READ hygrometer', 1.0));
                    self::assertSame(['humidity' => 'hygrometer'], LiveReading::wanted(new Step(StepKind::Rest)));
                    self::assertSame(ReadingTrust::OutOfRange, ReadingTrust::of('hygrometer', [[0.0, 130.0]], 1.0));
                    $overLine = (string) file_get_contents(dirname(__DIR__, 2).'/app/Instruments/OverLine.php');
                    self::assertStringContainsString('%', $overLine);
                }
            }

            PHP,
    ],
    'tests' => ['tests/Feature/HygrometerTest.php', 'tests/Feature/InstrumentsTest.php'],
];
