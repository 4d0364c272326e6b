<?php

declare(strict_types=1);

namespace App\Papers;

use TCPDF;

/**
 * A PDF in the house's manner: no header, no footer, no hidden link, nothing fetched; type with every letter of Europe.
 */
final class Paper extends TCPDF
{
    public const FACE = 'dejavusanscondensed';

    /** Bakes the same bytes from the same content: the library would put the hour and a random number in. */
    public function __construct(string $orientation, float|string $width, float $height = 0.0)
    {
        parent::__construct($orientation, 'mm', is_string($width) ? $width : [$width, $height], true, 'UTF-8');
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->SetAutoPageBreak(false);
        $this->SetMargins(0, 0, 0);
        $this->SetCellPadding(0);
        $this->SetCreator('Ilvane');
        $this->setFontSubsetting(true);
    }

    public function measured(string $text, float $pt, bool $bold): float
    {
        return (float) $this->GetStringWidth($text, self::FACE, $bold ? 'B' : '', $pt);
    }

    public function bytes(): string
    {
        return (string) $this->Output('', 'S');
    }
}
