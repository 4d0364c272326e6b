<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;
use Ilvane\Core\Scent\Declaration;

/** Names of the scent that the label has to carry. */
final class ScentDeclare implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $named = Declaration::ofAll(
            $assessment->composition,
            $assessment->formula->use,
            $assessment->catalogue,
        );
        if ($named === []) {
            return;
        }
        $must = array_keys(array_filter($named));
        $may = array_keys(array_filter($named, static fn (bool $is): bool => ! $is));
        yield new Finding('scent.declare', Severity::Note, self::lines($assessment), [
            'must' => Term::text(implode(', ', $must)),
            'may' => Term::text(implode(', ', $may)),
            'limit' => Term::percent(
                $assessment->formula->use === Application::RinseOff
                    ? Declaration::RINSE_OFF
                    : Declaration::LEAVE_ON,
            ),
        ], certainty: $must === [] ? Certainty::Possible : Certainty::Certain, variant: match (true) {
            $may === [] => 'must',
            $must === [] => 'may',
            default => 'usual',
        });
    }

    /** @return list<int> of what brings any of them */
    private static function lines(Assessment $assessment): array
    {
        $brings = $assessment->composition->linesOrExtractsWith(
            static fn (Material $material): bool => $assessment->catalogue->constituentsOf($material->key) !== [],
        );

        return array_values(array_unique(array_map(
            static fn (WeighedLine $line): int => $line->position,
            $brings,
        )));
    }
}
