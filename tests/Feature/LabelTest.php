<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\JarLabelFactory;
use App\Models\Batch;
use App\Papers\LabelLayout;
use App\Papers\LabelPaper;
use Ilvane\Core\Formula\Family;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Support\AppCase;
use Tests\Support\MadeBatches;
use Tests\Support\SoundFormula;
use ZipArchive;

/** Labels measured in the file by other people's tools: pdfinfo and pdftotext (poppler), zbarimg. */
final class LabelTest extends AppCase
{
    use MadeBatches;

    private const MM = 25.4 / 72;

    /** @return iterable<string, array{string}> */
    public static function sizes(): iterable
    {
        foreach (array_keys(require dirname(__DIR__, 2).'/config/labels.php') as $size) {
            yield $size => [$size];
        }
    }

    #[DataProvider('sizes')]
    public function test_the_page_is_as_large_as_the_design_and_its_code_is_read_by_another_reader(string $size): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $pdf = $this->keep($this->get("/batches/$batch->code/label.pdf?size=$size&code=1")->assertOk()->assertHeader(
            'Content-Type',
            'application/pdf',
        )->getContent());
        preg_match('/Page size:\s+([\d.]+) x ([\d.]+) pts/', $this->told(['pdfinfo', $pdf]), $page);
        ['width' => $width, 'height' => $height] = LabelPaper::size($size);
        self::assertEqualsWithDelta(
            [$width, $height],
            [(float) $page[1] * self::MM, (float) $page[2] * self::MM],
            0.01,
        );
        $text = (string) preg_replace('/\s+/', ' ', $this->told(['pdftotext', $pdf, '-']));
        foreach (['Plain test milk', 'Aqua', $batch->code, 'Best before'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        $this->told(['pdftoppm', '-r', '300', '-png', '-singlefile', $pdf, $pdf]);
        self::assertSame($batch->code, trim($this->told(['zbarimg', '--quiet', '--raw', "$pdf.png"])));
        unlink($pdf);
        unlink("$pdf.png");
    }

    /**
     * Every kind of product on every design, in the long run; else every other pair, so that each of both is seen.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function everyLabel(): iterable
    {
        $isLong = getenv('ILVANE_LONG') === '1';
        foreach (Family::cases() as $n => $family) {
            foreach (array_keys(require dirname(__DIR__, 2).'/config/labels.php') as $m => $size) {
                if ($isLong || ($n + $m) % 2 === 0) {
                    yield "$family->value on $size" => [$family->value, (string) $size];
                }
            }
        }
    }

    public function test_no_line_begins_nearer_to_the_edge_than_its_margin(): void
    {
        $margin = 3.0; // millimetres
        $label = app(JarLabelFactory::class)->of(
            $this->madeOf($this->formulaOf(SoundFormula::document()))->load('entries'),
        );
        foreach (require dirname(__DIR__, 2).'/config/labels.php' as $size => $design) {
            $layout = LabelPaper::layout($label, ['size' => (string) $size, 'code' => true, 'slip' => false]);
            $left = array_column($layout->lines, 'x');
            if (! $layout->isRound) {
                self::assertEqualsWithDelta($margin, min($left), 1e-9, (string) $size);
            }
            self::assertNotSame([], $left);
        }
    }

    /**
     * Looked at as ink on paper, by pdftoppm: the gaps between the labels of a sheet and beside the drawing are white.
     */
    #[DataProvider('everyLabel')]
    public function test_the_drawing_keeps_to_its_box(string $family, string $size): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()))->load('entries');
        foreach (['', ...self::containers()] as $i => $container) {
            $batch->setAttribute(
                'document',
                [...SoundFormula::document(), 'family' => $family, 'packaging' => ['container' => $container]],
            );
            $label = app(JarLabelFactory::class)->of($batch);
            $wish = ['size' => $size, 'code' => true, 'slip' => false];
            $layout = LabelPaper::layout($label, $wish);
            $box = $layout->vessel;
            if ($i > 0) {
                self::assertEquals($before ?? null, $box, 'the container changes the design chosen, not its boxes');

                continue;
            }
            $before = $box;
            $pdf = $this->keep(LabelPaper::sheet([$label, $label, $label, $label], $wish));
            $this->told(['pdftoppm', '-r', '127', '-gray', '-singlefile', $pdf, $pdf]); // 5 dots to the millimetre
            [$wide, $high, $dots] = self::dots("$pdf.pgm");
            unlink($pdf);
            unlink("$pdf.pgm");
            [$across] = LabelPaper::places(LabelPaper::size($size));
            $ink = static function (float $x1, float $y1, float $x2, float $y2) use ($wide, $high, $dots): int {
                $dark = 0;
                for ($y = (int) ceil($y1 * 5); $y < min($high, floor($y2 * 5)); $y++) {
                    for ($x = (int) ceil($x1 * 5); $x < min($wide, floor($x2 * 5)); $x++) {
                        $dark += ord($dots[$y * $wide + $x]) < 250 ? 1 : 0;
                    }
                }

                return $dark;
            };
            self::assertGreaterThan(100, $ink(8, 8, 8 + $layout->width, 8 + $layout->height), 'something is printed');
            self::assertSame(0, $ink(0, 0, 7.8, 297), 'left of the sheet');
            for ($n = 1; $n <= $across; $n++) { // the gap right of the n-th label
                $x = 8 + $n * $layout->width + ($n - 1) * 2;
                self::assertSame(0, $ink($x + 0.2, 0, $n === $across ? 210 : $x + 1.8, 297), "right of label $n");
            }
            if ($box !== null) {
                [$x, $y] = [8 + $box['x'], 8 + $box['y']];
                self::assertGreaterThan(50, $ink($x, $y, $x + 12, $y + 15), 'the vessel is drawn');
                self::assertSame(0, $ink($x - 1.3, $y, $x - 0.2, $y + 15), 'left of its box');
                self::assertSame(0, $ink($x + 12.2, $y, $x + 13.0, $y + 15), 'right of its box');
            }
        }
    }

    /** @return list<string> keys of the containers shipped */
    private static function containers(): array
    {
        return array_map(
            static fn (string $row): string => (string) strtok($row, ','),
            array_slice(
                file(dirname(__DIR__, 2).'/data/packaging.csv', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [],
                1,
            ),
        );
    }

    /** @return array{int, int, string} width, height and a byte for each dot of a grey picture */
    private static function dots(string $pgm): array
    {
        preg_match(
            '/^P5\s+(\d+)\s+(\d+)\s+255\s/',
            (string) file_get_contents($pgm, length: 64),
            $head,
        ) === 1 ?: self::fail('no grey picture');

        return [(int) $head[1], (int) $head[2], substr((string) file_get_contents($pgm), strlen($head[0]))];
    }

    /** @return iterable<string, array{string, string, string}> kind of product, container, design */
    public static function usual(): iterable
    {
        foreach ([
            'whipped_butter' => 'wrap-150x45',
            'fresh_mask' => 'wrap-150x45',
            'gel' => 'wrap-150x45',
            'frozen_bar' => 'wrap-150x45',
            'pomade' => 'lid-70',
            'hair_oil' => 'wrap-90x40',
            'infused_oil' => 'front-50x80',
            'leave_in_emulsion' => 'front-62x100',
            'water_spray' => 'front-62x100',
        ] as $family => $design) {
            yield "$family without a container" => [$family, '', $design];
        }
        yield 'a butter in a tin' => ['whipped_butter', 'alu-tin-100', 'lid-70'];
        yield 'a butter in a jar' => ['whipped_butter', 'pet-jar-200', 'wrap-150x45'];
        yield 'an oil in a dropper' => ['infused_oil', 'amber-dropper-30', 'wrap-90x40'];
        yield 'a milk in a small bottle' => ['leave_in_emulsion', 'amber-screw-100', 'front-50x80'];
        yield 'a container of the maker’s own' => ['whipped_butter', 'grandmothers-pot', 'wrap-150x45'];
    }

    #[DataProvider('usual')]
    public function test_the_usual_design_is_the_containers_or_that_of_the_kind_of_product(
        string $family,
        string $container,
        string $design,
    ): void {
        $batch = (new Batch)->forceFill(['document' => [
            ...SoundFormula::document(),
            'family' => $family,
            'packaging' => ['container' => $container],
        ]]);
        self::assertSame($design, LabelPaper::usualSize($batch));
    }

    public function test_every_container_and_every_kind_of_product_has_one_design(): void
    {
        $designs = config()->array('labels');
        foreach (self::containers() as $container) {
            self::assertCount(
                1,
                array_filter(
                    $designs,
                    static fn (array $design): bool => in_array($container, $design['containers'], true),
                ),
                (string) $container,
            );
        }
        foreach (Family::cases() as $family) {
            self::assertCount(
                1,
                array_filter(
                    $designs,
                    static fn (array $design): bool => in_array($family->value, $design['families'], true),
                ),
                $family->value,
            );
        }
    }

    public function test_nothing_leaves_the_label_or_it_says_so(): void
    {
        $document = SoundFormula::document();
        $document['directions'] = str_repeat('Work a walnut-sized amount through damp hair, ends first. ', 8);
        foreach ([SoundFormula::document(), $document] as $formula) {
            $label = app(JarLabelFactory::class)->of($this->madeOf($this->formulaOf($formula)));
            foreach (array_keys(config('labels')) as $size) {
                $layout = LabelPaper::layout($label, ['size' => $size, 'code' => true, 'slip' => false]);
                if ($layout->fits()) {
                    self::assertInside($layout, $size);
                } else {
                    self::assertSame(LabelLayout::SMALLEST_PT, $layout->pt, 'it tried the smallest type');
                    self::assertGreaterThan(0.0, $layout->over);
                }
            }
        }
        $batch = Batch::query()->latest('id')->firstOrFail();
        $this->get("/batches/$batch->code/label?size=wrap-90x40&code=1")->assertOk()->assertSee('It doesn’t fit');
        $this->get("/batches/$batch->code/label?size=front-62x100&code=1")->assertOk()->assertSee('All of it fits');
    }

    private static function assertInside(LabelLayout $layout, string $size): void
    {
        foreach ($layout->lines as $line) {
            self::assertGreaterThanOrEqual(0.0, $line['x'], $size);
            self::assertLessThanOrEqual($layout->width, $line['x'] + $line['wide'], "$size: {$line['text']}");
            self::assertLessThanOrEqual($layout->height, $line['y'], "$size: {$line['text']}");
            if ($layout->isRound) {
                foreach ([$line['x'], $line['x'] + $line['wide']] as $x) {
                    self::assertLessThanOrEqual(
                        $layout->width / 2,
                        hypot($x - $layout->width / 2, $line['y'] - $layout->height / 2),
                        "$size is round: {$line['text']}",
                    );
                }
            }
            self::assertGreaterThanOrEqual(LabelLayout::SMALLEST_PT, $line['pt']);
        }
        if ($layout->code !== null) {
            foreach ($layout->lines as $line) {
                $apart = $line['x'] + $line['wide'] <= $layout->code['x'] + 0.01
                    || $line['y'] <= $layout->code['y']
                    || $line['y'] - $line['pt'] * self::MM >= $layout->code['y'] + $layout->code['high'];
                self::assertTrue($apart, "$size: the code covers {$line['text']}");
            }
        }
    }

    public function test_a_sheet_holds_as_many_as_asked_and_begins_where_it_is_free(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $other = $this->madeOf($this->formulaOf([...SoundFormula::document(), 'name' => 'Another milk']));
        self::assertSame([3, 2], LabelPaper::places(LabelPaper::size('front-62x100')));
        $pdf = $this->keep($this
            ->get("/batches/$batch->code/label.pdf?size=front-62x100&code=1&count=7&from=3")
            ->assertOk()
            ->getContent());
        self::assertStringContainsString(
            'Pages:           2',
            $this->told(['pdfinfo', $pdf]),
            'four on the first, three on the second',
        );
        self::assertSame(7, substr_count($this->told(['pdftotext', $pdf, '-']), 'Plain test milk'));
        unlink($pdf);
        $pdf = $this->keep($this
            ->get("/labels?size=front-50x80&n[$batch->code]=2&n[$other->code]=1&n[nonsense]=5")
            ->assertOk()
            ->getContent());
        $text = $this->told(['pdftotext', $pdf, '-']);
        self::assertSame([2, 1], [substr_count($text, 'Plain test'), substr_count($text, 'Another')]);
        unlink($pdf);
        $this->get('/labels')->assertOk()->assertSee($batch->code);
    }

    public function test_the_papers_for_the_binder_and_for_selling(): void
    {
        $almond = $this->bought('sweet-almond-oil', 100.0, 5.0);
        $formula = $this->formulaOf(SoundFormula::document());
        $batch = $this->madeOf($formula, lots: [4 => $almond->code]);
        foreach ([
            "/batches/$batch->code/record.pdf" => $batch->code,
            "/formulas/$formula->id/formula.pdf" => 'BTMS',
        ] as $path => $words) {
            $pdf = $this->keep($this->get($path)->assertOk()->getContent());
            preg_match('/Page size:\s+([\d.]+) x ([\d.]+) pts/', $this->told(['pdfinfo', $pdf]), $page);
            self::assertEqualsWithDelta(
                [210.0, 297.0],
                [(float) $page[1] * self::MM, (float) $page[2] * self::MM],
                0.01,
                'A4, ISO 216',
            );
            self::assertStringContainsString($words, $this->told(['pdftotext', $pdf, '-']));
            unlink($pdf);
        }
        $zip = $this->keep($this->get("/batches/$batch->code/papers.zip")->assertOk()->getContent());
        $packet = new ZipArchive;
        self::assertTrue($packet->open($zip));
        self::assertStringContainsString(
            '"Prunus Amygdalus Dulcis Oil",8',
            (string) $packet->getFromName("composition-$batch->code.csv"),
        );
        self::assertStringContainsString("lot $almond->code", (string) $packet->getFromName("trace-$batch->code.csv"));
        self::assertStringContainsString('safety report', (string) $packet->getFromName('still-wanted.txt'));
        $packet->close();
        unlink($zip);
    }

    public function test_the_makers_address_stands_on_the_label(): void
    {
        $batch = $this->madeOf($this->formulaOf(SoundFormula::document()));
        $this->post('/labels/maker', ['maker' => 'Harbour Lane 4, Tidewick'])->assertRedirect();
        $this->get("/batches/$batch->code/label")->assertSee('Harbour Lane 4');
    }

    private function keep(string|false $bytes): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'label');
        file_put_contents($file, (string) $bytes);

        return $file;
    }

    /** @param  list<string>  $command */
    private function told(array $command): string
    {
        $process = new Process($command);
        $process->mustRun();

        return $process->getOutput();
    }
}
