<?php

declare(strict_types=1);

namespace App\Papers;

use App\Ground\Wording;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Reformulation\Stock;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/**
 * A formula as a spreadsheet that reckons: grams, shares, the total and the cost follow from what is entered and from
 * the
 * batch size by formulas in the cells, in the same way as the bench does. What a maker entered in spoons or drops
 * stands
 * as its likely grams.
 *
 * Columns: phase, ingredient, INCI, as entered, grams entered, percent entered, grams, % of batch, price of 100 g,
 * cost.
 */
final class WorkingSheet
{
    private const HEAD = 5;

    private const FIRST = 6;

    private const BATCH = '$B$3';

    public function __construct(private readonly Wording $wording)
    {
    }

    /** @param  string  $format  xlsx | ods | csv */
    public function write(Formula $formula, Composition $composition, Stock $cupboard, string $format): string
    {
        $book = new Spreadsheet;
        $this->fill($book->getActiveSheet(), $formula, $composition, $cupboard);
        $writer = IOFactory::createWriter($book, ucfirst($format));
        $writer->setPreCalculateFormulas(true);
        $file = (string) tempnam(sys_get_temp_dir(), 'ilvane');
        $writer->save($file);
        $bytes = (string) file_get_contents($file);
        unlink($file);
        $book->disconnectWorksheets();

        return $bytes;
    }

    private function fill(Worksheet $sheet, Formula $formula, Composition $composition, Stock $cupboard): void
    {
        $wording = $this->wording;
        $sheet->setTitle(say('papers.sheet'));
        self::text($sheet, 'A1', $formula->name);
        self::text($sheet, 'A3', say('papers.batch'));
        foreach ([
            'A' => 'phase',
            'B' => 'ingredient',
            'C' => 'inci',
            'D' => 'entered',
            'E' => 'grams_in',
            'F' => 'percent_in',
            'G' => 'grams',
            'H' => 'share',
            'I' => 'price',
            'J' => 'cost',
        ] as $column => $word) {
            self::text($sheet, $column.self::HEAD, say("papers.columns.$word"));
        }
        $batch = array_values(array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => $line->isInBatch(),
        ));
        $strained = array_values(array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => ! $line->isInBatch(),
        ));
        $last = self::FIRST + max(1, count($batch)) - 1;
        foreach ([...$batch, ...$strained] as $i => $line) {
            self::line($sheet, self::FIRST + $i, $line, $last, $composition, $wording);
            $price = $line->ingredient === null ? null : $cupboard->pricePerGram($line->ingredient->key);
            if ($price !== null) {
                $row = self::FIRST + $i;
                $sheet->setCellValue("I$row", round(100 * $price, 4));
                $sheet->setCellValue("J$row", "=G$row*I$row/100");
            }
        }
        $foot = self::FIRST + count($batch) + count($strained);
        $range = static fn (string $column): string => $column.self::FIRST.":$column$last";
        $sheet->setCellValue('B3', match ($composition->basis) {
            // grams alone make the batch; with percentages beside them T = Σg / (1 − Σp)
            Basis::Lines => "=SUM({$range('E')})/(1-SUM({$range('F')})/100)",
            default => $composition->total->likely ?? '',
        });
        self::text($sheet, "A$foot", say('papers.total'));
        $sheet->setCellValue("G$foot", "=SUM({$range('G')})");
        $sheet->setCellValue("H$foot", "=SUM({$range('H')})");
        $sheet->setCellValue("J$foot", '=SUM(J'.self::FIRST.':J'.($foot - 1).')');
        self::text($sheet, 'A'.($foot + 2), say('papers.basis'));
        self::dress($sheet, $foot);
    }

    private static function line(
        Worksheet $sheet,
        int $row,
        WeighedLine $line,
        int $last,
        Composition $composition,
        Wording $wording,
    ): void {
        self::text($sheet, "A$row", say('words.phase.'.$line->phase->value));
        self::text(
            $sheet,
            "B$row",
            $line->ingredient === null ? $line->line->spokenOf() : $wording->ingredient($line->ingredient->key),
        );
        self::text($sheet, "C$row", $line->ingredient->inci ?? '');
        self::text($sheet, "D$row", $line->line->amount);
        $kind = $line->amount?->kind;
        if ($kind === AmountKind::Percent) {
            $sheet->setCellValue("F$row", $line->amount->number->likely ?? 0.0);
        } elseif ($kind !== AmountKind::Rest && $line->grams !== null) {
            $sheet->setCellValue("E$row", round($line->grams->likely, 6));
        }
        if ($line->grams === null) {
            return;
        }
        $sheet->setCellValue("G$row", match (true) {
            $kind === AmountKind::Percent => "=F$row/100*".self::BATCH,
            $kind === AmountKind::Rest => '=MAX(0,'
                .self::BATCH
                .'-SUM(E'
                .self::FIRST
                .":E$last)-SUM(F"
                .self::FIRST
                .":F$last)/100*"
                .self::BATCH
                .')',
            default => "=E$row",
        });
        if ($line->phase !== Phase::Infusion && $composition->total !== null) {
            $sheet->setCellValue("H$row", "=G$row/".self::BATCH.'*100');
        }
    }

    private static function dress(Worksheet $sheet, int $foot): void
    {
        foreach ([
            'A' => 13,
            'B' => 34,
            'C' => 40,
            'D' => 14,
            'E' => 11,
            'F' => 11,
            'G' => 11,
            'H' => 11,
            'I' => 11,
            'J' => 11,
        ] as $column => $width) {
            $sheet->getColumnDimension($column)->setWidth($width);
        }
        $sheet->getStyle('A1')->getFont()->setBold(true)->setSize(15);
        foreach (['A'.self::HEAD.':J'.self::HEAD, "A$foot:J$foot", 'B3'] as $bold) {
            $sheet->getStyle($bold)->getFont()->setBold(true);
        }
        $sheet->getStyle('E'.self::FIRST.":J$foot")->getNumberFormat()->setFormatCode('0.00');
    }

    /** Never reckoned, whatever it begins with. */
    private static function text(Worksheet $sheet, string $cell, string $text): void
    {
        $sheet->setCellValueExplicit($cell, $text, DataType::TYPE_STRING);
    }
}
