<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\ChangedElsewhere;
use App\Ground\Drafts\DraftHistory;
use App\Ground\OwnHair;
use App\Ground\PencilNotes;
use App\Ground\Verdict;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Formula;
use App\Shelf\ObservationBook;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Infusion\WaterOut;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\WaterActivity;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\VerdictKind;

/** Builds what BenchPage shows. */
final readonly class BenchPageFactory
{
    /** Water so bound that it tells on microbes. */
    private const ACTIVITY_WORTH_SHOWING = 0.90;

    /** Every offer is tried before it is shown; so many at a time, the gravest findings' first. */
    private const MOST_OFFERS = 40;

    public function __construct(
        private Wording $wording,
        private Evaluator $evaluator,
        private TriedFixes $offers,
        private Verdict $verdict,
        private PencilNotes $pencilNotes,
        private Preview $preview,
        private Vessels $vessels,
        private Catalogue $catalogue,
        private Tools $tools,
        private DraftReader $draftReader,
        private ObservationBook $observationBook,
        private BenchRows $rows,
        private BenchParts $parts,
    ) {
    }

    /**
     * @param  DraftHistory|null  $history  what can be undone; none on a page that can't
     * @param  string  $refused  why what was pressed could not be done
     * @param  bool  $offersWait  while one types: the figures at once, the offers in a second answer
     */
    public function of(
        Formula $formula,
        Draft $draft,
        int $revision,
        ?ChangedElsewhere $elsewhere = null,
        ?DraftHistory $history = null,
        string $refused = '',
        bool $offersWait = false,
    ): BenchPage {
        $wording = $this->wording;
        [$read, $problems] = $this->draftReader->read($draft);
        $now = Carbon::now()->toDateTimeImmutable();
        $evaluation = $this->evaluator->evaluate($read, madeOn: $now);
        if (! $offersWait) {
            $evaluation = $this->offers->of($evaluation, $now, self::MOST_OFFERS);
        }
        $composition = $evaluation->assessment->composition;
        $before = $history?->before();

        $regime = match (true) {
            $composition->known() === [] => '',
            $evaluation->verdict() === VerdictKind::CannotSay => 'unknown',
            default => $evaluation->assessment->preservation->regime->value,
        };
        $isOnceCookedOut = $regime === Regime::Dry->value && ! WaterOut::areShown($evaluation->assessment->waterOut);

        return new BenchPage(
            $formula,
            $draft,
            $revision,
            $regime,
            $regime === '' ? '' : say('words.regime_means.'.($isOnceCookedOut ? 'dry_once' : $regime)),
            $this->verdict->of($evaluation),
            $evaluation->isSound(),
            $draft->lines() === [],
            $this->rows->lanes($draft, $evaluation),
            $this->parts->of($draft, $evaluation),
            $this->pencilNotes->of(
                $evaluation->findings,
                array_column($draft->lines(), 'key'),
                BenchParts::rowsByKey($draft, $composition),
                fn (Fix $fix): string => $this->preview->of($fix, $draft->lines()),
                $offersWait,
            ),
            $this->figures($evaluation, $wording),
            OwnHair::notes($evaluation->assessment->formula, $composition, $wording),
            Workings::of($evaluation, $wording),
            array_map(static fn (string $key): string => say('ui.problems.'.$key), $problems),
            $composition->total === null || $composition->basis === Basis::Hundred || $composition->known() === []
                ? ''
                : $wording->grams($composition->total->likely),
            match (true) {
                $composition->known() === [] => '',
                $composition->total === null => say('ui.bench.unknown'),
                $composition->basis === Basis::Hundred => say('ui.bench.per_100'),
                default => say('ui.bench.whole_batch'),
            },
            $this->vessels->bench(
                $composition,
                $read->family,
                136,
                $before === null
                    ? null
                    : $this->evaluator->weigh($this->draftReader->read(Draft::fromStored($before))[0]),
            ),
            $elsewhere,
            $history?->ways() ?? ['undo' => null, 'redo' => null],
            $refused,
            count($evaluation->stops()),
            count($evaluation->unknowns()),
            catalogue: $this->catalogue,
            wording: $this->wording,
            observationBook: $this->observationBook,
        );
    }

    /** @return list<array{label: string, figure: string, of: string}> */
    private function figures(Evaluation $evaluation, Wording $wording): array
    {
        $assessment = $evaluation->assessment;
        if ($assessment->composition->known() === []) {
            return [];
        }
        $figures = [
            [
                'label' => say('ui.bench.water'),
                'figure' => $wording->percent(100 * $assessment->composition->waterShare()),
                'of' => '',
            ],
            [
                'label' => say('ui.bench.fat'),
                'figure' => $wording->percent(100 * $assessment->composition->fatShare()),
                'of' => '',
            ],
        ];
        if ($assessment->emulsion->emulsifiers !== []) {
            $figures[] = [
                'label' => say('ui.bench.emulsifier'),
                'figure' => $wording->percentBand($assessment->emulsion->emulsifierShare->times(100.0)),
                'of' => '',
            ];
        }
        $acidity = $assessment->preservation->acidity;
        if ($assessment->formula->ph === null && $acidity !== null && $assessment->preservation->isWatery) {
            $figures[] = [
                'label' => 'pH',
                'figure' => say('ui.bench.ph_about', ['ph' => $wording->number($acidity->likely, 1)]),
                'of' => say('ui.bench.ph_band', [
                    'low' => $wording->number($acidity->low, 1),
                    'high' => $wording->number($acidity->high, 1),
                ]),
            ];
        }
        foreach ($assessment->preservation->doses as $dose) {
            $range = $dose->range();
            $figures[] = [
                'label' => say('ui.bench.preservative'),
                'figure' => $dose->percent === null ? '–' : $wording->percentBand($dose->percent),
                'of' => $range === null
                    ? ''
                    : say(
                        'ui.bench.range',
                        ['low' => $wording->number($range->min), 'high' => $wording->percent($range->max)],
                    ),
            ];
        }
        if (
            $assessment->hlb->blend !== null
            && $assessment->hlb->required !== null
            && $assessment->emulsion->emulsifiers !== []
        ) {
            $figures[] = [
                'label' => say('ui.bench.hlb'),
                'figure' => $wording->number($assessment->hlb->blend, 1),
                'of' => say('ui.bench.hlb_of', ['required' => $wording->number($assessment->hlb->required, 1)]),
            ];
        }
        $activity = WaterActivity::of($assessment->composition);
        if ($activity !== null && $activity < self::ACTIVITY_WORTH_SHOWING) {
            $figures[] = [
                'label' => say('ui.bench.activity'),
                'figure' => $wording->number($activity, 2, 2),
                'of' => say('ui.bench.activity_of', ['least' => $wording->number(WaterActivity::NOTHING_GROWS, 2, 2)]),
            ];
        }
        if ($assessment->scent->lines !== []) {
            $drops = $assessment->scent->mostDrops($assessment->composition->total, $this->tools);
            $figures[] = [
                'label' => say('ui.bench.scent'), 'figure' => $wording->percentBand($assessment->scent->percent),
                'of' => say(
                    $drops === null ? 'ui.bench.at_most' : 'ui.bench.at_most_drops',
                    ['limit' => $wording->percent($assessment->scent->plenty), 'drops' => (string) $drops],
                ),
            ];
        }

        return $figures;
    }
}
