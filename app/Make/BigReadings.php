<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Level;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** Which figures are read off at a step, and the glasses they are drawn in. */
final readonly class BigReadings
{
    /** A glass is drawn this much higher than its goal, so that too much is seen too. */
    private const ROOM = 1.2;

    private const THERMOMETER_C = [0.0, 100.0];

    private const FREEZER_C = [-30.0, 30.0];

    private const PH = [3.0, 9.0];

    /** @return list<BigReading> */
    public function of(MakeState $state, Step $step): array
    {
        return match ($step->kind) {
            StepKind::Weigh => [$this->weight($state, $step)],
            StepKind::Heat => array_map(
                fn (Phase $phase): BigReading => $this->celsius(
                    $state,
                    $step,
                    $phase->value,
                    say('words.phase.'.$phase->value),
                    $phase->value,
                ),
                $step->phases,
            ),
            StepKind::Gate => [$this->celsius($state, $step, 'mix', say('make.in_the_bowl'), 'cooldown')],
            StepKind::TestPh => [$this->ph($state, $step)],
            StepKind::CookOut => [$this->pot($state, $step)],
            StepKind::Fill => [$this->filled($state)],
            default => [],
        };
    }

    private function weight(MakeState $state, Step $step): BigReading
    {
        $goal = $step->grams;
        $by = $goal !== null && $goal < 10 * $state->scale ? min($state->scale, 0.01) : $state->scale;
        $isLittle = LittleByLittle::isOn($state, $step);
        $told = $state->wantsMore($step) || $isLittle ? null : $state->taken->reading((int) $step->line);

        return $this->grams(
            stands: $isLittle ? array_sum(LittleByLittle::doses($state, $step)) : 0.0,
            mark: $goal,
            field: 'weight',
            label: say(match (true) {
                $isLittle => 'make.little.this_time',
                $state->isDropped($step) => 'make.weighed_too',
                default => 'make.weighed',
            }),
            told: $told,
            goal: $state->isDropped($step) || $isLittle ? null : $goal,
            by: $by,
            phase: $step->phase() ?? Phase::Oil,
        );
    }

    private function filled(MakeState $state): BigReading
    {
        $phase = $state->composition->inPhase(Phase::Water) === [] ? Phase::Oil : Phase::Water;

        return $this->grams(
            'filled',
            say('make.filled_field'),
            null,
            $state->gramsIn(),
            max($state->scale, 0.1),
            $phase,
        );
    }

    private function pot(MakeState $state, Step $step): BigReading
    {
        return $this->grams(
            'pot',
            say('make.pot'),
            null,
            $state->cookOut($step)?->weighsWhenDone(),
            max($state->scale, 0.1),
            Phase::Infusion,
            way: 'falls',
        );
    }

    private function grams(
        string $field,
        string $label,
        ?float $told,
        ?float $goal,
        float $by,
        Phase $phase,
        string $way = 'meets',
        float $stands = 0.0,
        ?float $mark = null,
    ): BigReading {
        $mark ??= $goal;
        [$value, $reading] = self::standing($field, $told);
        $high = self::ROOM * max($mark ?? 0.0, $stands + ($reading ?? 0.0), $by);

        return new BigReading(
            $field,
            $label,
            $value,
            'g',
            $goal,
            $by,
            $way === 'falls' ? 'falls' : 'meets',
            Level::draw(
                'glass',
                $phase->value,
                0.0,
                $high,
                $stands > 0 || $reading !== null ? $stands + ($reading ?? 0.0) : null,
                $mark,
                $high < 2 ? 2 : ($high < 20 ? 1 : 0),
            ),
            $stands,
        );
    }

    private function celsius(MakeState $state, Step $step, string $field, string $label, string $material): BigReading
    {
        [$value, $reading] = self::standing($field, $state->temperature($step->key, $field));
        [$low, $high] = ($step->celsius ?? 0.0) < 0 ? self::FREEZER_C : self::THERMOMETER_C;

        return new BigReading(
            $field,
            $label,
            $value,
            '°C',
            $step->celsius,
            1.0,
            $step->kind === StepKind::Gate ? 'falls' : 'rises',
            Level::draw('thermometer', $material, $low, $high, $reading, $step->celsius),
        );
    }

    private function ph(MakeState $state, Step $step): BigReading
    {
        [$value, $reading] = self::standing('ph', $state->ph());

        return new BigReading(
            'ph',
            say('make.ph_field'),
            $value,
            '',
            $step->ph,
            0.1,
            'ph',
            Level::draw('glass', 'cooldown', self::PH[0], self::PH[1], $reading, $step->ph),
        );
    }

    /** @return array{string, float|null} what stands in the field: as typed last, else as told before */
    private static function standing(string $field, ?float $told): array
    {
        $value = old($field) ?? $told;
        $value = is_scalar($value) ? (string) $value : '';

        return [$value, is_numeric($value) ? (float) $value : null];
    }
}
