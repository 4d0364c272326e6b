<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Prepared;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Dried plant pieces that stay in what is left on. */
final class PlantLeftIn implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        if ($assessment->formula->use === Application::RinseOff) {
            return;
        }
        foreach ($assessment->composition->ofKind(Kind::DriedBotanical) as $line) {
            if (! $line->line->isPrepared(Prepared::Strained) && $line->line->formula === null) {
                yield new Finding(
                    'plant.left_in',
                    Severity::Mind,
                    [$line->position],
                    ['ingredient' => Term::ingredient($line->ingredient->key ?? '')],
                    $line->isInside() ? [] : [Fix::phase($line->position, Phase::Infusion->value, 'strain_out')],
                    keys: $line->insideKeys(),
                );
            }
        }
    }
}
