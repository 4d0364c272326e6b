<?php

declare(strict_types=1);

namespace Tests\Support;

/** A leave-in with no stop and nothing to mind, weighable on a 0.01 g scale. */
final class SoundFormula
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Plain test milk',
            'family' => 'leave_in_emulsion',
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 200.0],
            'ph' => 4.8,
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '3 %', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '4 %', 'phase' => 'oil'],
                ['ingredient' => 'sweet-almond-oil', 'amount' => '8 %', 'phase' => 'oil'],
                ['ingredient' => 'benzyl-alcohol-dehydroacetic-acid', 'amount' => '0.9 %', 'phase' => 'cooldown'],
            ],
            'directions' => 'Through damp hair.',
        ];
    }
}
