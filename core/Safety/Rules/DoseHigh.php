<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More of something than its usual range, or than the law allows; or something not meant to stay on at all. */
final class DoseHigh implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->known() as $line) {
            if (
                $line->ingredient === null
                || $line->ingredient->kind === Kind::Preservative
                || IrritantStrong::isOne($line->ingredient)
            ) {
                continue;
            }
            yield from $this->look($assessment, $line, $line->ingredient);
        }
    }

    /** @return iterable<Finding> */
    private function look(Assessment $assessment, WeighedLine $line, Material $ingredient): iterable
    {
        $percent = $line->percent();
        $rinseOff = $assessment->formula->use === Application::RinseOff;
        $usual = self::hasOwnRule($ingredient->kind)
            ? null
            : $ingredient->plantLimit('left_in', $rinseOff);
        $law = $rinseOff ? null : $ingredient->legalMax;
        $overLaw = $law === null ? null : $percent?->above($law);
        $overUsual = $usual === null || $usual >= Material::BASE_PERCENT ? null : $percent?->above($usual);
        $limit = $overLaw !== null ? $law : $usual;
        if ($percent === null || $limit === null || ($overLaw ?? $overUsual) === null) {
            return;
        }
        $keep = min($limit, $usual ?? $limit);
        $isOverLaw = $overLaw !== null;
        $hasNote = $isOverLaw && $ingredient->legalNote !== '';
        $terms = [
            'ingredient' => Term::ingredient($ingredient->key),
            'percent' => Term::percent($percent),
            'limit' => Term::percent($limit),
            'caution' => Term::note($ingredient->cautionNote),
            'source' => Term::note($hasNote ? $ingredient->legalNote : $ingredient->sourceOf('use')),
        ];
        $fixes = $keep > 0
            ? (new Remedy($assessment))->dose($line, $keep, 'dose_to', ['percent' => Term::percent($keep)])
            : [(new Remedy($assessment))->remove($line->position)];
        yield new Finding(
            $isOverLaw ? 'dose.over_limit' : 'dose.high',
            $isOverLaw ? Severity::Stop : Severity::Mind,
            [$line->position],
            $terms,
            $fixes,
            certainty: $overLaw ?? $overUsual,
            variant: match (true) {
                $keep <= 0 => 'not_leave_on',
                $ingredient->cautionNote === '' => 'plain',
                default => 'usual',
            },
            keys: $line->insideKeys(),
        );
    }

    /** Of what is usual; the law is told here for all but the preservatives. */
    private static function hasOwnRule(Kind $kind): bool
    {
        return $kind->isScent() || in_array($kind, [Kind::Emulsifier, Kind::Humectant, Kind::ThickenerGum], true);
    }
}
