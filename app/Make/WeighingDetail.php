<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Measure\SpoonEquivalent;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Process\Step;

/** What stands beside a weighing: its lots, the spoon it nearly is, what the scale rounds, the other lines. */
final readonly class WeighingDetail
{
    /** A weighing from more lots than this is asked about no further. */
    private const MOST_LOTS = 20;

    /** Percent. */
    private const SHIFT_WORTH_SAYING = 0.5;

    public function __construct(private Wording $wording, private Tools $tools, private LittleByLittle $little)
    {
    }

    /** @return array<string, mixed> */
    public function of(MakeState $state, Step $step): array
    {
        $wording = $this->wording;
        $before = $state->onScaleBefore($step);
        $grams = $step->grams ?? 0.0;
        $scale = StepFigures::scaleFor($state, $grams);
        $rows = [];
        foreach ($state->plan->weighingsOf($step->phases[0]) as $other) {
            $rows[] = [
                'name' => MakePage::lineName($state, $other, $wording),
                'target' => StepFigures::target($state, $other, $wording),
                'taken' => StepFigures::takenWords($state, (int) $other->line, $wording),
                'now' => $other->key === $step->key,
            ];
        }

        return [
            'mayBeLittle' => LittleByLittle::mayBe($state, $step),
            'isLittle' => LittleByLittle::isOn($state, $step),
            'little' => LittleByLittle::isOn($state, $step) ? $this->little->said($state, $step) : null,
            'clock' => '',
            'lots' => FromLot::choices($state, $step, $wording),
            ...self::fromLots($state, $step, $grams, $wording),
            'isDropped' => $state->isDropped($step), 'drops' => $state->taken->drops((int) $step->line),
            'dropsGrams' => self::dropsGrams($state, $step, $wording),
            'entered' => $step->line === null
                ? ''
                : ($state->composition->lines[$step->line - 1]->amount->entered ?? ''),
            'shift' => self::shift($state, $step, $grams, $wording),
            'spoon' => $this->spoon($state, $step, $grams, $wording),
            'cumulative' => $before > 0 ? $wording->weighed($before + $grams, $state->scale) : '',
            'target' => $step->grams === null ? '' : $wording->weighed($grams, $scale),
            'last' => $state->wantsMore($step) ? null : $state->taken->reading((int) $step->line),
            'state' => $state->taken->state((int) $step->line) === LineState::Open
                ? ''
                : $state->taken->state((int) $step->line)->word(),
            'topUp' => ! $state->wantsMore($step) ? '' : say('make.over.already', [
                'weighed' => $wording->weighed($state->taken->likely((int) $step->line), $scale),
                'more' => $wording->weighed($grams - $state->taken->likely((int) $step->line), $scale),
            ]),
            'by' => $scale,
            'rows' => $rows,
        ];
    }

    /**
     * The lot it comes from and, where that holds less, those the rest comes from: as typed before, else as told, else
     * as it would be.
     *
     * @return array{lot: string, rest: list<array{asks: string, code: string, last: string}>}
     */
    private static function fromLots(MakeState $state, Step $step, float $grams, Wording $wording): array
    {
        $typed = old('lot');
        $more = old('rest', []);
        $codes = is_string($typed)
            ? [$typed, ...array_values(array_filter(is_array($more) ? $more : [], is_string(...)))]
            : FromLot::chosen($state, $step);
        $weighed = old('weight');
        $grams = is_numeric($weighed) ? (float) $weighed : $state->taken->reading((int) $step->line) ?? $grams;
        $taken = $state->takenFromLots((int) $step->line);
        $rest = [];
        for ($n = 1; $n <= count($codes) && $n < self::MOST_LOTS; $n++) {
            $from = FromLot::divide(array_slice($codes, 0, $n), $grams, $state->scale, $taken);
            if ($from['open'] <= 0.0 || $from['last'] === null) {
                break;
            }
            $rest[] = [
                'asks' => say(
                    'make.lot_rest',
                    [
                        'code' => $from['last']->code,
                        'left' => $wording->grams($from['lots'][$from['last']->code] ?? 0.0),
                        'grams' => $wording->grams($from['open']),
                    ],
                ),
                'code' => $codes[$n] ?? '?',
                'last' => $from['last']->code,
            ];
        }

        return ['lot' => $codes[0] ?? '', 'rest' => $rest];
    }

    /** What the drops weigh, as a band: their size differs. */
    private static function dropsGrams(MakeState $state, Step $step, Wording $wording): string
    {
        $grams = $state->isDropped($step)
            ? $state->composition->lines[(int) $step->line - 1]->grams?->times($state->factor)
            : null;

        return $grams === null
            ? ''
            : say(
                'make.drops_weigh',
                ['low' => $wording->number($grams->low, 2), 'high' => $wording->number($grams->high, 2)],
            );
    }

    /** How far the scale's step moves the amount, where that is worth a word. */
    private static function shift(MakeState $state, Step $step, float $grams, Wording $wording): string
    {
        $exact = $step->line === null ? 0.0 : ($state->composition->lines[$step->line - 1]->grams->likely ?? 0.0);
        $shift = $exact > 0 ? 100 * ($grams / $exact - 1) : 0.0;

        return abs($shift) < self::SHIFT_WORTH_SAYING
            ? ''
            : say('make.shift', ['percent' => ($shift < 0 ? '−' : '+').$wording->number(abs($shift), 1)]);
    }

    /**
     * For those without a scale: the nearest spoon and how far off it is; none where its spread would cross a limit.
     */
    private function spoon(MakeState $state, Step $step, float $grams, Wording $wording): string
    {
        $ingredient = $step->line === null || $state->isDropped($step)
            ? null
            : $state->composition->lines[$step->line - 1]->ingredient;
        $spoon = $ingredient === null ? null : SpoonEquivalent::of($grams, $ingredient->bulk, $this->tools);
        $isRinsedOff = $state->formula->use === Application::RinseOff;
        if (
            $ingredient === null
            || $spoon === null
            || ! $ingredient->bears($spoon->grams->times(100 / max(1e-9, $state->gramsPlanned())), $isRinsedOff)
        ) {
            return '';
        }

        return say('make.spoon', [
            'amount' => $spoon->amount, 'unit' => say('make.spoons.'.$spoon->unit->value),
            'error' => ($spoon->error < 0 ? '−' : '+').$wording->number(abs(100 * $spoon->error), 0),
        ]);
    }
}
