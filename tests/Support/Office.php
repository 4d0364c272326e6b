<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** An outside spreadsheet from Debian, run without a window: it reckons a file anew and writes what it comes to. */
final class Office
{
    /**
     * @param  list<string>  $files
     * @return list<string> the first sheet of each as CSV, with the numbers as shown
     */
    public static function toCsv(array $files): array
    {
        $office = (new ExecutableFinder)->find('soffice');
        if ($office === null) {
            fwrite(
                STDERR,
                "\n*** NOT CHECKED against a spreadsheet: please run: sudo apt-get install libreoffice-calc-nogui\n",
            );
            Assert::markTestSkipped('No spreadsheet is installed.');
        }
        $home = sys_get_temp_dir().'/ilvane-office-'.getmypid();
        $texts = [];
        foreach (array_chunk($files, 50) as $some) {
            (new Process(
                [
                    $office,
                    "-env:UserInstallation=file://$home",
                    '--headless',
                    '--convert-to',
                    'csv:Text - txt - csv (StarCalc):44,34,76,1',
                    '--outdir',
                    "$home/out",
                    ...$some,
                ],
                timeout: 120,
            ))->mustRun();
        }
        foreach ($files as $file) {
            $texts[] = (string) file_get_contents("$home/out/".pathinfo($file, PATHINFO_FILENAME).'.csv');
        }

        return $texts;
    }
}
