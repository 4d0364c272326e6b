<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\FormulaVersion;
use App\Models\Lot;
use App\Workroom\Bench\EvaluationDocument;
use App\Workroom\DayCode;
use App\Workroom\FindingDocument;
use App\Workroom\Languages;
use App\Workroom\OwnKitchen;
use App\Workroom\OwnMeasures;
use App\Workroom\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Checks\Evaluator;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Keeping\Keeping;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Process\Plan;
use Ilvane\Core\Rehearsing\Rehearse;
use Ilvane\Core\Scent\Declaration;
use Ilvane\Core\Yielding\Balance;
use Ilvane\Core\Yielding\BatchYield;

/** Starts makes, records what happens in them, finishes them. */
final readonly class MakeBook
{
    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools,
        private Evaluator $evaluator,
        private EvaluationDocument $evaluations,
        private LotBook $lots,
    ) {
    }

    /** null when the version has no total to weigh out by. */
    public function start(FormulaVersion $version, ?Carbon $at = null): ?Batch
    {
        $formula = FormulaDocument::read(app(OwnKitchen::class)->over($version->document));
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        if ($composition->total === null || $composition->known() === []) {
            return null;
        }
        $at ??= Carbon::now();

        return DB::transaction(fn (): Batch => Batch::query()->create([
            'code' => DayCode::next($at, static fn (string $code): bool => Batch::query()->where('code', $code)->exists()),
            'formula_version_id' => $version->id,
            'document' => app(OwnKitchen::class)->over($version->document),
            'status' => 'making',
            'at_step' => Plan::of($formula, $composition)->steps[0]->key,
            'started_at' => $at,
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
            'batch_id' => $batch->id, 'step' => $entry['step'], 'kind' => $entry['kind'], 'subject' => $entry['subject'] ?? '',
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

    /** Works out once and for all what was made; a finished batch is never computed again. */
    public function finish(Batch $batch, float $filled, int $containers, ?Carbon $at = null): void
    {
        $at ??= Carbon::now();
        $state = MakeState::of($batch->load('entries'));
        $evaluation = $this->evaluator->evaluate($state->formulaAsMade(), onBatch: true, madeOn: $at->toDateTimeImmutable());
        $keeping = $evaluation->assessment->keeping;
        $yield = new BatchYield($state->gramsIn(), $filled);
        $rehearsal = Rehearse::formula($this->evaluator->evaluate($state->formula)->assessment, $this->catalogue);
        $steam = $rehearsal->waterLost * $state->factor;
        $balance = Balance::of($state->gramsIn(), $filled, $state->sumOf('sample'), $state->strainedOut(), $steam, OwnMakes::learned()['bowl']->value);
        $document = fn (): array => self::withBalance($this->evaluations->of($evaluation), $balance);
        $outcome = [
            'evaluation' => $document(),
            'said' => array_map(Outcome::words(...), Languages::inEach($document)),
            'balance' => $balance->parts(),
            'taught' => ['bowl' => $balance->isExplained() ? $balance->bowlShare() : null, 'overrun' => $state->overrun(), 'cooling' => OwnMakes::cooledFaster($state, $rehearsal), 'uptake' => $state->keptByPlants(), 'drops' => $state->dropsMl()],
            'contents' => ContentsList::of($evaluation->assessment->composition)->shares,
            'declared' => array_keys(Declaration::of($evaluation->assessment->scent->lines, $state->formula->use, $this->catalogue)),
            'planned' => array_map(static fn ($line): ?float => $line->grams?->likely, $state->composition->lines),
            'yield' => ['in' => $yield->in, 'filled' => $yield->filled, 'missing' => $yield->missing(), 'percent' => $yield->percent()],
            'cost' => BatchCost::of($state),
            'containers' => $containers,
            'ph' => $state->ph(),
            'stops' => $evaluation->count(Severity::Stop),
            'no_date' => $keeping->refused,
        ];
        DB::transaction(function () use ($batch, $outcome, $keeping, $filled, $at, $state): void {
            $batch->forceFill([
                'status' => 'finished', 'finished_at' => $at, 'outcome' => $outcome,
                'best_before' => self::bestBefore($keeping, $at), 'grams_left' => $filled,
            ])->save();
            $this->drawDown($batch, $state, $at);
            OwnMeasures::learnDrops($state->dropsMl());
        });
    }

    /** What was weighed out of a lot is gone from it; more than the lot held empties it and is no reason to stop. */
    private function drawDown(Batch $batch, MakeState $state, Carbon $at): void
    {
        foreach ($state->composition->lines as $line) {
            $code = $state->lotOf($line->position);
            $lot = $code === null ? null : Lot::atHand()->where('code', $code)->first();
            $grams = $state->weightOf($line->position) ?? $line->grams?->likely;
            if ($lot !== null && $grams !== null && $grams > 0) {
                $this->lots->use($lot, min($grams, $lot->grams_left), $batch->code, $at, "batch-$batch->id-$line->position");
            }
        }
    }

    /**
     * @param  array<string, mixed>  $evaluation  in the open form
     * @return array<string, mixed> with a word about what can't be explained
     */
    private static function withBalance(array $evaluation, Balance $balance): array
    {
        if ($balance->isExplained()) {
            return $evaluation;
        }
        $finding = new Finding('yield.unexplained', Severity::Mind, terms: ['grams' => Term::grams(round(abs($balance->unexplained()), 1)), 'in' => Term::grams(round($balance->in, 1))], variant: $balance->unexplained() < 0 ? 'more' : 'usual');

        return [...$evaluation, 'findings' => [...(is_array($evaluation['findings'] ?? null) ? $evaluation['findings'] : []), app(FindingDocument::class)->of($finding)]];
    }

    private static function bestBefore(Keeping $keeping, Carbon $made): ?string
    {
        return $keeping->days === null ? null : $made->copy()->startOfDay()->addDays((int) floor($keeping->days))->toDateString();
    }
}
