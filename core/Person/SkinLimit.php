<?php

declare(strict_types=1);

namespace Ilvane\Core\Person;

/**
 * How strong a hot oil one person's own skin has borne, from what they wrote down. It says nothing of anybody else's
 * skin, nor of another day; arithmetic, no medical advice.
 */
final readonly class SkinLimit
{
    /** How it felt; from the third on it was too much. */
    public const FELT = ['nothing', 'warm', 'too_hot', 'burning', 'rash'];

    private const FINE = ['nothing', 'warm'];

    /**
     * @param  float|null  $fine  the strongest that was fine, weaker than what was too much
     * @param  float|null  $minutes  it was left on then, at the longest
     * @param  float|null  $tooMuch  the weakest that was too much
     */
    private function __construct(public ?float $fine, public ?float $minutes, public ?float $tooMuch)
    {
    }

    /**
     * @param  list<array{strength: float, minutes: float, felt: string}>  $tries
     * @return self|null null before anything was tried
     */
    public static function of(array $tries): ?self
    {
        $bad = $fine = [];
        foreach ($tries as $try) {
            in_array($try['felt'], self::FINE, true) ? $fine[] = $try : $bad[] = $try['strength'];
        }
        $tooMuch = $bad === [] ? null : min($bad);
        $fine = array_values(array_filter(
            $fine,
            static fn (array $try): bool => $tooMuch === null || $try['strength'] < $tooMuch,
        ));
        $best = $fine === [] ? null : max(array_column($fine, 'strength'));
        $minutes = array_column(array_filter(
            $fine,
            static fn (array $try): bool => $try['strength'] === $best,
        ), 'minutes');

        return $tries === [] ? null : new self($best, $minutes === [] ? null : max($minutes), $tooMuch);
    }
}
