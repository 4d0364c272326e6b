<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\WeighedLine;

/** Too hard to scoop, too soft to hold, slumping in summer, grainy. */
final class ButterTexture implements Check
{
    /** A shelf in summer, °C. Common practice. */
    public const SUMMER_C = 28.0;

    private const ROOM_C = 20.0;

    public function examine(Assessment $assessment): iterable
    {
        $family = $assessment->formula->family;
        if ($family !== Family::WhippedButter && $family !== Family::Pomade) {
            return;
        }
        $texture = $assessment->texture;
        $feel = $texture->feel(self::ROOM_C);
        $terms = ['solid' => Term::percent($texture->curve[20] ?? 0.0), 'slump' => Term::celsius(round($texture->slump() ?? 0.0))];
        $fats = array_map(static fn (WeighedLine $line): int => $line->position, $assessment->emulsion->fats);
        if ($feel === 'hard') {
            yield new Finding('texture.too_hard', Severity::Mind, $fats, $terms);
        } elseif ($feel === 'pourable' || $feel === 'very_soft') {
            yield new Finding('texture.too_soft', Severity::Mind, $fats, $terms);
        } elseif ($texture->slump() !== null && $texture->slump() < self::SUMMER_C) {
            yield new Finding('texture.slumps', Severity::Mind, $fats, $terms);
        }
        if ($texture->grainy !== []) {
            yield new Finding('texture.grain_risk', Severity::Note, terms: ['ingredients' => Term::ingredients($texture->grainy)]);
        }
    }
}
