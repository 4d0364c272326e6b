<?php

declare(strict_types=1);

namespace App\Papers;

use App\Drawing\Section;
use App\Make\JarLabel;
use App\Models\Batch;

/** Labels as PDF: one at its own size, or many on a sheet of A4. */
final class LabelPaper
{
    private const A4 = [210.0, 297.0];

    private const SHEET_MARGIN = 8.0;

    private const GAP = 2.0;

    private const MOST = 200;

    /** @param  array{size: string, code: bool, slip: bool}  $wish */
    public static function layout(JarLabel $label, array $wish, ?Paper $paper = null): LabelLayout
    {
        $paper ??= new Paper('P', 'A4');

        return LabelLayout::of($label, self::size($wish['size']), $wish['code'], $wish['slip'], $paper->measured(...));
    }

    /** @return array{width: float, height: float, round: bool} */
    public static function size(string $key): array
    {
        /** @var array<string, array{width: float, height: float, round: bool}> $sizes */
        $sizes = config()->array('labels');

        return $sizes[$key] ?? array_values($sizes)[0];
    }

    /** The design for the container a batch was planned into; the one for its kind of product where it has none. */
    public static function usualSize(Batch $batch): string
    {
        $packaging = $batch->document['packaging'] ?? null;
        $container = is_array($packaging) ? $packaging['container'] ?? '' : '';
        foreach (['containers' => $container, 'families' => $batch->document['family'] ?? ''] as $by => $sought) {
            foreach (config()->array('labels') as $key => $design) {
                if (is_array($design) && is_array($design[$by] ?? null) && in_array($sought, $design[$by], true)) {
                    return (string) $key;
                }
            }
        }

        return (string) array_key_first(config()->array('labels'));
    }

    /** @param  array{size: string, code: bool, slip: bool}  $wish */
    public static function one(JarLabel $label, array $wish): string
    {
        $size = self::size($wish['size']);
        $paper = new Paper($size['width'] > $size['height'] ? 'L' : 'P', $size['width'], $size['height']);
        $paper->SetTitle("$label->name $label->code");
        $paper->AddPage();
        self::draw($paper, self::layout($label, $wish, $paper), $label, 0.0, 0.0);

        return $paper->bytes();
    }

    /**
     * @param  list<JarLabel>  $labels  one for each to print
     * @param  array{size: string, code: bool, slip: bool}  $wish
     * @param  int  $from  the first place still free on the sheet, counts from 1
     */
    public static function sheet(array $labels, array $wish, int $from = 1): string
    {
        $size = self::size($wish['size']);
        [$across, $down] = self::places($size);
        $paper = new Paper('P', 'A4');
        $paper->SetTitle(say('labels.sheet'));
        $layouts = [];
        foreach (array_slice($labels, 0, self::MOST) as $i => $label) {
            $place = ($i + max(0, $from - 1)) % ($across * $down);
            if ($i === 0 || $place === 0) {
                $paper->AddPage();
            }
            $layouts[$label->code] ??= self::layout($label, $wish, $paper);
            self::draw(
                $paper,
                $layouts[$label->code],
                $label,
                self::SHEET_MARGIN + ($place % $across) * ($size['width'] + self::GAP),
                self::SHEET_MARGIN + intdiv($place, $across) * ($size['height'] + self::GAP),
            );
        }

        return $paper->bytes();
    }

    /**
     * @param  array{width: float, height: float}  $size
     * @return array{int, int} labels across and down a sheet of A4
     */
    public static function places(array $size): array
    {
        $fit = static fn (float $paper, float $label): int => max(
            1,
            (int) floor(($paper - 2 * self::SHEET_MARGIN + self::GAP) / ($label + self::GAP)),
        );

        return [$fit(self::A4[0], $size['width']), $fit(self::A4[1], $size['height'])];
    }

    private static function draw(Paper $paper, LabelLayout $layout, JarLabel $label, float $x, float $y): void
    {
        $paper->SetDrawColor(18, 32, 26);
        $paper->SetTextColor(18, 32, 26);
        $paper->SetFillColor(18, 32, 26);
        $paper->SetLineWidth(0.2);
        $layout->isRound
            ? $paper->Circle($x + $layout->width / 2, $y + $layout->height / 2, $layout->width / 2 - 0.1)
            : $paper->Rect($x + 0.1, $y + 0.1, $layout->width - 0.2, $layout->height - 0.2);
        foreach ($layout->rules as $rule) {
            $paper->Rect($x + $rule['x'], $y + $rule['y'], $rule['wide'], $rule['high'], 'F');
        }
        foreach ($layout->lines as $line) {
            $paper->SetFont(Paper::FACE, $line['bold'] ? 'B' : '', $line['pt']);
            $paper->Text(
                $x + $line['x'],
                $y + $line['y'] - $paper->getFontAscent(Paper::FACE, $line['bold'] ? 'B' : '', $line['pt']),
                $line['text'],
            );
        }
        if ($layout->code !== null) {
            $paper->write2DBarcode(
                $label->code,
                'QRCODE,M',
                $x + $layout->code['x'],
                $y + $layout->code['y'],
                $layout->code['wide'],
                $layout->code['high'],
                ['border' => false, 'padding' => 1, 'fgcolor' => [0, 0, 0], 'bgcolor' => [255, 255, 255]],
            );
        }
        if ($layout->vessel !== null) {
            // as the page does it: as large as both sides of the box allow, in its middle
            [$box, $drawing] = [$layout->vessel, $label->vessel];
            $scale = min($box['wide'] / $drawing->width, $box['high'] / $drawing->height);
            [$wide, $high] = [$drawing->width * $scale, $drawing->height * $scale];
            $paper->ImageSVG(
                '@'.self::plainSvg($drawing),
                $x + $box['x'] + ($box['wide'] - $wide) / 2,
                $y + $box['y'] + ($box['high'] - $high) / 2,
                $wide,
                $high,
            );
        }
    }

    /** The vessel in strokes only, with its colours in the strokes: the library reads no style sheets. */
    private static function plainSvg(Section $section): string
    {
        $ink = 'fill="none" stroke="#12201a" stroke-width="1.6"';
        $body = implode(
            '',
            array_map(
                static fn (array $band): string => '<path d="'
                    .$band['shape']
                    .'" fill="#e6ece4" stroke="#12201a" stroke-width="1"/><path d="'
                    .$band['hatch']
                    .'" fill="none" stroke="#41514a" stroke-width="0.7"/>',
                $section->bands,
            ),
        );

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $section->width $section->height\""
            ." width=\"$section->width\" height=\"$section->height\">$body<path d=\"$section->wall\" $ink/>"
            .(
                $section->lid === ''
                    ? ''
                    : "<path d=\"$section->lid\" fill=\"#fff\" stroke=\"#12201a\" stroke-width=\"1.6\"/>"
            )
            .(
                $section->paper === ''
                    ? ''
                    : "<path d=\"$section->paper\" fill=\"#fff\" stroke=\"#12201a\" stroke-width=\"1\"/>"
            )
            .'</svg>';
    }
}
