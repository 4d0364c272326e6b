<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Microbiology\Load;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Water and oil meant to stay together, and nothing that holds them. */
final class NoEmulsifier implements Rule
{
    /** Less water than this, or no more fat than that, and there is nothing to hold; percent of the batch. */
    public const WATER_PERCENT = 1.0;

    public const FAT_PERCENT = 2.0;

    /** So much egg and fruit is thick enough to hold a spoon of oil for a day. Percent; common practice. */
    private const HOLDING_FOOD = 10.0;

    public function examine(Assessment $assessment): iterable
    {
        $emulsion = $assessment->emulsion;
        $family = $assessment->formula->family;
        if (
            $emulsion->emulsifiers !== []
            || $assessment->preservation->base !== null // it holds a little oil by itself
            || $family->isFatOnly()
            || 100 * $emulsion->waterShare < self::WATER_PERCENT
            || 100 * $emulsion->fatShare->likely <= self::FAT_PERCENT + 1e-9
            || ($family->isUsuallyFresh() && self::isThick($assessment))
        ) {
            return;
        }
        $offered = $assessment->catalogue->choice(ChoiceRole::Emulsifier);
        $range = $offered->use;
        $percent = round(max($range->min ?? 0.0, $emulsion->percentNeeded($offered) * Emulsion::COMFORT), 1);
        $holds = $percent <= ($range->max ?? 0.0);
        yield new Finding('emulsion.no_emulsifier', $family->isEmulsion() ? Severity::Stop : Severity::Mind,
            array_map(static fn (WeighedLine $line): int => $line->position, $emulsion->fats),
            ['fat' => Term::percent(100 * $emulsion->fatShare->likely)],
            $holds
                ? [(new Remedy($assessment))->add(
                    $offered->key,
                    $percent,
                    Phase::Oil,
                    'add_emulsifier',
                    ['ingredient' => Term::ingredient($offered->key), 'percent' => Term::percent($percent)],
                )]
                : [],
            variant: match (true) {
                $family->isEmulsion() => 'usual',
                $family->isUsuallyFresh() => 'fresh',
                default => 'shake',
            },
        );
    }

    /** Fruit, egg, yoghurt, powder or gum make it a paste that parts slowly. */
    private static function isThick(Assessment $assessment): bool
    {
        $holding = $assessment->composition->linesWith(
            static fn (Material $material): bool => Load::isFood($material)
                || $material->kind === Kind::ThickenerGum
                || $material->kind === Kind::PowderBotanical
                || $material->is(MaterialTrait::Pulpy),
        );

        return 100 * Composition::shareOfLines($holding)->likely >= self::HOLDING_FOOD;
    }
}
