<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Section;
use App\Formulas\Draft;
use App\Formulas\DraftLines;
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
use Illuminate\Support\HtmlString;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\WaterActivity;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;

/**
 * Everything the bench shows, worded and ready to place.
 *
 * @phpstan-type Row array{key: string, position: int, ingredient: string, name: string, amount: string,
 *   prepared: string, prepared_said: string, phase: string, grams: string, band: string, percent: string,
 *   unfinished: bool, error: string,
 *   gravest: string, lot: string, weighs: string}
 * @phpstan-type Lane array{phase: string, name: string, means: string, grams: string, percent: string, rows: list<Row>}
 *
 * @phpstan-import-type Note from PencilNotes
 */
final readonly class BenchPage
{
    /** Half a band over its middle from which on it is worth showing. */
    private const WORTH_SHOWING = 0.02;

    /** Water so bound that it tells on microbes. */
    private const ACTIVITY_WORTH_SHOWING = 0.90;

    /**
     * @param  list<Lane>  $lanes
     * @param  list<Note>  $notes
     * @param  list<array{label: string, figure: string, of: string}>  $figures
     * @param  list<string>  $personal  what it would be to the maker's own hair
     * @param  array<string, string>  $problems
     * @param  array{undo: array{string, string}|null, redo: array{string, string}|null}  $ways
     */
    private function __construct(
        public Formula $formula,
        public Draft $draft,
        public int $revision,
        public string $regime,
        public string $verdict,
        public bool $isSound,
        public bool $isEmpty,
        public array $lanes,
        public array $notes,
        public array $figures,
        public array $personal,
        public Workings $behind,
        public array $problems,
        public string $total,
        public string $totalMeans,
        public Section $vessel,
        public ?ChangedElsewhere $elsewhere,
        private array $ways,
        public string $refused,
        private int $stops,
        private int $unknowns,
    ) {
    }

    /**
     * @param  DraftHistory|null  $history  what can be undone; none on a page that can't
     * @param  string  $refused  why what was pressed could not be done
     */
    public static function of(
        Formula $formula,
        Draft $draft,
        int $revision,
        ?ChangedElsewhere $elsewhere = null,
        ?DraftHistory $history = null,
        string $refused = '',
    ): self {
        $wording = app(Wording::class);
        [$read, $problems] = $draft->formula();
        $evaluation = app(Evaluator::class)->evaluate($read, madeOn: Carbon::now()->toDateTimeImmutable());
        $composition = $evaluation->assessment->composition;
        $before = $history?->before();

        return new self(
            $formula,
            $draft,
            $revision,
            $composition->known() === [] ? '' : $evaluation->assessment->preservation->regime->value,
            app(Verdict::class)->of($evaluation),
            $evaluation->isSound(),
            $draft->lines() === [],
            self::lanes($draft, $evaluation, $wording),
            app(PencilNotes::class)->of(
                $evaluation->findings,
                array_column($draft->lines(), 'key'),
                static fn (Fix $fix): string => app(Preview::class)->of($fix, $draft->lines()),
            ),
            self::figures($evaluation, $wording),
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
            app(Vessels::class)->bench(
                $composition,
                $read->family,
                136,
                $before === null ? null : app(Evaluator::class)->weigh(Draft::fromStored($before)->formula()[0]),
            ),
            $elsewhere,
            $history?->ways() ?? ['undo' => null, 'redo' => null],
            $refused,
            count($evaluation->stops()),
            count($evaluation->unknowns()),
        );
    }

    /** @return list<Lane> */
    private static function lanes(Draft $draft, Evaluation $evaluation, Wording $wording): array
    {
        $composition = $evaluation->assessment->composition;
        $scale = $evaluation->assessment->scaleResolutionG;
        $gravest = self::gravestByLine($evaluation->findings);
        $lanes = [];
        foreach (Phase::cases() as $phase) {
            $rows = [];
            foreach ($composition->lines as $i => $line) {
                if ($line->phase === $phase) {
                    $rows[] = self::row($draft->lines()[$i], $line, $scale, $gravest[$line->position] ?? '', $wording);
                }
            }
            $grams = $composition->gramsOf($phase);
            $lanes[] = [
                'phase' => $phase->value,
                'name' => say('words.phase.'.$phase->value),
                'means' => say('words.phase_means.'.$phase->value),
                'grams' => $rows === [] || $composition->total === null || $grams->likely <= 0
                    ? ''
                    : $wording->grams($grams->likely),
                'percent' => $rows === [] || $phase === Phase::Infusion || $grams->likely <= 0
                    ? ''
                    : $wording->percent(100 * $composition->shareOf($phase)->likely),
                'rows' => $rows,
            ];
        }

        return $lanes;
    }

    /**
     * @param  array{key: string, ingredient: string, name: string, amount: string, phase: string, prepared: string,
     *   rest: array<string, mixed>}  $held
     * @return Row
     */
    private static function row(array $held, WeighedLine $line, float $scale, string $gravest, Wording $wording): array
    {
        $catalogue = app(Catalogue::class);
        $grams = $line->grams;
        $isUntouched = $held['name'] === '' && $held['ingredient'] === '' && $held['amount'] === '';

        return [
            'key' => $held['key'],
            'position' => $line->position,
            'ingredient' => $held['ingredient'],
            'name' => $held['ingredient'] !== '' && $catalogue->has($held['ingredient'])
                ? $wording->ingredient($held['ingredient']) : $held['name'],
            'amount' => $held['amount'],
            'prepared' => $held['prepared'],
            'prepared_said' => implode(', ', array_map(
                static fn (string $way): string => say("words.prepared.$way"),
                explode(DraftLines::AND, $held['prepared']),
            )),
            'phase' => $line->phase->value,
            'grams' => $grams === null
                ? ''
                : $wording->weighed(
                    $grams->likely,
                    min($scale, $grams->likely < 1 ? 0.01 : ($grams->likely < 10 ? 0.1 : 1.0)),
                ),
            'band' => $grams === null || $grams->relativeError() < self::WORTH_SHOWING ? ''
                : say(
                    'ui.band',
                    [
                        'low' => $wording->number($grams->low, $grams->high < 10 ? 1 : 0),
                        'high' => $wording->number($grams->high, $grams->high < 10 ? 1 : 0),
                    ],
                ),
            'percent' => $line->percent() === null ? '' : $wording->number($line->percent()->likely, 2, 2),
            'unfinished' => $held['name'] === '' || $held['amount'] === '',
            'error' => isset($held['rest']['refused'])
                ? say('findings.unread.ring')
                : ($line->unread === null || $isUntouched ? '' : say('findings.unread.'.$line->unread)),
            'gravest' => $gravest,
            'lot' => self::lotOf($held['rest'], $wording),
            'weighs' => $grams === null || $line->amount?->kind === AmountKind::Rest
                ? ''
                : (string) round($grams->likely, 4),
        ];
    }

    /**
     * Which lot of the pantry the line takes from, and its date.
     *
     * @param  array<string, mixed>  $rest
     */
    private static function lotOf(array $rest, Wording $wording): string
    {
        $date = is_string($rest['best_before'] ?? null)
            ? Carbon::createFromFormat('!Y-m-d', $rest['best_before'])
            : null;

        return is_string($rest['lot'] ?? null)
            ? $rest['lot'].($date === null ? '' : ', '.say('pantry.good_until', ['date' => $wording->shortDate($date)]))
            : '';
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<int, string>
     */
    private static function gravestByLine(array $findings): array
    {
        $gravest = [];
        foreach ($findings as $finding) {
            foreach ($finding->lines as $line) {
                $gravest[$line] ??= $finding->severity->value;
            }
        }

        return $gravest;
    }

    /** @return list<array{label: string, figure: string, of: string}> */
    private static function figures(Evaluation $evaluation, Wording $wording): array
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
            $drops = $assessment->scent->mostDrops($assessment->composition->total, app(Tools::class));
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

    /** @return array{undo: string|null, redo: string|null} what undoing would take back and redoing bring, in words */
    public function ways(): array
    {
        return array_map(fn (?array $way): ?string => $way === null ? null : $this->told(...$way), $this->ways);
    }

    /** What was done last, unless it was typed. */
    public function did(): string
    {
        $way = $this->ways['undo'];

        return $way === null || $way[0] === 'typed' || $this->ways['redo'] !== null ? '' : $this->told(...$way);
    }

    private function told(string $did, string $about): string
    {
        $what = match (true) {
            $did === 'typed' => $this->spoken($about),
            app(Catalogue::class)->has($about) => app(Wording::class)->ingredient($about),
            default => $about,
        };

        return say("ui.bench.did.$did", ['what' => $what]);
    }

    /** @return list<string> the fields two windows changed differently, in words */
    public function contested(): array
    {
        return array_map($this->spoken(...), $this->elsewhere->contested ?? []);
    }

    /** A field or several as a maker would say them. */
    private function spoken(string $fields): string
    {
        if (str_contains($fields, ' ')) {
            return say('ui.bench.fields.several');
        }
        [$place, $key, $part] = [...explode('/', $fields, 3), '', ''];
        $line = array_search($key, array_column($this->draft->lines(), 'key'), true);

        return match (true) {
            $place === 'line'
                && $line !== false => say(
                    'ui.bench.fields.line',
                    [
                        'n' => (string) ($line + 1),
                        'part' => say('ui.bench.fields.'.($part === '' ? 'ingredient' : $part)),
                    ],
                ),
            $place === 'line' => say('ui.bench.fields.gone'),
            default => say("ui.bench.fields.$place"),
        };
    }

    /** What it is a trial of, and how much is changed in it; null for what is none. */
    public function trial(): ?Trial
    {
        return Trial::of($this->formula, $this->draft);
    }

    /** @return list<string> what samples of its batches showed, the newest batch first */
    public function watched(): array
    {
        return app(ObservationBook::class)->ofFormula($this->formula);
    }

    /** @return array<string, string> name by key */
    public function containers(): array
    {
        return array_map(
            static fn (Container $container): string => app(Wording::class)->container($container->key),
            app(Catalogue::class)->containers(),
        );
    }

    public function usualLoss(): string
    {
        return app(Wording::class)->percent(100 * Scaling::USUAL_LOSS);
    }

    /** A choice's options, drawn once for all rows that chose the same. */
    public function options(string $words, string $chosen): HtmlString
    {
        static $drawn = [];

        return $drawn[app()->getLocale()." $words $chosen"] ??= new HtmlString(view(
            'bench.options',
            ['words' => __($words), 'chosen' => $chosen],
        )->render());
    }

    /** Something stands against making it, or is not known. */
    public function stops(): bool
    {
        return $this->stops > 0 || $this->unknowns > 0;
    }

    /** What the main button says while it leads to what is open instead of to the making; "" where nothing is. */
    public function leads(): string
    {
        return match (true) {
            $this->stops > 0 => trans_choice('ui.make.see', $this->stops),
            $this->unknowns > 0 => say('ui.make.see_unknown'),
            default => '',
        };
    }

    /** With open problems it can be made, for a reason; with a line nobody can weigh it can't. */
    public function canBeForced(): bool
    {
        return $this->stops > 0 && $this->unknowns === 0;
    }
}
