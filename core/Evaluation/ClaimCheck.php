<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use Ilvane\Core\Formula\Claim;
use Ilvane\Core\Formula\ClaimKind;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Evaluation;

/** What a note says of the product beside what is computed for it. */
final readonly class ClaimCheck
{
    /** What stays behind in pot and spatula makes no claim wrong. Relative. */
    private const SLACK = 0.05;

    /** Half a unit of the last digit that is told. */
    private const PH_SLACK = 0.05;

    private const PERCENT_SLACK = 0.1;

    /**
     * @param  Band|null  $computed  in the unit of the claim; null where it can't be said
     * @param  bool|null  $agrees  null where nothing is computed to compare it with
     */
    private function __construct(public Claim $claim, public ?Band $computed, public ?bool $agrees)
    {
    }

    /** @return list<self> */
    public static function all(Evaluation $evaluation): array
    {
        return array_map(
            static fn (Claim $claim): self => self::of($claim, $evaluation),
            $evaluation->assessment->formula->claims,
        );
    }

    private static function of(Claim $claim, Evaluation $evaluation): self
    {
        $computed = self::computed($claim, $evaluation);

        return new self($claim, $computed, $computed === null ? null : match ($claim->what) {
            ClaimKind::KeepsDays => $claim->value->high <= $computed->high,
            ClaimKind::Ph => self::overlaps($claim->value, $computed, self::PH_SLACK),
            ClaimKind::PercentOf, ClaimKind::Dose => self::overlaps(
                $claim->value,
                $computed,
                self::PERCENT_SLACK * $computed->likely,
            ),
            default => self::overlaps($claim->value, $computed, self::SLACK * $computed->likely),
        });
    }

    private static function computed(Claim $claim, Evaluation $evaluation): ?Band
    {
        $assessment = $evaluation->assessment;
        $total = $assessment->composition->total;

        return match ($claim->what) {
            ClaimKind::KeepsDays => $assessment->keeping->days === null || ! $evaluation->isDated()
                ? null
                : Band::exact((float) $assessment->keeping->days),
            ClaimKind::YieldGrams => $total,
            ClaimKind::YieldMillilitres => self::millilitres($evaluation),
            ClaimKind::Containers => null,
            ClaimKind::Ph => $assessment->preservation->isWatery ? $assessment->preservation->acidity : null,
            ClaimKind::PercentOf, ClaimKind::Dose => self::percent($claim->of, $evaluation),
        };
    }

    private static function millilitres(Evaluation $evaluation): ?Band
    {
        $composition = $evaluation->assessment->composition;
        $density = $composition->density();

        return $density === null ? null : $composition->total?->times(1 / $density);
    }

    /** Of a line by its key, or of a kind of material. */
    private static function percent(string $of, Evaluation $evaluation): ?Band
    {
        $composition = $evaluation->assessment->composition;
        $found = array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => $line->key() === $of || $line->ingredient?->kind->value === $of,
        );
        if ($found === [] || $composition->total === null || $composition->total->likely <= 0) {
            return null;
        }
        $grams = Band::zero();
        foreach ($found as $line) {
            if ($line->grams === null) {
                return null;
            }
            $grams = $grams->plus($line->grams);
        }

        return $grams->times(100 / $composition->total->likely);
    }

    private static function overlaps(Band $said, Band $computed, float $slack): bool
    {
        return $said->low <= $computed->high + $slack && $said->high >= $computed->low - $slack;
    }
}
