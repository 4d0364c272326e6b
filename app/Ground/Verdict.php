<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\WaterOut;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\ShelfLife\ShelfLife;

/** The whole judgement in one sentence. */
final readonly class Verdict
{
    public function __construct(private Wording $wording)
    {
    }

    public function of(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        if ($assessment->composition->known() === []) {
            return say('findings.verdict.empty');
        }
        $stops = $evaluation->stops();
        if ($stops !== []) {
            return trans_choice(
                'findings.verdict.stops',
                count($stops),
                ['first' => $this->wording->message($stops[0])],
            );
        }
        $unknowns = $evaluation->unknowns();
        if ($unknowns !== []) {
            return say('findings.verdict.cannot_say', ['first' => $this->wording->message($unknowns[0])])
                .$this->missing($evaluation, $unknowns[0]);
        }
        $minds = $evaluation->count(Severity::Mind);

        return match ($assessment->preservation->regime) {
            Regime::Dry => $this->dry($evaluation),
            Regime::Fresh => $this->fresh($evaluation),
            Regime::Preserved => $this->preserved($evaluation),
        }.' '.($minds > 0 ? trans_choice('findings.verdict.minds', $minds) : say('findings.verdict.sound'));
    }

    /** What could be lifted by what is unknown is asked for. */
    private function missing(Evaluation $evaluation, Finding $unknown): string
    {
        $codes = array_column($evaluation->open, 'code');
        $is = match (true) {
            $unknown->code !== 'measure.unread' || $unknown->lines === [] => null,
            in_array('preservation.missing', $codes, true) => 'is_it_the_preservative',
            in_array('emulsion.no_emulsifier', $codes, true) => 'is_it_the_emulsifier',
            default => null,
        };

        return $is === null ? '' : ' '.say("findings.verdict.$is", ['line' => (string) ($unknown->lines[0] ?? '')]);
    }

    private function dry(Evaluation $evaluation): string
    {
        $days = $evaluation->assessment->keeping->days;
        $water = array_sum(array_map(
            static fn (WaterOut $one): float => $one->isShown() ? 0.0 : $one->left(),
            $evaluation->assessment->waterOut,
        ));

        return match (true) {
            $days === null => say('findings.verdict.dry'),
            $water > 0.0 => say('findings.verdict.dry_once', [
                'water' => $this->wording->grams(round($water, 1)),
                'days' => $this->wording->days($days),
            ]),
            default => say('findings.verdict.dry_dated', ['days' => $this->wording->days($days)]),
        };
    }

    private function fresh(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        foreach ($assessment->preservation->doses as $dose) {
            if ($dose->dependsOnAcidity() && $dose->ph === null) {
                return say('findings.verdict.preserved_untested', [
                    'days' => $this->wording->days(180),
                    'low' => $this->wording->number($dose->ingredient->phMin ?? 0.0, 1),
                    'high' => $this->wording->number($dose->ingredient->phMax ?? 14.0, 1),
                    'fresh' => $this->wording->days($assessment->keepingIfFresh()->days ?? 1.0),
                ]);
            }
        }

        $stored = match (ShelfLife::storage($assessment->formula, Regime::Fresh)) {
            Storage::Room => 'fresh_room',
            Storage::Freezer => 'fresh_frozen',
            Storage::Fridge => 'fresh',
        };

        return say("findings.verdict.$stored", [
            'days' => $this->wording->days($assessment->keeping->days ?? 1.0),
            'why' => say($assessment->preservation->hasSystem()
                ? 'findings.verdict.fresh_despite'
                : 'findings.verdict.fresh_without'),
        ]);
    }

    private function preserved(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        $dose = $assessment->preservation->doses[0] ?? null;

        return say('findings.verdict.preserved', [
            'days' => $this->wording->days($assessment->keeping->days ?? 0.0),
            'system' => $dose === null
                ? say('findings.verdict.alcohol')
                : $this->wording->ingredient($dose->ingredient->key),
            'percent' => match (true) {
                $dose === null => $this->wording->percent(round(100 * $assessment->preservation->alcohol, 1)),
                $dose->percent === null => '',
                default => $this->wording->percent($dose->percent->likely),
            },
            'fresh' => $this->wording->days($assessment->keepingIfFresh()->days ?? 1.0),
        ]);
    }
}
