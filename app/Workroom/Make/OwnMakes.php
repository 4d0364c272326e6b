<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Models\Batch;
use App\Workroom\Kept;
use Illuminate\Support\Carbon;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;
use Ilvane\Core\Texture\Whip;
use Ilvane\Core\Yielding\Balance;

/** What this maker's batches have taught: what bowl and tools keep, how much air the mixer beats in. */
final class OwnMakes
{
    private const LOOKED_AT = 100;

    private const NAME = 'learned_since';

    /** @return array{bowl: Learned, overrun: Learned} fractions */
    public static function learned(): array
    {
        $records = self::records();

        return ['bowl' => Learned::from(Band::of(...Balance::USUAL_BOWL), $records['bowl']), 'overrun' => Learned::from(Whip::usualOverrun(), $records['overrun'])];
    }

    /** Forgets what was learned until now; the batches stay as they are. */
    public static function forget(string $what): void
    {
        if (in_array($what, ['bowl', 'overrun'], true)) {
            Kept::keep(self::NAME, [...Kept::values(self::NAME), $what => Carbon::now()->toDateTimeString()]);
        }
    }

    /** @return array{bowl: list<float>, overrun: list<float>} oldest first */
    private static function records(): array
    {
        $since = Kept::values(self::NAME);
        $records = ['bowl' => [], 'overrun' => []];
        foreach (Batch::query()->where('status', 'finished')->orderByDesc('finished_at')->limit(self::LOOKED_AT)->get(['outcome', 'finished_at'])->reverse() as $batch) {
            foreach (array_keys($records) as $what) {
                $value = is_array($batch->outcome['taught'] ?? null) ? $batch->outcome['taught'][$what] ?? null : null;
                if (is_numeric($value) && (! is_string($since[$what] ?? null) || $batch->finished_at?->greaterThan(Carbon::parse($since[$what])))) {
                    $records[$what][] = (float) $value;
                }
            }
        }

        return $records;
    }
}
