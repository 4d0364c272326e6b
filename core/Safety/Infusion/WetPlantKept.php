<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A wet plant under oil, its water never driven out: mould, and in the worst case botulism. */
final class WetPlantKept implements InfusionRule
{
    public function examine(Infusion $infusion): iterable
    {
        if ($infusion->plan->method->drivesWaterOut()) {
            return;
        }
        foreach ($infusion->contents->plants as $i => $plant) {
            if ($plant->form !== PlantForm::FreshWet && $plant->form !== PlantForm::FreshWilted) {
                continue;
            }
            $form = static fn (PlantForm $form): Fix => new Fix(
                "infuse_$form->value",
                [['op' => 'add', 'path' => "/plants/$i/form", 'value' => $form->value]],
            );
            yield new Finding('plant.fresh_in_oil', Severity::Stop, [$i + 1], [
                'ingredient' => Term::ingredient($plant->ingredient->key),
            ], [
                $form(PlantForm::DriedWhole), self::cookOut($infusion),
            ]);
        }
    }

    private static function cookOut(Infusion $infusion): Fix
    {
        $method = Method::CookOut;

        return new Fix('infuse_cook_out', [
            ['op' => 'replace', 'path' => '/method', 'value' => $method->value],
            ['op' => 'add', 'path' => '/temperature_c', 'value' => $method->usualCelsius()],
            ...($infusion->plan->lastsUsual ? [] : [[
                'op' => 'remove',
                'path' => $infusion->plan->inMinutes ? '/minutes' : '/days',
            ]]),
            ['op' => 'add', 'path' => '/minutes', 'value' => round($method->usualDays() * 1440)],
        ]);
    }
}
