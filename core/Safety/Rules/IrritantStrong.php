<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A plant that burns, above what skin bears. */
final class IrritantStrong implements Rule
{
    public static function isOne(Material $ingredient): bool
    {
        return $ingredient->hasCaution(Caution::Irritant)
            && in_array(
                $ingredient->kind,
                [
                    Kind::PowderBotanical,
                    Kind::DriedBotanical,
                    Kind::FreshBotanical,
                    Kind::PlantJuiceOrGel,
                    Kind::CarrierOil,
                ],
                true,
            );
    }

    public function examine(Assessment $assessment): iterable
    {
        $rinseOff = $assessment->formula->use === Application::RinseOff;
        foreach ($assessment->composition->linesWith(self::isOne(...)) as $line) {
            $ingredient = $line->ingredient;
            $most = $ingredient?->plantLimit('left_in', $rinseOff);
            $certainty = $most === null ? null : $line->percent()?->above($most);
            if ($certainty === null) {
                continue;
            }
            $terms = [
                'ingredient' => Term::ingredient($ingredient->key),
                'percent' => Term::percent($line->percent()),
                'limit' => Term::percent($most),
                'caution' => Term::note($ingredient->cautionNote),
            ];
            $fixes = $most > 0
                ? (new Remedy($assessment))->dose($line, $most, 'dose_to', ['percent' => Term::percent($most)])
                : [(new Remedy($assessment))->remove($line->position)];
            yield new Finding(
                'irritant.strong',
                Severity::Stop,
                [$line->position],
                $terms,
                $fixes,
                certainty: $certainty,
                variant: $most > 0 ? 'usual' : 'not_leave_on',
                keys: $line->insideKeys(),
            );
        }
    }
}
