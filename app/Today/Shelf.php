<?php

declare(strict_types=1);

namespace App\Today;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Formulas\Draft;
use App\Ground\Card;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Infusions\JarStory;
use App\Make\MakeState;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Pantry\LotPage;
use App\Shelf\Release;
use App\Shelf\ShelfBook;
use App\Shelf\ShelfPage;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Evaluator;
use Ilvane\Core\Safety\Severity;

/** What stands in the workroom, as drawn things with a state. */
final readonly class Shelf
{
    private const SHOWN = 12;

    /** Drawing units the tallest thing on a shelf stands high. */
    private const STANDS = 120.0;

    /** A vessel of so many millimetres stands the full height; the others to the same scale. */
    private const TALLEST_MM = 130.0;

    /** A temperature measured longer ago than this says nothing of now. */
    private const STILL_TRUE_HOURS = 2;

    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private Catalogue $catalogue,
        private Tools $tools,
        private Evaluator $evaluator,
        private float $stands = self::STANDS,
    ) {
    }

    /** The same shelf drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self($this->wording, $this->vessels, $this->catalogue, $this->tools, $this->evaluator, $stands);
    }

    /** @return list<Card> makes in hand, the latest first */
    public function making(): array
    {
        return array_values(Batch::query()->where('status', 'making')->with('version', 'entries')->orderByDesc('started_at')->limit(self::SHOWN)->get()
            ->map(fn (Batch $batch): Card => $this->half($batch))->all());
    }

    /** @return list<Card> formulas, the one worked on last first */
    public function onTheBench(): array
    {
        return array_values(Formula::query()->orderByDesc('updated_at')->limit(self::SHOWN)->get()
            ->map(fn (Formula $formula): Card => $this->formula($formula))->all());
    }

    /** @return list<Card> jars that stand, the one that wants something first at the front */
    public function standing(int $most = self::SHOWN): array
    {
        return array_values(Jar::query()->where('status', 'standing')->orderByRaw('MIN(COALESCE(shake_at, strain_at), strain_at)')->with('entries')->limit($most)->get()
            ->map(fn (Jar $jar): Card => $this->jar($jar))->all());
    }

    /** @return list<Card> plans not yet filled, the latest first */
    public function plannedJars(): array
    {
        return array_values(Jar::query()->where('status', 'planned')->orderByDesc('updated_at')->limit(self::SHOWN)->get()->map(fn (Jar $jar): Card => new Card(
            'planned', $jar->name, route('jar', $jar), Section::draw(Profile::of('jar', 500), [], 0, $this->stands, tallest: self::TALLEST_MM), say('jars.state.planned'),
        ))->all());
    }

    /** @return list<Jar> */
    public function doneJars(): array
    {
        return array_values(Jar::query()->whereIn('status', ['strained', 'discarded'])->orderByDesc('ended_at')->limit(self::SHOWN)->get()->all());
    }

    /**
     * @param  string  $kind  infused_oil | preparation
     * @return list<Card> what is at hand, what turns first at the front
     */
    public function lots(string $kind, int $most = self::SHOWN): array
    {
        return $this->lotsDrawn(Lot::atHand()->where('kind', $kind)->orderByRaw('good_until IS NULL, good_until')->limit($most)->get());
    }

    /**
     * @param  Collection<int, Lot>  $lots
     * @return list<Card>
     */
    public function lotsDrawn(Collection $lots): array
    {
        return array_values($lots->map(fn (Lot $lot): Card => new Card(
            'lot', LotPage::nameOf($lot, $this->wording), route('lot', $lot), LotPage::vessel($lot, $this->stands, self::TALLEST_MM),
            LotPage::date($lot, $this->wording), LotPage::brief($lot, $this->wording),
            $this->wording->grams($lot->grams_left).' '.say('pantry.left').', '.say("pantry.stands.$lot->storage"), $lot->code,
            isUrgent: LotPage::isOver($lot), life: LotPage::lifeLeft($lot),
        ))->all());
    }

    /** @return list<Lot> */
    public function goneLots(): array
    {
        return array_values(Lot::query()->whereNotNull('gone_at')->orderByDesc('gone_at')->limit(self::SHOWN)->get()->all());
    }

    private function jar(Jar $jar): Card
    {
        $story = JarStory::of($jar);
        $state = $story->state();
        $contents = $story->life->contents;
        $shake = $jar->shake_at;
        $wants = $shake !== null && $shake->lessThanOrEqualTo(Carbon::now()->endOfDay()) && $jar->alarm === '' && ($jar->strain_at === null || $shake->lessThan($jar->strain_at));
        $strain = $jar->strain_at !== null && $jar->strain_at->lessThanOrEqualTo(Carbon::now()->endOfDay());

        return new Card(
            kind: 'jar',
            name: $jar->name,
            href: route('jar', $jar),
            brief: say($jar->alarm !== '' ? 'today.brief_alarm' : ($strain ? 'today.brief_strain' : ($wants ? 'today.brief_shake' : 'today.brief_day')), ['day' => (int) floor($story->life->today)]),
            state: match (true) {
                $jar->alarm !== '' => say("jars.looks.$jar->alarm"),
                $strain => say('today.strain'),
                $wants => say('today.shake'),
                $jar->ready_at !== null && $jar->ready_at->isPast() => say('jars.state.ready', ['when' => $this->wording->shortDate($jar->ready_at)]),
                $jar->ready_at !== null => say('jars.state.not_ready', ['when' => $this->wording->whenever($jar->ready_at)]),
                default => '',
            },
            detail: ($story->plan->inMinutes ? '' : say('jars.state.standing', ['day' => (int) floor($story->life->today)]).', ').say('pantry.strength', ['strength' => $this->wording->number($state->strength(), 1)]),
            code: (string) $jar->code,
            vessel: $this->vessels->infusing($contents, $contents->roomWith($story->life->oil()), min(1.0, $state->extracted()), 0, $this->stands, closed: true, tallest: self::TALLEST_MM),
            isUrgent: $jar->alarm !== '',
            leans: $wants,
        );
    }

    private function half(Batch $batch): Card
    {
        $state = MakeState::of($batch);
        $step = $state->now();
        $reading = $batch->entries->where('kind', 'temperature')->last();

        return new Card(
            name: $state->formula->name,
            brief: say("make.verb.{$step->kind->value}"),
            state: say('ui.shelf.at_step', ['verb' => say("make.verb.{$step->kind->value}"), 'n' => $state->plan->indexOf($step->key) + 1, 'of' => count($state->plan->steps)]),
            detail: say('ui.shelf.begun', ['when' => $this->wording->ago($batch->started_at)]),
            code: $batch->code,
            href: route('make', $batch),
            vessel: $this->vessels->soFar($state, $this->stands, self::TALLEST_MM),
            kind: 'making',
            isUrgent: true,
            celsius: $reading !== null && $reading->recorded_at->greaterThan(Carbon::now()->subHours(self::STILL_TRUE_HOURS)) ? (float) $reading->value : null,
        );
    }

    /** @return list<Card> finished and still there, what turns first at the front */
    public function onShelf(int $most = self::SHOWN): array
    {
        return $this->finished(Batch::query()->where('status', 'finished')->whereNull('gone_at')->orderByRaw('best_before IS NULL, best_before, id')->with('shelfEntries', 'sightings')->limit($most)->get());
    }

    /**
     * @param  iterable<Batch>  $batches
     * @return list<Card>
     */
    public function finished(iterable $batches): array
    {
        $things = [];
        foreach ($batches as $batch) {
            $things[] = $this->made($batch);
        }

        return $things;
    }

    private function made(Batch $batch): Card
    {
        $formula = FormulaDocument::read($batch->document);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        $left = $batch->best_before === null ? null : (int) Carbon::now()->startOfDay()->diffInDays($batch->best_before);
        $release = Release::of($batch);

        return new Card(
            name: $formula->name,
            state: match (true) {
                ! $release->isFree() => say("made.release.state.$release->state"),
                $left === null => say('ui.shelf.no_date'),
                $left < 0 => say('ui.shelf.overdue'),
                default => say('ui.shelf.keeps', ['days' => $this->wording->days($left)]),
            },
            brief: match (true) {
                ! $release->isFree() => say("made.release.state.$release->state"),
                $left === null => '',
                $left < 0 => say('today.brief_over'),
                default => $this->wording->days($left),
            },
            detail: $this->wording->grams((float) $batch->grams_left).' '.say('pantry.left').($batch->stands === '' ? '' : ", $batch->stands").'. '.say('ui.shelf.made', ['when' => $this->wording->ago($batch->finished_at ?? $batch->started_at)]),
            code: $batch->code,
            href: route('batch', $batch),
            vessel: $this->vessels->small($composition, $formula->family, true, $this->stands, (float) $batch->grams_left / max(1e-9, ShelfBook::filled($batch)), self::TALLEST_MM),
            kind: 'made',
            isUrgent: ! $release->isFree() || ($left !== null && $left < 0),
            life: $release->isFree() ? ShelfPage::lifeLeft($batch) : 0.0,
        );
    }

    public function formula(Formula $formula): Card
    {
        [$read] = Draft::fromStored($formula->draft)->formula();
        $evaluation = $this->evaluator->evaluate($read, madeOn: Carbon::now()->toDateTimeImmutable());
        $stops = count($evaluation->stops());
        $unknowns = count($evaluation->unknowns());
        $minds = $evaluation->count(Severity::Mind);

        return new Card(
            name: $formula->name,
            state: match (true) {
                $evaluation->assessment->composition->known() === [] => say('ui.shelf.empty_formula'),
                $stops > 0 => trans_choice('ui.shelf.stops', $stops),
                $unknowns > 0 => say('ui.shelf.unknown'),
                $minds > 0 => trans_choice('ui.shelf.minds', $minds),
                default => say('words.regime.'.$evaluation->assessment->preservation->regime->value).', '.mb_strtolower(say('findings.verdict.sound')),
            },
            brief: $stops + $unknowns + $minds === 0 ? '' : (string) ($stops + $unknowns + $minds),
            detail: say('words.family.'.$read->family->value),
            href: route('bench', $formula),
            vessel: $this->vessels->small($evaluation->assessment->composition, $read->family, false, $this->stands, tallest: self::TALLEST_MM),
            kind: 'formula',
        );
    }
}
