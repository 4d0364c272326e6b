<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Wording;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\Preparation;
use App\Models\StabilityTest;
use App\Pantry\LotPageFactory;
use App\Projects\ProjectStarts;
use App\Shelf\Release;
use App\Shelf\ReleaseFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * What the workroom needs, in order of urgency: what can hurt or spoil first, then what is late, then what is due.
 * Read from what every jar and lot keeps for quick lists; a thousand jars cost no more than ten.
 */
final readonly class Agenda
{
    /** Of each kind; who has more to do than this has enough to begin with. */
    private const MOST = 40;

    /** Shown at once under one heading; the rest is a press away. */
    public const AT_ONCE = 9;

    private const DAYS_AHEAD = 7;

    /** Perishables are named this long before they are to be gone. */
    private const WARN_HOURS = 18;

    private const PATCH_TEST_HOURS = 24;

    public function __construct(
        private Wording $wording,
        private ReleaseFactory $releases,
        private MakeStateFactory $makeStates,
        private LotPageFactory $lotPages,
        private ProjectStarts $projects,
        private BatchesDue $batches,
    ) {
    }

    /** @return array{now: list<Due>, tomorrow: list<Due>, week: list<Due>} */
    public function due(): array
    {
        $today = Carbon::now()->endOfDay();
        $entries = [
            ...$this->alarms(),
            ...$this->held(),
            ...$this->tooStrong(),
            ...$this->perishing(),
            ...$this->dated(),
            ...$this->straining(),
            ...$this->making(),
            ...$this->shaking(),
            ...$this->toPrepare(),
            ...$this->projects(),
            ...$this->batches->due($this->horizon()),
            ...$this->watched(),
            ...$this->patchTests(),
        ];
        $groups = ['now' => [], 'tomorrow' => [], 'week' => []];
        foreach ($entries as $entry) {
            $groups[
                $entry->at->lessThanOrEqualTo($today)
                    ? 'now'
                    : ($entry->at->lessThanOrEqualTo($today->copy()->addDay()) ? 'tomorrow' : 'week')
            ][] = $entry;
        }

        return array_map(self::sorted(...), $groups);
    }

    /**
     * @param  list<Due>  $entries
     * @return list<Due>
     */
    private static function sorted(array $entries): array
    {
        usort($entries, static fn (Due $a, Due $b): int => [$a->urgency, $a->at] <=> [$b->urgency, $b->at]);

        return $entries;
    }

    /** @return list<Due> */
    private function alarms(): array
    {
        return $this->each(
            Jar::query()->where('status', 'standing')->where('alarm', '<>', ''),
            fn (Jar $jar): Due => $this->jar($jar, 0, say('infusions.look_advice.'.$jar->alarm), Carbon::now()),
        );
    }

    /** @return list<Due> */
    private function tooStrong(): array
    {
        $query = Jar::query()
            ->where('status', 'standing')
            ->whereNotNull('too_strong_at')
            ->where('too_strong_at', '<=', $this->horizon())
            ->whereColumn('too_strong_at', '>', 'ready_at');

        return $this->each(
            $query,
            fn (Jar $jar): Due => $this->jar($jar, 1, say('today.too_strong'), $jar->too_strong_at ?? Carbon::now()),
        );
    }

    /** @return list<Due> */
    private function straining(): array
    {
        return $this->each(
            Jar::query()->where('status', 'standing')->where('strain_at', '<=', $this->horizon())->orderBy('strain_at'),
            fn (Jar $jar): Due => $this->jar($jar, 3, say('today.strain'), $jar->strain_at ?? Carbon::now()),
        );
    }

    /** @return list<Due> */
    private function shaking(): array
    {
        $query = Jar::query()
            ->where('status', 'standing')
            ->where('alarm', '')
            ->whereNotNull('shake_at')
            ->where('shake_at', '<=', $this->horizon())
            ->where(static fn ($query) => $query->whereNull('strain_at')->orWhereColumn(
                'shake_at',
                '<',
                'strain_at',
            ))->orderBy('shake_at');

        return $this->each($query, fn (Jar $jar): Due => $this->jar(
            $jar,
            5,
            say('today.shake'),
            $jar->shake_at ?? Carbon::now(),
        )
            ->with([
                'href' => route('infusion.shake', $jar),
                'label' => say('infusions.shake'),
                'fields' => ['client_key' => (string) Str::uuid(), 'back' => 'today'],
            ]));
    }

    /** @return list<Due> */
    private function perishing(): array
    {
        return $this->each(
            Lot::atHand()
                ->where('kind', 'preparation')
                ->where('good_until', '<=', Carbon::now()->addHours(self::WARN_HOURS)->toDateTimeString())
                ->orderBy('good_until'),
            function (Lot $lot): Due {
                $until = $lot->good_until ?? Carbon::now();
                $isOver = $until->lessThanOrEqualTo(Carbon::now());

                return $isOver
                    ? $this->lot($lot, 1, say('today.over'), Carbon::now())
                        ->with([
                            'href' => route('lot.discard', $lot),
                            'label' => say('pantry.do_discard'),
                            'fields' => [
                                'client_key' => (string) Str::uuid(),
                                'reason' => say('today.over_reason'),
                                'back' => 'today',
                            ],
                        ])
                    : $this->lot(
                        $lot,
                        2,
                        say(
                            'today.use_soon',
                            [
                                'grams' => $this->wording->grams($lot->grams_left),
                                'time' => $this->wording->hoursLeft($until),
                            ],
                        ),
                        Carbon::now(),
                    );
            },
        );
    }

    /** @return list<Due> */
    private function dated(): array
    {
        return $this->each(
            Lot::atHand()
                ->whereIn('kind', ['infused_oil', 'bought'])
                ->where('good_until', '<=', $this->horizon())
                ->orderBy('good_until'),
            fn (Lot $lot): Due => $this->lot(
                $lot,
                2,
                say('today.oil_turns', ['grams' => $this->wording->grams($lot->grams_left)]),
                $lot->good_until ?? Carbon::now(),
            ),
        );
    }

    /**
     * @return list<Due> batches something was seen on that nobody has answered yet, and those held or withdrawn of
     *   which some is left
     */
    private function held(): array
    {
        $due = [];
        foreach (Release::questioned()->orderByDesc('finished_at')->limit(self::MOST)->get() as $batch) {
            $release = $this->releases->of($batch);
            if ($release->asks !== '' || (! $release->isFree() && $batch->gone_at === null)) {
                $at = $release->since ?? Carbon::now();
                $due[] = new Due(
                    BatchesDue::named($batch),
                    "$batch->code. ".$release->said(),
                    Carbon::now(),
                    $this->wording->whenever($at),
                    route('batch', $batch).'#state',
                    $release->asks !== '' ? 0 : 2,
                );
            }
        }

        return $due;
    }

    /** @return list<Due> */
    private function patchTests(): array
    {
        return $this->each(
            Lot::atHand()
                ->where('kind', 'infused_oil')
                ->where('made_at', '>=', Carbon::now()->subHours(self::PATCH_TEST_HOURS)->toDateTimeString())
                ->orderBy('made_at'),
            fn (Lot $lot): Due => $this->lot($lot, 6, say('today.patch_test'), Carbon::now()),
        );
    }

    /** @return list<Due> */
    private function making(): array
    {
        return $this->each(Batch::query()
            ->where('status', 'making')
            ->with('version', 'entries')
            ->orderBy('started_at'), fn (Batch $batch): Due => new Due(
                BatchesDue::named($batch), $this->inProgress($batch), Carbon::now(),
                $this->wording->ago($batch->started_at), route('make', $batch), 4, open: say('ui.shelf.continue'),
            ));
    }

    /** Which batch, where it stands, since when: two of one formula are told apart by it. */
    private function inProgress(Batch $batch): string
    {
        $state = $this->makeStates->of($batch);
        $step = $state->now();

        return say('today.making', [
            'code' => $batch->code,
            'verb' => say("make.verb.{$step->kind->value}"),
            'n' => (string) ($state->plan->indexOf($step->key) + 1),
            'of' => (string) count($state->plan->steps), 'begun' => $this->wording->ago($batch->started_at),
        ]);
    }

    /** @return list<Due> */
    private function toPrepare(): array
    {
        return $this->each(Preparation::query()
            ->where('status', 'planned')
            ->orderBy('created_at'), fn (Preparation $preparation): Due => new Due(
                say("preparations.$preparation->method.name"),
                say('today.prepare', ['grams' => $this->wording->grams($preparation->plan['wanted'])]),
                Carbon::now(),
                '', route('preparation', $preparation), 7,
            ));
    }

    /** @return list<Due> */
    private function projects(): array
    {
        $due = [];
        foreach ($this->projects->all(self::MOST) as $want) {
            if ($want->at->lessThanOrEqualTo($this->horizon())) {
                $due[] = new Due(
                    $want->name,
                    say("projects.today.$want->what", ['name' => $want->formula->name]),
                    $want->at,
                    $this->wording->whenever($want->at),
                    route('project', $want->formula),
                    3,
                    open: say('projects.today_open'),
                );
            }
        }

        return $due;
    }

    /** @return list<Due> */
    private function watched(): array
    {
        return $this->each(StabilityTest::query()->where(
            'look_at',
            '<=',
            $this->horizon(),
        )->with('batch')->orderBy('look_at'), fn (StabilityTest $watch): Due => new Due(
            BatchesDue::named($watch->batch), say('observations.due'), $watch->look_at ?? Carbon::now(),
            $this->wording->whenever($watch->look_at ?? Carbon::now()), route('batch', $watch->batch).'#watch', 6,
        ));
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  callable(T): Due  $as
     * @return list<Due>
     */
    private function each(Builder $query, callable $as): array
    {
        return array_map($as, array_values($query->limit(self::MOST)->get()->all()));
    }

    private function jar(Jar $jar, int $urgency, string $what, Carbon $at): Due
    {
        return new Due($jar->name, $what, $at, $this->wording->whenever($at), route('infusion', $jar), $urgency);
    }

    private function lot(Lot $lot, int $urgency, string $what, Carbon $at): Due
    {
        return new Due(
            $this->lotPages->nameOf($lot, $this->wording),
            $what,
            $at,
            $this->wording->whenever($at),
            route('lot', $lot),
            $urgency,
        );
    }

    private function horizon(): string
    {
        return Carbon::now()->endOfDay()->addDays(self::DAYS_AHEAD)->toDateTimeString();
    }
}
