<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Process\Conditions;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Too hard to scoop, too soft to hold, slumping in summer, grainy. */
final class ButterTexture implements Rule
{
    /** A shelf in summer, °C. Common practice. */
    public const SUMMER_C = 28.0;

    /** A balm or pomade takes 10 to 30 % wax, and is firm on purpose. Common practice, recalled. */
    public const MOST_WAX = 0.30;

    public function examine(Assessment $assessment): iterable
    {
        $family = $assessment->formula->family;
        if ($family !== Family::WhippedButter && $family !== Family::Pomade) {
            return;
        }
        $texture = $assessment->texture;
        $feel = $texture->feel(Conditions::ROOM_C);
        $terms = [
            'solid' => Term::percent($texture->solid[20] ?? 0.0),
            'wax' => Term::percent(100 * self::waxInFat($assessment)),
            'slump' => Term::celsius(round($texture->slump() ?? 0.0)),
        ];
        $gel = $texture->isWaxGel ? 'wax' : 'usual';
        $fats = array_map(static fn (WeighedLine $line): int => $line->position, $assessment->emulsion->fats);
        $wax = Composition::shareOfLines($assessment->composition->ofKind(Kind::WaxOrFattyAlcohol));
        $isMeantHard = $family === Family::Pomade && $wax->likely <= self::MOST_WAX + 1e-9;
        if ($feel === 'hard' && ! $isMeantHard) {
            yield new Finding('texture.too_hard', Severity::Mind, $fats, $terms, variant: $gel);
        } elseif ($feel === 'pourable' || $feel === 'very_soft') {
            yield new Finding('texture.too_soft', Severity::Mind, $fats, $terms, variant: $gel);
        } elseif ($texture->slump() !== null && $texture->slump() < self::SUMMER_C) {
            yield new Finding('texture.slumps', Severity::Mind, $fats, $terms);
        }
        if ($texture->grainy !== []) {
            yield new Finding(
                'texture.grain_risk',
                Severity::Note,
                terms: ['ingredients' => Term::ingredients($texture->grainy)],
            );
        }
    }

    /** Wax in the fats, as a fraction. */
    private static function waxInFat(Assessment $assessment): float
    {
        $wax = Composition::shareOfLines($assessment->composition->ofKind(Kind::WaxOrFattyAlcohol))->likely;

        return $wax / max(1e-9, $assessment->emulsion->fatShare->likely);
    }
}
