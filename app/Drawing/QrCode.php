<?php

declare(strict_types=1);

namespace App\Drawing;

use TCPDF2DBarcode;

/** A QR code as one path of unit squares, with the quiet margin readers want around it. */
final readonly class QrCode
{
    /** Modules of white on every side. ISO/IEC 18004. */
    private const QUIET = 4;

    /** @param  int  $size  modules, quiet margin and all */
    private function __construct(public int $size, public string $path)
    {
    }

    /** @param  string  $level  L, M, Q or H: how much may be smeared */
    public static function of(string $text, string $level = 'M'): self
    {
        /** @var array{num_rows: int, num_cols: int, bcode: list<list<int|string>>} $code */
        $code = (new TCPDF2DBarcode($text, "QRCODE,$level"))->getBarcodeArray();
        $path = '';
        foreach ($code['bcode'] as $y => $row) {
            for ($x = 0; $x < $code['num_cols']; $x++) {
                if ((int) $row[$x] === 0) {
                    continue;
                }
                $from = $x;
                while ($x + 1 < $code['num_cols'] && (int) $row[$x + 1] === 1) {
                    $x++;
                }
                $path .= sprintf(
                    'M%d %dh%dv1h-%dz',
                    $from + self::QUIET,
                    $y + self::QUIET,
                    $x - $from + 1,
                    $x - $from + 1,
                );
            }
        }

        return new self($code['num_rows'] + 2 * self::QUIET, $path);
    }
}
