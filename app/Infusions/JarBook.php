<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\ChangedElsewhere;
use App\Ground\DayCode;
use App\Ground\Drafts\ActionRefused;
use App\Ground\Drafts\DraftFields;
use App\Ground\Drafts\DraftHistory;
use App\Ground\Drafts\DraftTurn;
use App\Ground\LearnedUptake;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Enums\JarEntryKind;
use App\Models\Jar;
use App\Models\JarEntry;
use App\Models\Lot;
use App\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;

/** Plans jars, fills them, writes down what happens to them, strains them. History is only ever added to. */
final readonly class JarBook
{
    /** Less drawn than this part of what the oil can hold, and straining is asked about. A guess. */
    private const HARDLY_DRAWN = 0.1;

    public function __construct(
        private LotBook $lots,
        private Wording $wording,
        private JarStoryFactory $jarStories,
        private Planner $planner,
    ) {
    }

    public function begin(PlanDraft $draft): Jar
    {
        return Jar::query()
            ->create(['name' => $draft->name(), 'draft' => $draft->toStored(), 'revision' => 1, 'status' => 'planned'])
            ->refresh();
    }

    /**
     * One exchange with the page of a plan: saves what was typed, does what was pressed.
     *
     * @param  callable(PlanDraft, string): PlanDraft  $press
     * @return string why what was pressed could not be done; "" where it could
     *
     * @throws ChangedElsewhere
     */
    public function plan(Jar $jar, DraftTurn $turn, callable $press): string
    {
        return DB::transaction(function () use ($jar, $turn, $press): string {
            $jar->refresh();
            $history = DraftHistory::of($jar);
            if (! $jar->isPlanned() || $turn->isDone($history)) {
                return '';
            }
            $at = static function (int $revision) use ($history): ?PlanDraft {
                $state = $history->stateAt($revision);

                return $state === null ? null : PlanDraft::fromStored($state);
            };
            [$typed, $isMerged] = $turn->onto(PlanDraft::fromStored($jar->draft), $jar->revision, $at);
            $isPress = $turn->do !== '' && $turn->wins() === null;
            self::save(
                $jar,
                $press($typed, ''),
                [$isMerged ? 'merged' : 'typed', ''],
                $turn->edit,
                $isPress ? '' : $turn->key,
            );
            if ($turn->do === 'undo' || $turn->do === 'redo') {
                DraftHistory::of($jar)->step($turn->do === 'undo', $turn->key);
            } elseif ($isPress) {
                try {
                    self::save(
                        $jar,
                        $press(PlanDraft::fromStored($jar->draft), $turn->do),
                        [explode(':', $turn->do)[0], ''],
                        '',
                        $turn->key,
                    );
                } catch (ActionRefused $refused) {
                    return $refused->said();
                }
            }

            return '';
        });
    }

    /**
     * @param  array{string, string}  $did  word key of the change and what it was about; typed changes find it
     *   themselves
     */
    private static function save(Jar $jar, PlanDraft $draft, array $did, string $edit, string $key): void
    {
        $changed = DraftFields::changed(PlanDraft::fromStored($jar->draft), $draft);
        if ($changed !== []) {
            DraftHistory::of($jar)->add(
                $draft,
                $did[0],
                $did[0] === 'typed' ? implode(' ', $changed) : $did[1],
                $edit,
                $key,
            );
        }
    }

    /** Plans are thrown away at will; a filled jar never is. */
    public function drop(Jar $jar): void
    {
        Jar::query()->whereKey($jar->id)->where('status', 'planned')->delete();
    }

    /** Fills the jar: from here on the plan stays as it is. Filling it twice does nothing. */
    public function start(Jar $jar, Infusion $infusion, Carbon $at): void
    {
        DB::transaction(function () use ($jar, $infusion, $at): void {
            if (! $jar->refresh()->isPlanned()) {
                return;
            }
            $jar->forceFill([
                'name' => $infusion->plan->name,
                'plan' => InfusionPlanDocument::write($infusion->plan),
                'status' => 'standing',
                'started_at' => $at,
                'code' => DayCode::next(
                    $at,
                    static fn (string $code): bool => Jar::query()->where('code', $code)->exists(),
                    'J',
                ),
            ])->save();
            $this->refreshMilestones($jar);
            $spent = PlanDraft::fromStored($jar->draft)->spent();
            $cake = $spent === '' ? null : Lot::atHand()->where('code', $spent)->first();
            if ($cake !== null) {
                $this->lots->use($cake, $cake->grams_left, (string) $jar->code, $at, "jar-$jar->id-spent");
            }
            $plants = $cake === null ? $infusion->contents->plants : [];
            foreach ([...$plants, ...$infusion->contents->oils] as $i => $part) {
                $this->lots->takeInTurn(
                    $part->ingredient->key,
                    $part->grams->likely,
                    (string) $jar->code,
                    $at,
                    "jar-$jar->id-$i",
                );
            }
        });
    }

    private function refreshMilestones(Jar $jar): void
    {
        $jar->forceFill($this->jarStories->of($jar->load('entries'))->milestones())->save();
    }

    /** @throws Refused when it stands no more */
    private function standing(Jar $jar): Jar
    {
        $jar->refresh();

        return $jar->isStanding()
            ? $jar
            : throw Refused::notStanding(
                'jar',
                $jar->ended_at === null ? '' : $this->wording->shortDate($jar->ended_at),
            );
    }

    /** The same client key is recorded once, so that a form sent twice does no harm. */
    private function add(
        Jar $jar,
        string $kind,
        Carbon $at,
        string $clientKey,
        ?float $value = null,
        string $subject = '',
        string $note = '',
    ): void {
        JarEntry::once([
            'jar_id' => $jar->id,
            'kind' => $kind,
            'value' => $value,
            'subject' => $subject,
            'note' => mb_substr($note, 0, 500),
            'client_key' => $clientKey,
            'happened_at' => $at->toDateTimeString(),
            'recorded_at' => Carbon::now()->toDateTimeString(),
        ]);
        $this->refreshMilestones($jar);
    }

    /** @throws Refused */
    public function shake(Jar $jar, Carbon $at, string $clientKey): void
    {
        $this->add($this->standing($jar), 'shake', $at, $clientKey);
    }

    /** @throws Refused */
    public function note(Jar $jar, ?float $celsius, string $look, string $note, Carbon $at, string $clientKey): void
    {
        $this->standing($jar);
        if ($celsius !== null) {
            $this->add($jar, 'temperature', $at, $clientKey.'-t', $celsius);
        }
        if ($look !== '') {
            $this->add($jar, 'look', $at, $clientKey.'-l', subject: $look, note: $note);
        }
    }

    /**
     * What the pot weighs with all that is in it, while water is cooked out.
     *
     * @throws Refused
     */
    public function weighPot(Jar $jar, float $grams, Carbon $at, string $clientKey): void
    {
        $this->add($this->standing($jar), 'pot', $at, $clientKey, $grams);
    }

    /**
     * Oil out, oil in, or both. What is taken out becomes a lot of its own.
     *
     * @param  bool  $sure  more may go in than was taken
     *
     * @throws Refused
     */
    public function move(
        Jar $jar,
        float $takeOut,
        float $topUp,
        Carbon $at,
        string $clientKey,
        bool $sure = false,
    ): ?Lot {
        return DB::transaction(function () use ($jar, $takeOut, $topUp, $at, $clientKey, $sure): ?Lot {
            $this->standing($jar);
            if (self::isMoved($jar, $takeOut, $topUp, $clientKey)) {
                return null;
            }
            $before = $this->jarStories->of($jar->load('entries'));
            $this->refuseWhatCantBe($before, $takeOut, $topUp, $at, $sure);
            $lot = null;
            if ($takeOut > 0) {
                $strength = $before->steeping()->at(JarStory::daysBetween($before->start(), $at))->strength();
                $this->add($jar, 'take_out', $at, $clientKey.'-o', $takeOut);
                $lot = $this->lots->putInfused(
                    $jar,
                    $before->life->contents,
                    $takeOut,
                    $strength,
                    $at,
                    $this->goodUntil($jar),
                );
            }
            if ($topUp > 0) {
                $this->add($jar, 'top_up', $at, $clientKey.'-i', $topUp);
            }

            return $lot;
        });
    }

    /** Whether just this was told before: both halves, or the one there was. */
    private static function isMoved(Jar $jar, float $takeOut, float $topUp, string $clientKey): bool
    {
        $isOut = JarEntry::isTold([
            'jar_id' => $jar->id,
            'kind' => 'take_out',
            'value' => $takeOut,
            'client_key' => "$clientKey-o",
        ]);
        $isIn = JarEntry::isTold([
            'jar_id' => $jar->id,
            'kind' => 'top_up',
            'value' => $topUp,
            'client_key' => "$clientKey-i",
        ]);

        return $isOut || $isIn;
    }

    private function refuseWhatCantBe(JarStory $story, float $takeOut, float $topUp, Carbon $at, bool $sure): void
    {
        $least = $story->life->leastOilFrom(JarStory::daysBetween($story->start(), $at));
        if ($takeOut >= $least) {
            throw Refused::moreThanThereIs('take_out', $this->wording->grams($least));
        }
        $after = $story->life->contents->roomWith($story->life->oil() - $takeOut + $topUp);
        if ($topUp > 0 && $after->fits() === false) {
            throw Refused::runsOver(
                'top_up',
                $this->wording->number($after->levelMl(), 0),
                $this->wording->number((float) $after->jarMl, 0),
            );
        }
        if ($topUp > $story->life->missing() + $takeOut + 0.05 && ! $sure) {
            throw Refused::moreThanTaken('top_up', $this->wording->grams($story->life->missing() + $takeOut));
        }
    }

    /**
     * Strains it: what ran through and what pressing gave become a lot, what the plant kept is learned.
     *
     * @throws Refused
     */
    public function strain(
        Jar $jar,
        float $drained,
        float $pressed,
        Carbon $at,
        string $clientKey,
        bool $sure = false,
    ): Lot {
        return DB::transaction(function () use ($jar, $drained, $pressed, $at, $clientKey, $sure): Lot {
            $this->standing($jar);
            $story = $this->jarStories->of($jar->load('entries'));
            $out = $drained + $pressed;
            $oil = $story->life->oil();
            if ($out > $oil * 1.005 + 0.5 && ! $sure) {
                throw Refused::moreThanWentIn('strained', $this->wording->grams($oil));
            }
            $left = $story->waterLeft();
            if (! $sure) {
                $this->refuseTooEarly($story, $left);
            }
            $last = max([
                $story->start(),
                ...array_map(static fn (JarEntry $entry): Carbon => $entry->happened_at, $story->entries),
            ]);
            $at = max($at, $last);
            $day = JarStory::daysBetween($story->start(), $at);
            $state = $story->steeping()->at(min($day, $story->life->lasts()));
            $this->add($jar, 'strain', $at, $clientKey, $out);
            $jar->forceFill(['status' => 'strained', 'ended_at' => $at, 'outcome' => [
                'oil_in' => $oil,
                'drained' => $drained,
                'pressed' => $pressed,
                'strength' => $state->strength(),
                'extracted' => $state->extracted(),
                'kept' => $state->kept,
                'uptake' => $left > 0.0
                    ? []
                    : LearnedUptake::shared($story->life->contents->plants, max(0.0, $oil - $out)),
                'water_left' => $left,
            ]])->save();
            $this->refreshMilestones($jar);

            return $left > 0.0
                ? $this->lots->putInfused(
                    $jar,
                    $story->life->contents,
                    $out,
                    $state->strength(),
                    $at,
                    $at->copy()->addDays(CookOut::WET_DAYS),
                    Storage::Fridge,
                )
                : $this->lots->putInfused(
                    $jar,
                    $story->life->contents,
                    $out,
                    $state->strength(),
                    $at,
                    $this->goodUntil($jar),
                );
        });
    }

    /** @throws Refused where water is still in it, or hardly anything is drawn */
    private function refuseTooEarly(JarStory $story, float $waterLeft): void
    {
        if ($waterLeft > 0.0) {
            throw Refused::stillWet(
                'strained',
                $story->cookOut() !== null,
                $this->wording->grams(round($waterLeft, 1)),
                (string) CookOut::WET_DAYS,
            );
        }
        $extracted = $story->state()->extracted();
        if ($extracted < self::HARDLY_DRAWN) {
            throw Refused::tooEarly('strained', $this->wording->percent(round(100 * $extracted)));
        }
    }

    /** @throws Refused */
    public function discard(Jar $jar, string $reason, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($jar, $reason, $at, $clientKey): void {
            $this->standing($jar);
            if (trim($reason) === '') {
                throw Refused::noReason('reason');
            }
            $this->add($jar, 'discard', $at, $clientKey, subject: mb_substr(trim($reason), 0, 200));
            $jar->forceFill(['status' => 'discarded', 'ended_at' => $at])->save();
            $this->refreshMilestones($jar);
        });
    }

    /**
     * Takes an entry back by adding one that says so. A lot it made goes with it, unless something was made of it.
     *
     * @throws Refused
     */
    public function undo(Jar $jar, JarEntry $entry, string $clientKey): void
    {
        DB::transaction(function () use ($jar, $entry, $clientKey): void {
            $jar->refresh();
            if (JarEntry::query()->where('jar_id', $jar->id)->where('kind', 'undo')->where(
                'subject',
                (string) $entry->id,
            )->exists()) {
                return;
            }
            $ends = in_array($entry->kind, [JarEntryKind::Strain, JarEntryKind::Discard], true);
            if (! $jar->isStanding() && ! $ends) {
                throw Refused::notStanding(
                    'jar',
                    $jar->ended_at === null ? '' : $this->wording->shortDate($jar->ended_at),
                );
            }
            if (in_array($entry->kind, [JarEntryKind::TakeOut, JarEntryKind::Strain], true)) {
                $this->lots->takeBack($jar, (float) $entry->value, $entry->happened_at);
            }
            $this->add($jar, 'undo', Carbon::now(), $clientKey, subject: (string) $entry->id);
            if ($ends) {
                $jar->forceFill(['status' => 'standing', 'ended_at' => null, 'outcome' => null])->save();
                $this->refreshMilestones($jar);
            }
        });
    }

    private function goodUntil(Jar $jar): ?Carbon
    {
        $days = $this->planner->infusion(InfusionPlanDocument::read($jar->plan))->keepsDays();

        return $days === null ? null : $jar->started_at?->copy()->addDays((int) $days);
    }
}
