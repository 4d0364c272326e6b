<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** All answers as files, the same every time they are asked for. */
final class AnswersTest extends TestCase
{
    public function test_the_same_questions_have_the_same_answers(): void
    {
        $directory = sys_get_temp_dir().'/ilvane-answers-'.bin2hex(random_bytes(5));
        try {
            foreach (['one', 'two'] as $time) {
                $answers = new Process(
                    [PHP_BINARY, 'bench/answers.php', "$directory/$time"],
                    dirname(__DIR__, 2),
                    timeout: null,
                );
                $answers->mustRun();
                self::assertGreaterThan(500, (int) $answers->getOutput());
            }
            self::assertSame(
                '',
                (new Process(['diff', '-r', "$directory/one", "$directory/two"]))->mustRun()->getOutput(),
            );
            self::assertStringContainsString(
                '"regime": "preserved"',
                (string) file_get_contents("$directory/one/evaluate/sample-1-1.json"),
            );
            self::assertStringContainsString(
                'Slow Sunday leave-in milk',
                (string) file_get_contents("$directory/one/pages-en/formulas.txt"),
            );
            self::assertStringContainsString(
                'Étagère',
                (string) file_get_contents("$directory/one/pages-fr/shelf.txt"),
            );

            $again = new Process([PHP_BINARY, 'bench/answers.php', "$directory/one"], dirname(__DIR__, 2));
            self::assertSame(2, $again->run(), 'older answers are never written over');
        } finally {
            (new Process(['rm', '-rf', $directory]))->run();
        }
    }
}
