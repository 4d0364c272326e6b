<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Physics\Sorption;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Safety\Evaluation;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

/** What holds of every formula, whatever is in it. */
final class PropertiesTest extends CoreCase
{
    /** @return iterable<Evaluation> */
    private static function random(int $seed): iterable
    {
        $evaluator = new Evaluator(self::catalogue());
        foreach (RandomFormulas::seeded($seed, 250, self::catalogue()) as $document) {
            yield $evaluator->evaluate(FormulaDocument::read($document));
        }
    }

    public function test_no_more_is_solid_than_can_be_and_warmth_never_adds_to_it(): void
    {
        $seen = 0;
        foreach (self::random(31) as $evaluation) {
            $texture = $evaluation->assessment->texture;
            if ($texture->solid === null || $texture->curve === null) {
                continue;
            }
            $fats = $evaluation->assessment->emulsion->fats;
            $all = array_sum(array_map(static fn ($line): float => $line->share->likely ?? 0.0, $fats));
            $can = 0.0;
            foreach ($fats as $line) {
                $can += SolidFat::ofOne($line->ingredient, 10.0) > 0.0 ? ($line->share->likely ?? 0.0) / $all : 0.0;
            }
            $last = 100.0;
            foreach (SolidFat::AT as $celsius) {
                self::assertGreaterThanOrEqual(0.0, $texture->solid[$celsius]);
                self::assertLessThanOrEqual(100 * $can + 1e-9, $texture->solid[$celsius]);
                self::assertLessThanOrEqual($last + 1e-9, $texture->solid[$celsius]);
                self::assertLessThanOrEqual(100.0, $texture->curve[$celsius]);
                $last = $texture->solid[$celsius];
            }
            $seen++;
        }
        self::assertGreaterThan(60, $seen);
    }

    public function test_a_dose_is_all_somewhere_and_no_reach_is_negative(): void
    {
        $seen = 0;
        foreach (self::random(32) as $evaluation) {
            $effect = $evaluation->assessment->preservation->effect;
            if ($effect === null) {
                continue;
            }
            $went = $effect->whereItWent();
            self::assertEqualsWithDelta(
                $went->total,
                $went->free + $went->inOil + $went->bound + $went->dissociated,
                1e-9 + 1e-6 * $went->total,
            );
            self::assertGreaterThanOrEqual(0.0, min($went->free, $went->inOil, $went->bound, $went->dissociated));
            self::assertGreaterThanOrEqual(0.0, min($effect->free->reach));
            if ($went->undissociated !== null) {
                self::assertGreaterThanOrEqual(0.0, $went->undissociated);
                self::assertLessThanOrEqual(1.0, $went->undissociated);
            }
            $seen++;
        }
        self::assertGreaterThan(30, $seen);
    }

    public function test_what_grows_never_gets_fewer_and_cold_never_hurries_it(): void
    {
        $seen = 0;
        foreach (self::random(33) as $evaluation) {
            $spoilage = $evaluation->assessment->preservation->spoilage;
            if ($spoilage === null) {
                continue;
            }
            [$cold, $warm] = [$spoilage->at(4.0), $spoilage->at(12.0)];
            $last = 0.0;
            foreach ([0.0, 12.0, 48.0, 200.0] as $hours) {
                self::assertGreaterThanOrEqual($last * (1 - 1e-12), $warm->after($hours));
                self::assertLessThanOrEqual($warm->after($hours) * (1 + 1e-9), $cold->after($hours));
                $last = $warm->after($hours);
            }
            self::assertGreaterThanOrEqual(1.0, $spoilage->days(8.0, false) ?? INF);
            $seen++;
        }
        self::assertGreaterThan(60, $seen);
    }

    public function test_days_and_ph_and_water_activity_stay_where_they_can_be(): void
    {
        foreach (self::random(34) as $evaluation) {
            $it = $evaluation->assessment;
            self::assertGreaterThanOrEqual(0.0, $it->keeping->days ?? 0.0);
            self::assertLessThanOrEqual(365.0, $it->keeping->days ?? 0.0);
            $ph = $it->preservation->dissolved->guess;
            self::assertTrue($ph === null || ($ph >= 0.0 && $ph <= 14.0));
            self::assertGreaterThanOrEqual(0.0, $it->preservation->alcohol);
            self::assertLessThanOrEqual(1.0, $it->preservation->alcohol);
            $known = array_filter(
                $it->composition->known(),
                static fn ($line): bool => $line->ingredient !== null,
            );
            self::assertCount(count($known), $it->dissolution->lines, 'each line goes somewhere');
        }
    }

    public function test_a_drier_plant_never_has_damper_air_over_it(): void
    {
        $last = -1.0;
        for ($water = 0.0; $water <= 0.95; $water += 0.01) {
            $activity = Sorption::waterActivity($water);
            self::assertGreaterThanOrEqual($last, $activity);
            self::assertLessThanOrEqual(1.0, $activity);
            $last = $activity;
        }
    }
}
