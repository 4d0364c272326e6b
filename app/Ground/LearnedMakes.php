<?php

declare(strict_types=1);

namespace App\Ground;

use App\Models\Batch;
use Illuminate\Support\Carbon;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Yield\Balance;

/**
 * What this maker's batches have taught: what bowl and tools keep, how much air the mixer beats in, how fast a vessel
 * cools.
 */
final class LearnedMakes
{
    private const LOOKED_AT = 100;

    private const NAME = 'learned_since';

    /** How wide a vessel may differ from the usual figure before anything is known of it. A guess. */
    private const USUAL_COOLING = [0.7, 1.0, 1.4];

    /** Rims and draughts: how far the steam off a pot may differ. A guess. */
    private const USUAL_STEAMING = [0.6, 1.0, 1.6];

    /** @return array{bowl: Learned, overrun: Learned} fractions */
    public static function learned(): array
    {
        $records = self::records();

        return [
            'bowl' => Learned::from(
                Band::of(...Balance::USUAL_BOWL),
                $records['bowl'],
            )->pinnedTo(LearnedPins::of('bowl')),
            'overrun' => Learned::from(Whip::usualOverrun(), $records['overrun'])->pinnedTo(LearnedPins::of('overrun')),
        ];
    }

    /** @return array<string, Learned> how much faster than usual, by "vessel/how" */
    public static function cooling(): array
    {
        return self::ratios('cooling', self::USUAL_COOLING);
    }

    /** @return array<string, Learned> how much more than usual steams off, by "vessel/steam" */
    public static function steaming(): array
    {
        return self::ratios('steaming', self::USUAL_STEAMING);
    }

    /**
     * @param  array{float, float, float}  $usual
     * @return array<string, Learned>
     */
    private static function ratios(string $what, array $usual): array
    {
        $records = [];
        foreach (self::taught($what) as $one) {
            if (is_array($one) && is_string($one['in'] ?? null) && is_numeric($one['ratio'] ?? null)) {
                $records[$one['in']][] = (float) $one['ratio'];
            }
        }
        $learned = [];
        foreach ($records as $in => $ratios) {
            $learned[$in] = Learned::from(Band::of(...$usual), $ratios)->pinnedTo(LearnedPins::of("$what/$in"));
        }

        return $learned;
    }

    /** @return array<string, float> for the rehearsal */
    public static function flows(): array
    {
        return array_map(
            static fn (Learned $learned): float => $learned->value->likely,
            [...self::cooling(), ...self::steaming()],
        );
    }

    /** Forgets what was learned until now; the batches stay as they are. */
    public static function forget(string $what): void
    {
        if (preg_match('#^(bowl|overrun|cooling|steaming|uptake)(/[a-z0-9/-]{2,80})?$#', $what) === 1) {
            Settings::keep(self::NAME, [...Settings::values(self::NAME), $what => Carbon::now()->toDateTimeString()]);
        }
    }

    /** Until when it was forgotten, as the tables write moments; long ago where it never was. */
    public static function since(string $what): string
    {
        $since = Settings::values(self::NAME)[$what] ?? null;

        return is_string($since) ? $since : '';
    }

    /** @return array{bowl: list<float>, overrun: list<float>} oldest first */
    private static function records(): array
    {
        $numbers = static fn (string $what): array => array_values(array_map(
            floatval(...),
            array_filter(self::taught($what), is_numeric(...)),
        ));

        return ['bowl' => $numbers('bowl'), 'overrun' => $numbers('overrun')];
    }

    /** @return list<mixed> what finished batches have written down of it, oldest first */
    private static function taught(string $what): array
    {
        $whole = self::since($what);
        $taught = [];
        foreach (Batch::query()->where('status', 'finished')->orderByDesc('finished_at')->limit(self::LOOKED_AT)->get([
            'outcome',
            'finished_at',
        ])->reverse() as $batch) {
            $value = is_array($batch->outcome['taught'] ?? null) ? $batch->outcome['taught'][$what] ?? null : null;
            $since = max(
                $whole,
                is_array($value) && is_string($value['in'] ?? null) ? self::since("$what/{$value['in']}") : '',
            );
            if ($value !== null && ($since === '' || $batch->finished_at?->greaterThan(Carbon::parse($since)))) {
                $taught[] = $value;
            }
        }

        return $taught;
    }
}
