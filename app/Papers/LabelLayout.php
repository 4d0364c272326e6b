<?php

declare(strict_types=1);

namespace App\Papers;

use App\Make\JarLabel;

/**
 * Where every line of a label stands, in millimetres from its upper left corner, in the largest type that lets all of
 * it in.
 * The page and the PDF draw the same layout, so what fits here fits on paper.
 *
 * @phpstan-type Line array{x: float, y: float, pt: float, bold: bool, text: string, wide: float}
 * @phpstan-type Box array{x: float, y: float, wide: float, high: float}
 */
final readonly class LabelLayout
{
    /** Below this nobody reads it at arm's length: x-height about 0.9 mm. A guess; the law asks for "legible". */
    public const SMALLEST_PT = 5.0;

    private const LARGEST_PT = 8.5;

    private const STEP_PT = 0.25;

    private const MM_PER_PT = 25.4 / 72;

    private const MARGIN = 3.0;

    private const LEADING = 1.18;

    /** Of the code, quiet margin and all. */
    private const CODE_MM = 15.0;

    /**
     * @param  list<Line>  $lines  y is the base line
     * @param  list<Box>  $rules
     * @param  Box|null  $vessel
     * @param  Box|null  $code
     * @param  float  $over  millimetres too long in the smallest type; 0 where it fits
     */
    private function __construct(
        public float $width,
        public float $height,
        public bool $isRound,
        public float $pt,
        public array $lines,
        public array $rules,
        public ?array $vessel,
        public ?array $code,
        public float $over,
    ) {
    }

    /**
     * @param  array{width: float, height: float, round: bool}  $size
     * @param  callable(string, float, bool): float  $measure  width of a text in millimetres at so many points, bold or
     *   not
     */
    public static function of(
        JarLabel $label,
        array $size,
        bool $hasCode,
        bool $contentsOnSlip,
        callable $measure,
    ): self {
        for ($pt = self::LARGEST_PT; ; $pt -= self::STEP_PT) {
            $layout = self::at($pt, $label, $size, $hasCode, $contentsOnSlip, $measure);
            if ($layout->over <= 0.0 || $pt <= self::SMALLEST_PT) {
                return $layout;
            }
        }
    }

    public function fits(): bool
    {
        return $this->over <= 0.0;
    }

    /**
     * @param  array{width: float, height: float, round: bool}  $size
     * @param  callable(string, float, bool): float  $measure
     */
    private static function at(
        float $pt,
        JarLabel $label,
        array $size,
        bool $hasCode,
        bool $contentsOnSlip,
        callable $measure,
    ): self {
        // on a round label all stands in the largest square inside it
        $inset = $size['round'] ? $size['width'] * (1 - M_SQRT1_2) / 2 + 0.5 : self::MARGIN;
        $right = $size['width'] - $inset;
        $wide = $right - $inset;
        $foot = $size['height'] - $inset;
        $line = $pt * self::MM_PER_PT * self::LEADING;
        $isTall = $size['height'] >= $size['width'] && ! $size['round'];
        $vessel = $isTall ? ['x' => $right - 12.0, 'y' => $inset, 'wide' => 12.0, 'high' => 15.0] : null;
        $lines = [];
        $y = $inset;
        $put = static function (
            string $text,
            float $size,
            bool $bold,
            float $x,
            float $within,
        ) use (&$lines, &$y, $measure): void {
            foreach (self::broken(
                $text,
                $within,
                static fn (string $words): float => $measure($words, $size, $bold),
            ) as $row) {
                $y += $size * self::MM_PER_PT * self::LEADING;
                $lines[] = [
                    'x' => $x,
                    'y' => round($y - $size * self::MM_PER_PT * 0.22, 3),
                    'pt' => $size,
                    'bold' => $bold,
                    'text' => $row,
                    'wide' => round($measure($row, $size, $bold), 3),
                ];
            }
        };
        $put($label->name, $pt * 1.6, true, $inset, $wide - ($vessel === null ? 0.0 : 13.5));
        $put($label->family, $pt, false, $inset, $wide - ($vessel === null ? 0.0 : 13.5));
        $y = max($y, $vessel === null ? 0.0 : $inset + $vessel['high']) + 1.0;
        $rules = [['x' => $inset, 'y' => $y, 'wide' => $wide, 'high' => 0.5]];
        $y += 1.0;
        $codeMm = $hasCode ? min(self::CODE_MM, $wide / 3) : 0.0;
        $footLines = [
            say('ui.label.net', ['grams' => $label->net]),
            say('ui.label.best_before').' '.($label->bestBefore ?? say('ui.label.no_date')),
            say('ui.label.batch')
                .' '
                .$label->code
                .', '
                .mb_strtolower(say($label->isFrozen ? 'ui.label.frozen' : 'ui.label.made'))
                .' '
                .$label->madeOn,
            ...($label->maker === '' ? [] : [$label->maker]),
        ];
        // on a wide label the code stands beside the words, on a tall one in the foot
        $isWide = ! $isTall && ! $size['round'];
        $within = $isWide ? $wide - $codeMm - ($hasCode ? 1.5 : 0.0) : $wide;
        foreach (array_filter([
            say('ui.label.contents').': '.($contentsOnSlip ? say('labels.on_slip') : implode(', ', $label->contents)),
            $label->directions, implode(' ', $label->cautions),
        ]) as $i => $paragraph) {
            $put($paragraph, $pt, false, $inset, $within);
            $y += 0.8;
        }
        $body = $y;
        $footWide = $within - ($isWide ? 0.0 : $codeMm + ($hasCode ? 1.5 : 0.0));
        $rows = [];
        foreach ($footLines as $i => $text) {
            foreach (self::broken(
                $text,
                $footWide,
                static fn (string $words): float => $measure($words, $pt, $i === 1),
            ) as $row) {
                $rows[] = [$row, $i === 1];
            }
        }
        $footHigh = max(count($rows) * $line + 1.2, $isWide ? 0.0 : $codeMm + 0.8);
        $top = max($body, $foot - $footHigh);
        $rules[] = ['x' => $inset, 'y' => round($top, 3), 'wide' => $within, 'high' => 0.25];
        foreach ($rows as $i => [$row, $bold]) {
            $lines[] = [
                'x' => $inset,
                'y' => round($top + 0.9 + ($i + 1) * $line - $pt * self::MM_PER_PT * 0.22, 3),
                'pt' => $pt,
                'bold' => $bold,
                'text' => $row,
                'wide' => round($measure($row, $pt, $bold), 3),
            ];
        }
        $code = ! $hasCode
            ? null
            : [
                'x' => $right - $codeMm,
                'y' => $isWide ? $foot - $codeMm : $top + 0.8,
                'wide' => $codeMm,
                'high' => $codeMm,
            ];

        return new self(
            $size['width'],
            $size['height'],
            $size['round'],
            $pt,
            $lines,
            $rules,
            $vessel,
            $code,
            max(0.0, round($top + $footHigh - $foot, 2)),
        );
    }

    /**
     * @param  callable(string): float  $wide
     * @return list<string> rows no wider than that; a word that is wider is broken
     */
    private static function broken(string $text, float $within, callable $wide): array
    {
        $rows = [];
        $row = '';
        foreach (preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            while ($wide($word) > $within && mb_strlen($word) > 1) {
                $part = $word;
                while (mb_strlen($part) > 1 && $wide($part) > $within) {
                    $part = mb_substr($part, 0, -1);
                }
                $rows = [...$rows, ...($row === '' ? [] : [$row]), $part];
                $row = '';
                $word = mb_substr($word, mb_strlen($part));
            }
            if ($row !== '' && $wide("$row $word") > $within) {
                $rows[] = $row;
                $row = '';
            }
            $row = $row === '' ? $word : "$row $word";
        }

        return $row === '' ? $rows : [...$rows, $row];
    }
}
