<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\Phase;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Fix;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Prepared;

/** Dried plant pieces that stay in what is left on. */
final class PlantLeftIn implements Check
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->formula->use === Application::RinseOff) {
            return;
        }
        foreach ($assessment->composition->ofKind(Kind::DriedBotanical) as $line) {
            if ($line->line->prepared !== Prepared::Strained && $line->line->formula === null) {
                yield new Finding('plant.left_in', Severity::Mind, [$line->position], ['ingredient' => Term::ingredient($line->ingredient->key ?? '')], [Fix::phase($line->position, Phase::Infusion->value, 'strain_out')]);
            }
        }
    }
}
