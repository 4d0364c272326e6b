<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Models\Jar;
use App\Models\JarEntry;
use Illuminate\Support\Carbon;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\JarContents;
use Ilvane\Core\Infusion\JarLife;
use Ilvane\Core\Infusion\OilMoved;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

/** Builds what JarStory shows. */
final readonly class JarStoryFactory
{
    public function __construct(
        private Catalogue $catalogue,
        private Tools $tools,
        private Planner $planner,
    ) {
    }

    public function of(Jar $jar, ?Carbon $now = null): JarStory
    {
        $plan = InfusionPlanDocument::read($jar->plan);
        $contents = JarContents::of($plan, $this->catalogue, $this->tools);
        $entries = JarStory::counting($jar->entries);
        $now ??= Carbon::now();
        $start = $jar->started_at ?? $now;
        // a clock set back does not undo what happened
        $latest = max([$start, ...array_map(static fn (JarEntry $entry): Carbon => $entry->happened_at, $entries)]);
        $today = JarStory::daysBetween($start, $jar->ended_at ?? max($now, $latest));

        return new JarStory(
            $jar,
            $plan,
            $entries,
            self::life($plan, $contents, $entries, $start, $today),
            $now,
            $latest->greaterThan($now->copy()->addMinutes(5)), planner: $this->planner,
        );
    }

    /** @param  list<JarEntry>  $entries */
    private static function life(
        InfusionPlan $plan,
        JarContents $contents,
        array $entries,
        Carbon $start,
        float $today,
    ): JarLife {
        $shakes = $readings = $moved = [];
        foreach ($entries as $entry) {
            $day = JarStory::daysBetween($start, $entry->happened_at);
            match ($entry->kind->value) {
                'shake' => $shakes[] = $day,
                'temperature' => $readings[] = ['day' => $day, 'celsius' => (float) $entry->value],
                'take_out' => $moved[] = new OilMoved($day, takenOut: (float) $entry->value),
                'top_up' => $moved[] = new OilMoved($day, toppedUp: (float) $entry->value),
                default => null,
            };
        }

        return new JarLife($plan, $contents, $shakes, $readings, $moved, $today);
    }
}
