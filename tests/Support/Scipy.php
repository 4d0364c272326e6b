<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;

/** Independent tools from Debian (SciPy, RDKit, IAPWS), each asked in a process of its own. Test time only. */
final class Scipy
{
    private const PYTHON = '/usr/bin/python3';

    /**
     * Runs a Python program that reads JSON from standard input and prints JSON.
     *
     * @param  string  $module  the tool it needs; Debian has it as python3-NAME
     * @return mixed what it printed
     */
    public static function ask(string $program, mixed $input, string $module = 'scipy'): mixed
    {
        $check = new Process([self::PYTHON, '-c', "import $module"]);
        if (! is_executable(self::PYTHON) || $check->run() !== 0) {
            fwrite(
                STDERR,
                "\n*** NOT CHECKED: python3-$module is not installed. Please run: sudo apt-get install python3-$module\n",
            );
            Assert::markTestSkipped("python3-$module is not installed");
        }
        $process = new Process(
            [self::PYTHON, '-c', "import json, sys\ndata = json.load(sys.stdin)\n$program"],
            input: json_encode($input, JSON_THROW_ON_ERROR),
            timeout: 60,
        );
        $process->mustRun();

        return json_decode($process->getOutput(), true, 64, JSON_THROW_ON_ERROR);
    }
}
