<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Bioburden;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\WaterActivity;

/**
 * What microbes find in something watery that nothing preserves: how many come with it, how well they are fed, how sour
 * and how sweet it is. An estimate, not a test.
 */
final readonly class Spoilage
{
    /** Less than this of something feeds nobody. A guess. */
    private const FEEDS_FROM = 0.05;

    private const POWDER_FEEDS_FROM = 0.01;

    /** Fats and gums in the water feed so well. Fitted. */
    private const EMULSION_FOOD = 0.6;

    private const FAT_FROM = 0.02;

    /** Of water that nothing sours or makes alkaline, with the air's carbonic acid in it. */
    private const USUAL_PH = 5.5;

    /** What clean hands and tools bring, cfu a gram. Common practice, recalled. */
    private const CLEAN = 10.0;

    /**
     * @param  Band  $start  cfu a gram
     * @param  WeighedLine|null  $worst  brings most of them
     */
    private function __construct(
        public Band $start,
        public float $food,
        public bool $isRaw,
        public float $ph,
        public float $waterActivity,
        public ?WeighedLine $worst,
    ) {
    }

    /** @param  float|null  $ph  meant, measured or estimated; null where nothing is known of it */
    public static function of(Composition $composition, ?float $ph): self
    {
        $start = Band::zero();
        $food = $raw = $most = $waters = $sour = 0.0;
        $worst = null;
        foreach ($composition->known() as $line) {
            $material = $line->ingredient;
            $burden = $material?->bioburden;
            $share = $line->part();
            if ($material === null || $burden === null || $share <= 0.0) {
                continue;
            }
            $brings = $burden->start->times($share);
            $start = $start->plus($brings);
            $raw += $burden->isRaw ? $brings->likely : 0.0;
            $isEnough = $share >= ($material->kind->isPlant() ? self::POWDER_FEEDS_FROM : self::FEEDS_FROM);
            $food = $isEnough ? max($food, $burden->food) : $food;
            if ($burden->ph !== null) {
                $waters += $share;
                $sour += $share * $burden->ph;
            }
            if ($brings->likely > $most) {
                [$most, $worst] = [$brings->likely, $line];
            }
        }
        $feeds = $composition->fatShare() >= self::FAT_FROM || $composition->ofKind(Kind::ThickenerGum) !== [];

        return new self(
            Band::of(
                max(self::CLEAN / 10, $start->low),
                max(self::CLEAN, $start->likely),
                max(self::CLEAN * 10, $start->high),
            ),
            $feeds ? max($food, self::EMULSION_FOOD) : $food,
            $raw > $start->likely / 2,
            $ph ?? ($waters > 0.0 ? $sour / $waters : self::USUAL_PH),
            WaterActivity::of($composition) ?? 1.0,
            $worst,
        );
    }

    /** Of a preparation, or anything else known by its load alone. */
    public static function ofBurden(Bioburden $burden, ?float $ph = null): self
    {
        return new self(
            $burden->start,
            $burden->food,
            $burden->isRaw,
            $burden->ph ?? $ph ?? self::USUAL_PH,
            1.0,
            null,
        );
    }

    /** @param  array<string, float>  $reach  of a preservative that is too weak to hold it, by organism */
    public function at(float $celsius, array $reach = []): Growth
    {
        return Growth::of(
            $this->start->likely,
            $this->food,
            $this->isRaw,
            $celsius,
            $this->ph,
            $this->waterActivity,
            $reach,
        );
    }

    /**
     * Days in a fridge until it holds too many: whole ones, at least one.
     *
     * @param  array<string, float>  $reach
     * @return float|null  null where that takes longer than anything else
     */
    public function days(float $celsius, bool $isUnder3, array $reach = []): ?float
    {
        $growth = $this->at($celsius, $reach);
        $hours = $growth->hoursTo($growth->limit($isUnder3));

        return $hours === null ? null : max(1.0, floor($hours / 24));
    }
}
