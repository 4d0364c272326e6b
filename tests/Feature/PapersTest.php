<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Pantry\LotBook;
use App\Papers\WorkingSheet;
use App\Recipes\FormulaSheet;
use Illuminate\Support\Carbon;
use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Tests\Support\AppCase;
use Tests\Support\Office;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormula;

final class PapersTest extends AppCase
{
    /** An outside spreadsheet reckons the file anew, with other amounts typed in, and comes to what the bench says. */
    public function test_a_headless_spreadsheet_comes_to_the_same_numbers(): void
    {
        $files = $compositions = [];
        foreach ([...RandomFormulas::seeded(21, 6, app(Catalogue::class))] as $i => $document) {
            foreach (['xlsx', 'ods'] as $format) {
                [$composition, $bytes] = $this->sheet($document, $format);
                $path = self::stored($bytes, $format);
                self::change($path, $format);
                $files[] = $path;
                $compositions[] = [$composition, $document];
            }
        }
        foreach (Office::toCsv($files) as $i => $csv) {
            [$composition, $document] = $compositions[$i];
            $rows = array_map(str_getcsv(...), explode("\n", trim($csv)));
            // the same change on the bench: the first measured or percent line doubled
            $changed = self::doubled($document);
            $now = app(Evaluator::class)->weigh(FormulaDocument::read($changed));
            foreach (self::inSheet($now) as $n => $line) {
                $row = $rows[5 + $n];
                self::assertEqualsWithDelta(
                    $line->grams->likely ?? 0.0,
                    (float) $row[6],
                    0.006,
                    "file $i line $n grams",
                );
                if ($line->share !== null && $composition->total !== null) {
                    self::assertEqualsWithDelta(
                        100 * $line->share->likely,
                        (float) $row[7],
                        0.006,
                        "file $i line $n share",
                    );
                }
            }
        }
    }

    public function test_costs_are_reckoned_in_the_sheet_and_names_are_never_formulas(): void
    {
        $document = [...SoundFormula::document(), 'name' => '=1+1'];
        $cupboard = new Stock(array_map(
            static fn (array $line): Stocked => new Stocked('L', $line['ingredient'], 100, 0.02),
            $document['lines'],
        ));
        [$composition, $bytes] = $this->sheet($document, 'xlsx', $cupboard);
        $sheet = self::open(self::stored($bytes, 'xlsx'));
        self::assertSame('=1+1', $sheet->getCell('A1')->getValue());
        self::assertFalse($sheet->getCell('A1')->isFormula());
        $foot = 6 + count($document['lines']);
        self::assertEqualsWithDelta(
            Cost::of($composition, $cupboard->pricePerGram(...))->known,
            $sheet->getCell("J$foot")->getCalculatedValue(),
            1e-6,
        );
        self::assertEqualsWithDelta(200.0, $sheet->getCell("G$foot")->getCalculatedValue(), 1e-9);
    }

    public function test_a_sheet_taken_along_can_be_read_in_again(): void
    {
        foreach (['xlsx', 'ods', 'csv'] as $format) {
            [, $bytes] = $this->sheet(SoundFormula::document(), $format);
            $text = (new FormulaSheet)->text(self::stored($bytes, $format), $format);
            foreach (['Distilled', 'Glycerin', '3 %', 'to 100'] as $part) {
                self::assertStringContainsString($part, $text, $format);
            }
        }
    }

    public function test_every_file_is_served_for_download(): void
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'name' => 'Élan "vital" <b>']);
        app(LotBook::class)->putBought('glycerin', 100, 4.0, null, null, Carbon::now());
        foreach ([
            'xlsx' => 'PK',
            'ods' => 'PK',
            'csv' => 'Élan',
            'json' => '{',
            'svg' => '<?xml',
        ] as $format => $begins) {
            $answer = $this
                ->get("/formulas/$formula->id/formula.$format")
                ->assertOk()
                ->assertHeader('Content-Disposition', "attachment; filename=\"elan-vital-b.$format\"");
            self::assertStringContainsString($begins, substr((string) $answer->getContent(), 0, 400), $format);
        }
        self::assertSame(
            FormulaDocument::write(FormulaDocument::fromJson((string) $this
                ->get("/formulas/$formula->id/formula.json")
                ->getContent()))['name'],
            'Élan "vital" <b>',
        );
        $svg = simplexml_load_string((string) $this->get("/formulas/$formula->id/formula.svg")->getContent());
        self::assertNotFalse($svg);
        self::assertSame('Élan "vital" <b>', (string) $svg->title);
        self::assertStringNotContainsString(
            'var(--',
            preg_replace('/<style>.*<\/style>/s', '', (string) $svg->asXML()) ?? '',
        );
        $this->get("/formulas/$formula->id/formula.exe")->assertNotFound();
    }

    /** schema.org HowTo: https://schema.org/HowTo, its properties step, supply and tool. */
    public function test_the_way_it_is_made_reads_for_people_and_programs(): void
    {
        $formula = $this->formulaOf([...SoundFormula::document(), 'name' => 'Milk </script><b>']);
        $page = (string) $this
            ->get("/formulas/$formula->id/how-to")
            ->assertOk()
            ->assertSeeText('Weigh: Oil')
            ->getContent();
        self::assertSame(1, preg_match('#<script type="application/ld\+json">(.*?)</script>#s', $page, $found));
        $schema = json_decode($found[1], true, 32, JSON_THROW_ON_ERROR);
        self::assertSame(
            ['https://schema.org', 'HowTo', 'Milk </script><b>'],
            [$schema['@context'], $schema['@type'], $schema['name']],
        );
        self::assertCount(5, $schema['supply']);
        self::assertSame(range(1, count($schema['step'])), array_column($schema['step'], 'position'));
        self::assertStringContainsString('Sweet almond oil', json_encode($schema['step'], JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{Composition, string}
     */
    private function sheet(array $document, string $format, Stock $cupboard = new Stock): array
    {
        $formula = FormulaDocument::read($document);
        $composition = app(Evaluator::class)->weigh($formula);

        return [$composition, app(WorkingSheet::class)->write($formula, $composition, $cupboard, $format)];
    }

    private static function stored(string $bytes, string $format): string
    {
        $path = tempnam(sys_get_temp_dir(), 'ilv').".$format";
        file_put_contents($path, $bytes);

        return $path;
    }

    private static function open(string $path): Worksheet
    {
        return IOFactory::load($path)->getActiveSheet();
    }

    /**
     * Doubles the first number a maker entered, and keeps the old results, so that only what is reckoned anew is right.
     */
    private static function change(string $path, string $format): void
    {
        $book = IOFactory::load($path);
        $sheet = $book->getActiveSheet();
        foreach (['E', 'F'] as $column) {
            for ($row = 6; $row < 40; $row++) {
                $value = $sheet->getCell("$column$row")->getValue();
                if (is_numeric($value) && $column === self::firstColumn($sheet)) {
                    $sheet->setCellValue("$column$row", 2 * $value);
                    IOFactory::createWriter($book, ucfirst($format))->setPreCalculateFormulas(false)->save($path);

                    return;
                }
            }
        }
    }

    private static function firstColumn(Worksheet $sheet): string
    {
        for ($row = 6; $row < 40; $row++) {
            foreach (['E', 'F'] as $column) {
                if (is_numeric($sheet->getCell("$column$row")->getValue())) {
                    return $column;
                }
            }
        }

        return 'E';
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function doubled(array $document): array
    {
        $composition = app(Evaluator::class)->weigh(FormulaDocument::read($document));
        foreach (self::inSheet($composition) as $line) {
            $i = $line->position - 1;
            if ($line->amount?->number !== null) {
                $isPercent = str_contains($document['lines'][$i]['amount'], '%');
                $document['lines'][$i]['amount'] = $isPercent
                    ? (2 * $line->amount->number->likely).' %'
                    : (2 * ($line->grams->likely ?? 0.0)).' g';
                break;
            }
        }
        // spoons and drops stand in the sheet as their likely grams
        foreach ($composition->lines as $i => $line) {
            if (
                $line->amount?->unit !== null
                && $line->amount->unit->grams() === null
                && str_contains($document['lines'][$i]['amount'], ' g') === false
                && $line->grams !== null
            ) {
                $document['lines'][$i]['amount'] = round($line->grams->likely, 6).' g';
            }
        }

        return $document;
    }

    /** @return list<WeighedLine> in the order of the sheet */
    private static function inSheet(Composition $composition): array
    {
        return [
            ...array_values(array_filter(
                $composition->lines,
                static fn (WeighedLine $line): bool => $line->isInBatch(),
            )),
            ...array_values(array_filter(
                $composition->lines,
                static fn (WeighedLine $line): bool => ! $line->isInBatch(),
            )),
        ];
    }

    public function test_what_is_made_first_is_handed_on_too(): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Tea spray', 'family' => 'water_spray',
            'parts' => [['key' => 'tea', 'name' => 'Strong tea', 'makes' => 'tea', 'lines' => [
                ['ingredient' => 'nettle-dried', 'amount' => '5 g'],
                ['ingredient' => 'distilled-water', 'amount' => '240 g'],
            ]]],
            'lines' => [['part' => 'tea', 'amount' => '100 g'], ['ingredient' => 'glycerin', 'amount' => '3 g']],
        ]);
        $this->get("/formulas/$formula->id/how-to")->assertOk()->assertSeeInOrder([
            '<th>Strong tea</th>', 'Made first: Strong tea', 'Nettle leaf, dried', 'Distilled or deionised water',
            'hot water over plants, strained',
            'Gives about',
        ], false);
    }
}
