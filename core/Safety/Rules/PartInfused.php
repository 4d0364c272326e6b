<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Safety\Rule;

/** What the infusion planner would say of the parts that are infused oils. How strong they end up: ExtractStrong. */
final class PartInfused implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        foreach ($assessment->infusions as $key => $part) {
            foreach (InfusionRules::examineButStrength($part->infusion) as $finding) {
                if ($finding->code === 'safety.patch_test') {
                    continue; // said of the whole formula
                }
                yield new Finding(
                    $finding->code,
                    $finding->severity,
                    $composition->positionsOf($composition->takersOf($key)),
                    $finding->terms,
                    certainty: $finding->certainty,
                    variant: $finding->variant,
                    keys: array_map(
                        static fn (int $line): string => $part->lines[$line - 1]->key(),
                        $finding->lines,
                    ) ?: [$key],
                );
            }
        }
    }
}
