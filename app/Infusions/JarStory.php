<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Models\Enums\JarEntryKind;
use App\Models\Jar;
use App\Models\JarEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\Jar as JarNow;
use Ilvane\Core\Infusion\JarLife;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\Steeping;

/** A filled jar as its entries tell it: what counts of them, and the model run along them. */
final readonly class JarStory
{
    private const SECONDS_PER_DAY = 86_400.0;

    /** @param  list<JarEntry>  $entries  those that count, in order of time */
    public function __construct(
        public Jar $jar,
        public InfusionPlan $plan,
        public array $entries,
        public JarLife $life,
        public Carbon $now,
        public bool $clockIsBehind,
        private Planner $planner,
    ) {
    }

    /**
     * Without what was undone, and without the undoing.
     *
     * @param  Collection<int, JarEntry>  $entries
     * @return list<JarEntry>
     */
    public static function counting(Collection $entries): array
    {
        $undone = $entries->where('kind', 'undo')->pluck('subject')->all();
        $counting = array_values($entries->filter(
            static fn (JarEntry $entry): bool => $entry->kind !== JarEntryKind::Undo
                && ! in_array((string) $entry->id, $undone, true),
        )->all());
        usort(
            $counting,
            static fn (JarEntry $a, JarEntry $b): int => [$a->happened_at, $a->id] <=> [$b->happened_at, $b->id],
        );

        return $counting;
    }

    public static function daysBetween(Carbon $from, Carbon $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / self::SECONDS_PER_DAY);
    }

    public function steeping(): Steeping
    {
        return $this->life->steeping();
    }

    public function state(): JarNow
    {
        return $this->steeping()->at($this->life->today);
    }

    public function start(): Carbon
    {
        return $this->jar->started_at ?? $this->now;
    }

    public function at(float $day): Carbon
    {
        return $this->start()->copy()->addSeconds((int) round($day * self::SECONDS_PER_DAY));
    }

    /** @return list<JarEntry> */
    public function ofKind(string $kind): array
    {
        return array_values(array_filter(
            $this->entries,
            static fn (JarEntry $entry): bool => $entry->kind->value === $kind,
        ));
    }

    /** The last thing looked at and not undone. */
    public function lastLook(): ?JarEntry
    {
        $looks = $this->ofKind('look');

        return $looks === [] ? null : $looks[count($looks) - 1];
    }

    /**
     * How far the water is cooked out, by the first and the last weighing of the pot; null before it was weighed, and
     * where nothing is cooked out.
     */
    public function cookOut(): ?CookOut
    {
        $pots = $this->ofKind('pot');
        if ($this->plan->method !== Method::CookOut || $pots === []) {
            return null;
        }
        $water = array_sum(array_map(
            static fn (InPart $plant): float => $plant->waterGrams(),
            $this->life->contents->plants,
        ));

        return new CookOut($water, (float) $pots[0]->value, (float) $pots[count($pots) - 1]->value);
    }

    /**
     * Grams of water that may still be in an oil that is cooked out: all of it while the pot was never weighed; 0 for
     * other jars.
     */
    public function waterLeft(): float
    {
        $water = $this->planner->infusion($this->plan)->waterToDriveOut();

        return $this->plan->method !== Method::CookOut || $water <= 0.0 ? 0.0 : $this->cookOut()?->left() ?? $water;
    }

    /** First day the oil is ready, from filling; null if that never comes. */
    public function ready(): ?float
    {
        return $this->steeping()->first(...Infusion::readyWhen($this->plan));
    }

    /** @return array{Carbon|null, Carbon|null} from and to when it may be ready: plants and jars differ */
    public function readyBetween(): array
    {
        [$from, $to] = $this->steeping()->between(...Infusion::readyWhen($this->plan));

        return [$from === null ? null : $this->at($from), $to === null ? null : $this->at($to)];
    }

    /** First day it is too strong to be used as it is. */
    public function tooStrong(): ?float
    {
        $limits = $this->life->contents->useLimits($this->plan->use);

        return $this
            ->steeping()
            ->first(static fn (JarNow $jar): float => Infusion::nearestToLimit($jar, $limits), 1.0 + 1e-9);
    }

    /**
     * What a list of many jars needs to know of this one, without working it out again.
     *
     * @return array{shake_at: Carbon|null, ready_at: Carbon|null, strain_at: Carbon|null, too_strong_at: Carbon|null,
     *   alarm: string}
     */
    public function milestones(): array
    {
        $at = fn (?float $day): ?Carbon => $day === null || ! $this->jar->isStanding() ? null : $this->at($day);
        $look = $this->lastLook()->subject ?? '';

        return [
            'shake_at' => $at($this->life->nextShake()),
            'ready_at' => $at($this->ready()),
            'strain_at' => $at($this->plan->days),
            'too_strong_at' => $at($this->tooStrong()),
            'alarm' => $this->jar->isStanding() && in_array($look, self::ALARMING, true) ? $look : '',
        ];
    }

    /** Looks after which nothing is to be saved. */
    public const ALARMING = ['bubbles', 'mould', 'rancid'];
}
