<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Stratum;
use App\Ground\Vessels;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** The vessel of a batch in progress, and what is in it by now. */
final readonly class MakeVessel
{
    public function __construct(private Vessels $vessels)
    {
    }

    /** The vessel on the scale: what is already in it, and the line this weighing has to rise to. */
    public function weighing(MakeState $state, Step $step): Section
    {
        $strata = [];
        $now = null;
        $rest = 0.0;
        foreach ($state->plan->weighingsOf($step->phases[0]) as $weighing) {
            $stratum = $this->vessels->stratum($state->composition->lines[(int) $weighing->line - 1]);
            if ($stratum === null) {
                continue;
            }
            if ($weighing->key === $step->key) {
                $now = new Stratum('now', $stratum->label, '', $stratum->material, $stratum->ml);
            } elseif ($now === null) {
                $strata[] = $stratum;
            } else {
                $rest += $stratum->ml;
            }
        }
        $strata = [...$strata, ...($now === null ? [] : [$now])];
        $ml = array_sum(array_map(static fn (Stratum $stratum): float => $stratum->ml, $strata));

        return Section::draw(
            Profile::of(Vessels::mixing($state->formula->family), max(1.0, ($ml + $rest) * Vessels::ROOM_TO_STIR)),
            $strata,
            0,
            340,
        );
    }

    /**
     * The vessel with what was told to be in it by now, and no more.
     *
     * @param  float  $tallest  see Section::draw
     */
    public function soFar(MakeState $state, float $stands, float $tallest = 0.0): Section
    {
        $strata = [];
        $all = 0.0;
        foreach ([Phase::Water, Phase::Oil, Phase::Cooldown] as $phase) {
            $ml = 0.0;
            foreach ($state->composition->inPhase($phase) as $line) {
                $whole = $this->vessels->stratum($line)->ml ?? 0.0;
                $all += $whole;
                $weight = $state->taken->grams($line->position)?->likely;
                $ml += $weight === null ? 0.0 : $whole * $weight / max(1e-9, $line->grams->likely ?? $weight);
            }
            if ($ml > 0) {
                $strata[] = new Stratum($phase->value, '', '', $phase->value, $ml);
            }
        }

        $isOne = array_filter(
            $state->plan->steps,
            static fn (Step $step): bool => $step->kind === StepKind::Combine && $state->isDone($step),
        ) !== [];

        return Section::draw(
            Profile::of(Vessels::mixing($state->formula->family), max(1.0, $all * Vessels::ROOM_TO_STIR)),
            $isOne ? Vessels::oneBody($strata) : $strata,
            0,
            $stands,
            tallest: $tallest,
        );
    }
}
