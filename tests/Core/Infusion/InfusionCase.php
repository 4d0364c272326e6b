<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Tests\Support\CoreCase;

abstract class InfusionCase extends CoreCase
{
    /** @return array<string, mixed> a sound plan in the open form, with changes */
    protected static function plan(array $changes = []): array
    {
        return array_filter([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Calendula, cold',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g']],
            'jar_ml' => 500,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => 21,
            'shake_every_days' => 3,
            'use' => 'leave_on',
            ...$changes,
        ], static fn (mixed $value): bool => $value !== null);
    }

    protected static function infuse(array $changes = [], array $ownUptake = []): Infusion
    {
        return Infusion::of(InfusionPlanDocument::read(self::plan($changes)), self::catalogue(), new Tools, $ownUptake);
    }

    /** @return array<string, string> severity by code, notes left out unless asked for */
    protected static function codes(Infusion $infusion, bool $notes = false): array
    {
        $codes = [];
        foreach (InfusionRules::examine($infusion) as $finding) {
            if ($notes || $finding->severity->value !== 'note') {
                $codes[$finding->code] = $finding->severity->value;
            }
        }

        return $codes;
    }
}
