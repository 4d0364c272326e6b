<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\DayCode;
use App\Ground\EvaluationDocument;
use App\Ground\FindingDocument;
use App\Ground\Languages;
use App\Ground\LearnedMakes;
use App\Ground\OwnKitchen;
use App\Ground\OwnMeasures;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use App\Models\Enums\BatchStatus;
use App\Models\FormulaVersion;
use App\Models\Lot;
use App\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;
use Ilvane\Core\Scent\Declaration;
use Ilvane\Core\ShelfLife\ShelfLife;
use Ilvane\Core\Simulation\Simulator;
use Ilvane\Core\Yield\Balance;
use Ilvane\Core\Yield\BatchYield;

/** Starts makes, records what happens in them, finishes them. */
final readonly class MakeBook
{
    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools,
        private Evaluator $evaluator,
        private EvaluationDocument $evaluations,
        private LotBook $lots,
        private MadeVerdict $verdict,
        private OwnKitchen $ownKitchen,
        private FindingDocument $findingDocument,
        private MakeStateFactory $makeStates,
        private BatchCost $batchCost,
    ) {
    }

    /**
     * null when the version has no total to weigh out by.
     *
     * @param  array{reason: string, stops: list<array{code: string, said: array<string, string>}>}|null  $despite  what
     *   stood against it, and why it is made anyway
     */
    public function start(FormulaVersion $version, ?Carbon $at = null, ?array $despite = null): ?Batch
    {
        $formula = FormulaDocument::read($this->ownKitchen->over($version->document));
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        if ($composition->total === null || $composition->known() === []) {
            return null;
        }
        $at ??= Carbon::now();

        return DB::transaction(fn (): Batch => Batch::query()->create([
            'code' => DayCode::next(
                $at,
                static fn (string $code): bool => Batch::query()->where('code', $code)->exists(),
            ),
            'formula_version_id' => $version->id,
            'document' => $this->ownKitchen->over($version->document),
            'status' => 'making',
            'at_step' => Plan::of($formula, $composition)->steps[0]->key,
            'started_at' => $at,
            'despite' => $despite,
        ]));
    }

    /**
     * Adds one entry. The same client key is recorded once, so that a form sent twice does no harm.
     *
     * @param  array{step: string, kind: string, subject?: string, value?: float|null, reason?: string}  $entry
     */
    public function record(Batch $batch, array $entry, string $clientKey, ?Carbon $at = null): void
    {
        if (! $batch->isMaking()) {
            return;
        }
        BatchEntry::once([
            'batch_id' => $batch->id,
            'step' => $entry['step'],
            'kind' => $entry['kind'],
            'subject' => $entry['subject'] ?? '',
            'value' => $entry['value'] ?? null, 'reason' => $entry['reason'] ?? '', 'client_key' => $clientKey,
            'recorded_at' => ($at ?? Carbon::now())->toDateTimeString(),
        ]);
        $batch->unsetRelation('entries');
    }

    /** Whether what a page told under this key has been written down. */
    public function has(Batch $batch, string $clientKey): bool
    {
        return $batch->entries()->where('client_key', 'like', "$clientKey-%")->exists();
    }

    public function moveTo(Batch $batch, string $step): void
    {
        if ($batch->isMaking()) {
            $batch->forceFill(['at_step' => $step])->save();
        }
    }

    /**
     * Fills what was made into its containers and ends the make, in one go: of two devices that fill at once, one does.
     *
     * @param  list<array{step: string, kind: string, subject?: string, value?: float|null, reason?: string}>  $entries
     * @param  list<Step>  $undone  steps nobody told
     * @return bool false where the make had ended already
     */
    public function fill(
        Batch $batch,
        array $entries,
        array $undone,
        float $filled,
        int $containers,
        string $clientKey,
        ?Carbon $at = null,
    ): bool {
        return DB::transaction(function () use (
            $batch,
            $entries,
            $undone,
            $filled,
            $containers,
            $clientKey,
            $at,
        ): bool {
            if (! $batch->refresh()->isMaking()) {
                return $this->has($batch, $clientKey);
            }
            $taken = $this->makeStates->of($batch->load('entries'))->taken;
            foreach ($undone as $i => $step) {
                if ($step->line !== null && $taken->state($step->line) !== LineState::Open) {
                    continue; // it was told, and only more of it was wanted
                }
                $this->record(
                    $batch,
                    [
                        'step' => $step->key,
                        'kind' => 'not_done',
                        'subject' => $step->line === null ? '' : (string) $step->line,
                    ],
                    "$clientKey-left$i",
                    $at,
                );
            }
            foreach ($entries as $i => $entry) {
                $this->record($batch, $entry, "$clientKey-$i", $at);
            }
            $this->finish($batch, $filled, $containers, $at);

            return true;
        });
    }

    /** Works out once and for all what was made; a finished batch is never computed again. */
    public function finish(Batch $batch, float $filled, int $containers, ?Carbon $at = null): void
    {
        $at ??= Carbon::now();
        DB::transaction(function () use ($batch, $filled, $containers, $at): void {
            if (! $batch->refresh()->isMaking()) {
                return;
            }
            $state = $this->makeStates->of($batch->load('entries'));
            $evaluation = $this->evaluator->evaluate(
                $state->formulaAsMade(),
                onBatch: true,
                madeOn: $at->toDateTimeImmutable(),
            );
            $batch->forceFill([
                'status' => 'finished',
                'finished_at' => $at,
                'outcome' => $this->outcome($state, $filled, $containers, $at),
                'best_before' => self::bestBefore($evaluation, $at), 'grams_left' => $filled,
            ])->save();
            $this->drawDown($batch, $state, $at, "batch-$batch->id");
            OwnMeasures::learnDrops($state->dropsMl());
        });
    }

    /** @return array<string, mixed> */
    private function outcome(MakeState $state, float $filled, int $containers, Carbon $at): array
    {
        $evaluation = $this->evaluator->evaluate(
            $state->formulaAsMade(),
            onBatch: true,
            madeOn: $at->toDateTimeImmutable(),
        );
        $keeping = $evaluation->assessment->keeping;
        $yield = new BatchYield($state->gramsIn(), $filled);
        $rehearsal = Simulator::formula($this->evaluator->assess($state->formula), $this->catalogue);
        $steam = $state->steamedOff() ?? $rehearsal->waterLost * $state->factor;
        $balance = Balance::of(
            $state->gramsIn(),
            $filled,
            $state->sumOf('sample'),
            $state->strainedOut(),
            $steam,
            LearnedMakes::learned()['bowl']->value,
        );
        $bestBefore = self::bestBefore($evaluation, $at);
        $document = fn (): array => [
            ...$this->withBalance($this->evaluations->of($evaluation), $balance),
            'tense' => 'made',
            'verdict' => $this->verdict->of(
                $evaluation,
                $state,
                $bestBefore === null ? null : Carbon::parse($bestBefore),
            ),
        ];

        return [
            'evaluation' => $document(),
            'said' => array_map(Outcome::words(...), Languages::inEach($document)),
            'lines' => $this->lines($state),
            'not_done' => array_values(array_map(
                static fn (BatchEntry $entry): string => $entry->step,
                array_filter(
                    $state->batch->entries->all(),
                    static fn (BatchEntry $entry): bool => $entry->kind === BatchEntryKind::NotDone
                        && $entry->subject === '',
                ),
            )),
            'balance' => $balance->parts(),
            'taught' => [
                'bowl' => $balance->isExplained() && $state->taken->isAllWeighed() ? $balance->bowlShare() : null,
                'overrun' => $state->overrun(),
                'cooling' => CooledFaster::of($state, $rehearsal),
                'steaming' => SteamedOff::of($state, $rehearsal),
                'uptake' => $state->keptByPlants(),
                'drops' => $state->dropsMl(),
            ],
            'contents' => ContentsList::of($evaluation->assessment->composition)->shares,
            ...self::declared(Declaration::ofAll(
                $evaluation->assessment->composition,
                $state->formula->use,
                $this->catalogue,
            )),
            'label' => self::labelWords($evaluation),
            'planned' => array_map(static fn ($line): ?float => $line->grams?->likely, $state->composition->lines),
            'yield' => [
                'in' => $yield->in,
                'filled' => $yield->filled,
                'missing' => $yield->missing(),
                'percent' => $yield->percent(),
                'by_state' => $state->gramsByState(),
            ],
            'cost' => $this->batchCost->of($state),
            'containers' => $containers,
            'ph' => $state->ph(),
            'stops' => $evaluation->count(Severity::Stop),
            'no_date' => $keeping->refused,
        ];
    }

    /**
     * Fragrance allergens that must be named, and those that may need to be.
     *
     * @param  array<string, bool>  $names  true where it must
     * @return array{declared: list<string>, may_declare: list<string>}
     */
    private static function declared(array $names): array
    {
        return [
            'declared' => array_keys(array_filter($names)),
            'may_declare' => array_keys(array_filter($names, static fn (bool $isCertain): bool => ! $isCertain)),
        ];
    }

    /** @return list<string> word keys of what a label has to say of this batch */
    private static function labelWords(Evaluation $evaluation): array
    {
        $it = $evaluation->assessment;
        $parts = array_filter(
            $evaluation->findings,
            static fn (Finding $finding): bool => $finding->code === 'emulsion.no_emulsifier'
                && $finding->variant !== 'usual' || $finding->code === 'emulsion.creams',
        ) !== [];
        $isPhototoxic = $it->formula->use === Application::LeaveOn
            && $it->composition->linesOrExtractsWith(
                static fn (Material $ingredient): bool => $ingredient->hasCaution(Caution::Phototoxic),
            ) !== [];
        $isFresh = $it->preservation->regime === Regime::Fresh;
        $storage = ShelfLife::storage($it->formula, $it->preservation->regime);

        return array_keys(array_filter([
            'shake' => $parts,
            'sun' => $isPhototoxic,
            'rinse_out' => $it->formula->use === Application::LeaveOn
                && isset($it->preservation->load?->tooMuch()['food']),
            'keep_frozen' => $isFresh && $storage === Storage::Freezer,
            'keep_cold' => ($isFresh && $storage === Storage::Fridge)
                || $it->keeping->decidedBy()?->what === 'cooked_out',
        ]));
    }

    /**
     * @return list<array{line: int, ingredient: string|null, name: string, phase: string, state: string,
     *   entered: string, drops: float|null, grams: array{low: float, likely: float, high: float}|null,
     *   lots: array<string, float>, no_lot: float}>
     */
    private function lines(MakeState $state): array
    {
        return array_map(static function (WeighedLine $line) use ($state): array {
            $grams = $state->taken->grams($line->position);
            $from = LotShares::of($state, $line->position);

            return [
                'line' => $line->position,
                'ingredient' => $line->ingredient?->key,
                'name' => $line->line->spokenOf(),
                'phase' => $line->phase->value,
                'state' => $state->taken->state($line->position)->value,
                'entered' => $line->amount->entered ?? '',
                'drops' => $state->taken->drops($line->position),
                'grams' => $grams === null
                    ? null
                    : [
                        'low' => round($grams->low, 4),
                        'likely' => round($grams->likely, 4),
                        'high' => round($grams->high, 4),
                    ],
                'lots' => $from->lots, 'no_lot' => $from->none,
            ];
        }, $state->composition->lines);
    }

    /**
     * Ends a make that is not finished. What was taken for it can be taken out of the stock; both can be taken back.
     *
     * @param  bool  $isUsed  what was taken so far is gone
     */
    public function drop(Batch $batch, bool $isUsed, string $reason, string $clientKey): void
    {
        DB::transaction(function () use ($batch, $isUsed, $reason, $clientKey): void {
            if (! $batch->refresh()->isMaking()) {
                return;
            }
            $this->record(
                $batch,
                [
                    'step' => $batch->at_step,
                    'kind' => 'dropped',
                    'subject' => $isUsed ? 'used' : '',
                    'reason' => $reason,
                ],
                "$clientKey-drop",
            );
            $batch->forceFill(['status' => 'abandoned'])->save();
            if ($isUsed) {
                $this->drawDown(
                    $batch,
                    $this->makeStates->of($batch->load('entries')),
                    Carbon::now(),
                    $this->dropKey($batch),
                );
            }
        });
    }

    /**
     * Takes the throwing away back: the make goes on where it was, and what was taken from the stock stands there
     * again.
     */
    public function resume(Batch $batch, string $clientKey): void
    {
        DB::transaction(function () use ($batch, $clientKey): void {
            if ($batch->refresh()->status !== BatchStatus::Abandoned) {
                return;
            }
            $this->lots->putBack($this->dropKey($batch), $clientKey);
            $batch->forceFill(['status' => 'making'])->save();
            $this->record($batch, ['step' => $batch->at_step, 'kind' => 'resumed'], "$clientKey-resume");
        });
    }

    /** Before the client keys of what a throwing away took from the stock. */
    private function dropKey(Batch $batch): string
    {
        return "drop-$batch->id-".$batch->entries()->where('kind', 'dropped')->count();
    }

    /** What was told to have come from a lot is gone from it, as much as was told. */
    private function drawDown(Batch $batch, MakeState $state, Carbon $at, string $key): void
    {
        foreach ($state->composition->lines as $line) {
            foreach (LotShares::of($state, $line->position)->lots as $code => $grams) {
                $lot = Lot::query()->where('code', $code)->first();
                if ($lot !== null) {
                    $this->lots->wentInto($lot, $grams, $batch->code, $at, "$key-$lot->code-$line->position");
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>  $evaluation  in the open form
     * @return array<string, mixed> with a word about what can't be explained
     */
    private function withBalance(array $evaluation, Balance $balance): array
    {
        if ($balance->isExplained()) {
            return $evaluation;
        }
        $finding = new Finding(
            'yield.unexplained',
            Severity::Mind,
            terms: [
                'grams' => Term::grams(round(abs($balance->unexplained()), 1)),
                'in' => Term::grams(round($balance->in, 1)),
            ],
            variant: $balance->unexplained() < 0 ? 'more' : 'usual',
        );

        return [
            ...$evaluation,
            'findings' => [
                ...(is_array($evaluation['findings'] ?? null) ? $evaluation['findings'] : []),
                $this->findingDocument->of($finding),
            ],
        ];
    }

    /** None where a line nobody could read, or without a weight, might change it. */
    private static function bestBefore(Evaluation $evaluation, Carbon $made): ?string
    {
        $days = $evaluation->assessment->keeping->days;
        $isOpen = array_filter(
            $evaluation->unknowns(),
            static fn (Finding $finding): bool => str_starts_with($finding->code, 'measure.'),
        ) !== [];

        return $days === null || $isOpen
            ? null
            : $made->copy()->startOfDay()->addDays((int) floor($days))->toDateString();
    }
}
