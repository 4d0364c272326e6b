<?php

declare(strict_types=1);

namespace App\Recipes;

use Ilvane\Core\Material\Folded;
use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Reader\Csv;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Throwable;
use ZipArchive;

/**
 * Reads a formula sheet (.csv, .xlsx, .ods): finds its columns by their headings, English or French, and turns its rows
 * into recipe lines, so that they are read, marked and corrected like any pasted recipe. Formulas in cells are never
 * reckoned: what the spreadsheet last showed counts.
 */
final class FormulaSheet
{
    public const MAX_BYTES = 2_000_000;

    private const MAX_ROWS = 400;

    private const MAX_COLUMNS = 30;

    /** Unpacked, a sheet this small holds at most so much; more is a bomb. */
    private const MAX_UNPACKED = 50_000_000;

    private const MAX_PARTS = 1000;

    private const HEADINGS = [
        'ingredient' => [
            'ingredient',
            'ingredients',
            'name',
            'material',
            'inci',
            'nom',
            'matiere',
            'matiere premiere',
            'produit',
            'ingredient inci',
            'quoi',
        ],
        'amount' => ['amount', 'quantity', 'qty', 'measure', 'quantite', 'mesure', 'dose', 'how much', 'combien'],
        'percent' => [
            'percent',
            'percentage',
            '',
            'share',
            'pct',
            'pourcentage',
            'pourcent',
            'part',
            'w w',
            'percent w w',
        ],
        'grams' => ['grams', 'gram', 'g', 'weight', 'weight g', 'grammes', 'poids', 'poids g', 'grams g', 'mass'],
        'phase' => ['phase', 'phases'],
    ];

    /**
     * @return string recipe text, a line a row, headings for the phases
     *
     * @throws SheetRefused
     */
    public function text(string $path, string $extension): string
    {
        if ((int) filesize($path) > self::MAX_BYTES) {
            throw SheetRefused::tooLarge();
        }
        $rows = $this->rows($this->sheet($path, strtolower($extension)));
        foreach ($rows as $i => $row) {
            $columns = self::columns($row);
            if (isset($columns['ingredient']) && count($columns) > 1) {
                return self::lines(array_slice($rows, $i + 1), $columns);
            }
        }
        throw SheetRefused::withoutHeadings();
    }

    public static function takes(string $extension): bool
    {
        return in_array(strtolower($extension), ['csv', 'xlsx', 'ods'], true);
    }

    private function sheet(string $path, string $extension): Worksheet
    {
        try {
            if ($extension === 'csv') {
                $text = (string) file_get_contents($path);
                if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
                    throw SheetRefused::isNotText();
                }
                $reader = new Csv;
                $first = strtok($text, "\n") ?: '';
                $reader->setDelimiter(
                    substr_count($first, ';') > substr_count($first, ',')
                        ? ';'
                        : (substr_count($first, "\t") > substr_count($first, ',') ? "\t" : ','),
                );
                $reader->setTestAutoDetect(false);
            } else {
                self::refuseBomb($path);
                $reader = IOFactory::createReader(ucfirst($extension));
            }
            $reader->setReadEmptyCells(false);

            return $reader->load($path)->getSheet(0);
        } catch (SheetRefused $refusal) {
            throw $refusal;
        } catch (Throwable) {
            throw SheetRefused::isNoSheet();
        }
    }

    private static function refuseBomb(string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw SheetRefused::isNoSheet();
        }
        $unpacked = 0;
        for ($i = 0; $i < min($zip->numFiles, self::MAX_PARTS); $i++) {
            $unpacked += (int) ($zip->statIndex($i)['size'] ?? 0);
        }
        $tooMany = $zip->numFiles > self::MAX_PARTS;
        $zip->close();
        if ($tooMany || $unpacked > self::MAX_UNPACKED) {
            throw SheetRefused::unpacksTooLarge();
        }
    }

    /** @return list<list<string>> */
    private function rows(Worksheet $sheet): array
    {
        $rows = [];
        foreach ($sheet->getRowIterator(1, min(self::MAX_ROWS, max(1, $sheet->getHighestDataRow()))) as $row) {
            $cells = [];
            foreach ($row->getCellIterator() as $cell) {
                $cells[] = self::shown($cell);
                if (count($cells) >= self::MAX_COLUMNS) {
                    break;
                }
            }
            $rows[] = $cells;
        }

        return $rows;
    }

    private static function shown(Cell $cell): string
    {
        $value = $cell->isFormula() ? $cell->getOldCalculatedValue() : $cell->getValue();
        if (
            (is_float($value) || is_int($value))
            && str_contains($cell->getStyle()->getNumberFormat()->getFormatCode() ?? '', '%')
        ) {
            $value = round(100 * (float) $value, 6).' %';
        }

        return is_scalar($value)
            ? trim(preg_replace('/\s+/', ' ', (string) $value) ?? '')
            : trim((string) ($value ?? ''));
    }

    /**
     * @param  list<string>  $row
     * @return array<string, int> column by what it holds
     */
    private static function columns(array $row): array
    {
        $columns = [];
        foreach ($row as $i => $cell) {
            $heading = Folded::of($cell);
            foreach (self::HEADINGS as $what => $words) {
                if (
                    $cell !== ''
                    && ! isset($columns[$what])
                    && ($heading === '' ? $what === 'percent' && str_contains($cell, '%') : in_array(
                        $heading,
                        array_filter($words),
                        true,
                    ))
                ) {
                    $columns[$what] = $i;
                    break;
                }
            }
        }

        return $columns;
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  array<string, int>  $columns
     */
    private static function lines(array $rows, array $columns): string
    {
        $lines = [];
        $phase = '';
        foreach ($rows as $row) {
            $cell = static fn (string $what): string => isset($columns[$what]) ? $row[$columns[$what]] ?? '' : '';
            $name = $cell('ingredient');
            if ($name === '' || preg_match('/^(total|sum|somme)\b/i', $name) === 1) {
                continue;
            }
            $said = $cell('phase');
            if ($said !== '' && $said !== $phase) {
                $phase = $said;
                $lines[] = (preg_match('/phase/i', $said) === 1 ? $said : "Phase $said").':';
            }
            $amount = match (true) {
                $cell('amount') !== '' => $cell('amount'),
                $cell('grams') !== '' => self::withUnit($cell('grams'), 'g'),
                default => self::withUnit($cell('percent'), '%'),
            };
            $lines[] = $amount === '' ? $name : "$name: $amount";
        }

        return implode("\n", $lines);
    }

    private static function withUnit(string $cell, string $unit): string
    {
        return $cell === '' || preg_match('/[a-z%]/i', $cell) === 1 ? $cell : "$cell $unit";
    }
}
