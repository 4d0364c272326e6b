<?php

declare(strict_types=1);

namespace App\Console;

use App\Recipes\FormulaSheet;
use App\Recipes\SheetRefused;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a file or standard input, and refuses in the one way all commands do. */
trait ReadsInput
{
    private const NOT_READABLE = 2;

    /**
     * A sheet is turned into recipe text. null when the file can't be read; one byte more than asked for tells that
     * there is more.
     *
     * @param  int<0, max>  $most
     *
     * @throws SheetRefused
     */
    private function input(int $most): ?string
    {
        $file = $this->argument('file');
        if (is_string($file) && is_file($file) && FormulaSheet::takes(pathinfo($file, PATHINFO_EXTENSION))) {
            return (new FormulaSheet)->text($file, pathinfo($file, PATHINFO_EXTENSION));
        }
        $text = @file_get_contents(is_string($file) && $file !== '-' ? $file : 'php://stdin', length: $most + 1);

        return $text === false ? null : $text;
    }

    /** @param  array<string, mixed>  $where path or line */
    private function refuse(string $why, array $where): int
    {
        fwrite(
            STDERR,
            json_encode(
                ['error' => $why, ...$where],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
        );

        return self::NOT_READABLE;
    }

    /** @param  array<string, mixed>  $document */
    private function printJson(array $document): void
    {
        $this->output->writeln(
            json_encode(
                $document,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
                    | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
