<?php

declare(strict_types=1);

namespace App\Papers;

/** A page of A4 for the binder: a view as PDF, with room for the holes. */
final class Sheet
{
    private const HOLES_MM = 25.0;

    private const MARGIN_MM = 15.0;

    /** @param  array<string, mixed>  $with */
    public static function of(string $view, array $with, string $title): string
    {
        $paper = new Paper('P', 'A4');
        $paper->SetTitle($title);
        $paper->SetMargins(self::HOLES_MM, self::MARGIN_MM, self::MARGIN_MM);
        $paper->SetAutoPageBreak(true, self::MARGIN_MM);
        $paper->AddPage();
        $paper->SetFont(Paper::FACE, '', 9);
        $paper->writeHTML(view($view, $with)->render(), true, false, true);

        return $paper->bytes();
    }
}
