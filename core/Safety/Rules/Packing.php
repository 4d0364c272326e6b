<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** More than the jars hold, filled hotter than they bear, or a container for something else. */
final class Packing implements Rule
{
    /** A line's rounding is no overflow. */
    public const SLACK = 1.02;

    public function examine(Assessment $assessment): iterable
    {
        $container = $assessment->container;
        if ($container === null) {
            return;
        }
        $formula = $assessment->formula;
        $holds = $container->volumeMl * $formula->containerCount;
        $density = $assessment->composition->density() ?? 1.0;
        $volume = ($assessment->composition->total->likely ?? 0.0) / $density;
        if ($volume > $holds * self::SLACK) {
            $count = (int) ceil($volume / $container->fillMl());
            yield new Finding('yield.exceeds_containers', Severity::Mind, terms: [
                'volume' => Term::number(round($volume)),
                'holds' => Term::number(round($holds)),
                'container' => Term::container($container->key),
            ], fixes: $count > 10_000 ? [] : [
                new Fix(
                    'containers_to',
                    [['op' => 'add', 'path' => '/packaging/count', 'value' => $count]],
                    ['count' => Term::number($count)],
                ),
            ]);
        }
        $pours = $formula->family === Family::Pomade ? ($assessment->heat->target ?? 0.0) : 0.0;
        if ($pours > $container->maxFillC) {
            yield new Finding(
                'packaging.too_hot',
                Severity::Stop,
                terms: [
                    'heat' => Term::celsius($pours),
                    'bears' => Term::celsius($container->maxFillC),
                    'container' => Term::container($container->key),
                ],
            );
        }
        $wants = match ($formula->family) {
            Family::HairOil, Family::InfusedOil => 'oil',
            Family::WhippedButter, Family::Pomade => 'butter',
            Family::LeaveInEmulsion, Family::Gel => 'emulsion',
            Family::WaterSpray => 'spray',
            default => null,
        };
        if ($wants !== null && $container->suits !== [] && ! in_array($wants, $container->suits, true)) {
            yield new Finding(
                'packaging.unsuited',
                Severity::Mind,
                terms: [
                    'container' => Term::container($container->key),
                    'note' => Term::containerNote($container->key),
                ],
            );
        }
    }
}
