<?php

declare(strict_types=1);

namespace App\Papers;

use App\Drawing\Section;
use Illuminate\View\ComponentAttributeBag;

/** A drawing as an SVG file that stands on its own: the same strokes, the day's colours with it. */
final class PictureFile
{
    private const STYLE = 'resources/css/drawing.css';

    private const INK = 'resources/css/ink.css';

    public static function of(Section $section, string $title): string
    {
        $svg = view(
            'components.vessel',
            [
                'section' => $section,
                'label' => $title,
                'leaders' => $section->leaders !== [],
                'attributes' => new ComponentAttributeBag,
            ],
        )->render();
        $style = self::day((string) file_get_contents(base_path(self::INK)))
            ."\n"
            .self::drawing((string) file_get_contents(base_path(self::STYLE)))
            ."\ntext{font-family:'Atkinson Hyperlegible Next',sans-serif}svg{background:#edf1ea}";
        $svg = (string) preg_replace('/<svg /', '<svg xmlns="http://www.w3.org/2000/svg" ', $svg, 1);

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n".preg_replace(
            '/>/',
            '><title>'.e($title).'</title><style>'.$style.'</style>',
            trim($svg),
            1,
        );
    }

    /** The ink of the day, and which material has which. */
    private static function day(string $css): string
    {
        preg_match('/:root \{(.*?)\}/s', $css, $root);
        preg_match_all('/^\.mat-[^\n]+/m', $css, $materials);

        return ':root {'.($root[1] ?? '').'}'.implode('', $materials[0]);
    }

    private static function drawing(string $css): string
    {
        preg_match_all('/^\.(?:vessel|stratum|leader|mat)[^\n]+/m', $css, $rules);

        return implode('', $rules[0]);
    }
}
