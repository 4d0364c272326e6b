<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Extract;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More of a plant in what was strained than it may be used at: a tea or an oil drawn too strong, or too much of it. */
final class ExtractStrong implements Rule
{
    /**
     * Of what a plant gives at rest, so much is drawn: a short warm bath gives the least. Estimated from common
     * practice.
     */
    private const DRAWN = [0.35, 0.8, 1.0];

    public function examine(Assessment $assessment): iterable
    {
        $isRinsedOff = $assessment->formula->use === Application::RinseOff;
        foreach ($this->byPlant($assessment->composition->extracts) as $extracts) {
            $plant = $extracts[0]->plant;
            $limit = $plant->plantLimit('strength', $isRinsedOff);
            $strength = Band::sum(array_map(
                static fn (Extract $extract): Band => self::strength($extract, $assessment),
                $extracts,
            ));
            $certainty = $limit === null ? null : $strength->above($limit);
            if ($certainty === null) {
                continue;
            }
            $isIrritant = IrritantStrong::isOne($plant);
            yield new Finding(
                $isIrritant ? 'irritant.strong' : 'dose.high',
                $isIrritant ? Severity::Stop : Severity::Mind,
                array_values(array_unique(array_map(
                    static fn (Extract $extract): int => $extract->line->position,
                    $extracts,
                ))),
                [
                    'ingredient' => Term::ingredient($plant->key),
                    'ingredients' => Term::ingredients([$plant->key]),
                    'strength' => Term::number($strength->likely),
                    'limit' => Term::number($limit),
                ],
                certainty: $certainty,
                variant: $limit > 0 ? 'strained' : 'infusion_never',
            );
        }
    }

    /** Grams of plant's worth in 100 g: by the model of the jar where it is known, else by what is usually drawn. */
    private static function strength(Extract $extract, Assessment $assessment): Band
    {
        $perGram = ($extract->perGram ?? Band::zero())->times(100.0);
        foreach ($assessment->infusions as $part) {
            $drawn = $part->drawnOf($extract->line->key());
            if ($drawn !== null) {
                return $perGram->times($drawn);
            }
        }

        return $perGram->times(Band::of(...self::DRAWN));
    }

    /**
     * @param  list<Extract>  $extracts
     * @return array<string, non-empty-list<Extract>> by catalogue key
     */
    private function byPlant(array $extracts): array
    {
        $byPlant = [];
        foreach ($extracts as $extract) {
            $byPlant[$extract->plant->key][] = $extract;
        }

        return $byPlant;
    }
}
