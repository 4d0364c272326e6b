<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Caution;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Remedy;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Application;

/** A plant that burns, above what skin bears. */
final class IrritantStrong implements Check
{
    public static function isOne(Ingredient $ingredient): bool
    {
        return $ingredient->hasCaution(Caution::Irritant) && in_array($ingredient->kind, [Kind::PowderBotanical, Kind::DriedBotanical, Kind::FreshBotanical, Kind::PlantJuiceOrGel, Kind::CarrierOil], true);
    }

    public function examine(Assessment $assessment): iterable
    {
        $rinseOff = $assessment->formula->use === Application::RinseOff;
        foreach ($assessment->composition->linesWith(self::isOne(...)) as $line) {
            $ingredient = $line->ingredient;
            $most = $rinseOff ? $ingredient?->rinseOffMax : $ingredient?->use?->max;
            $certainty = $most === null ? null : $line->percent()?->above($most);
            if ($certainty === null) {
                continue;
            }
            yield new Finding('irritant.strong', Severity::Stop, [$line->position], [
                'ingredient' => Term::ingredient($ingredient->key), 'percent' => Term::percent($line->percent()), 'limit' => Term::percent($most), 'caution' => Term::note($ingredient->cautionNote),
            ], $most > 0 ? (new Remedy($assessment))->dose($line, $most, 'dose_to', ['percent' => Term::percent($most)]) : [Fix::removeLine($line->position, 'remove_line')], certainty: $certainty, variant: $most > 0 ? 'usual' : 'not_leave_on');
        }
    }
}
