<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Microbiology\PreservativeDose;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Remedy;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A pH that hair and scalp do not like. */
final class AcidityRange implements Rule
{
    /** Leave-ins are best at 4.5 to 5.5; a vinegar rinse is sour on purpose, and rinsed off. Common practice. */
    public const LEAVE_ON = [3.5, 7.0];

    public const RINSE_OFF = [2.8, 7.0];

    /** An acid polymer thickens from here to there. Textbook, recalled. */
    public const CARBOMER = [5.5, 7.0];

    /** An estimate wholly beyond these is spoken of. Common practice. */
    private const ESTIMATED = [3.0, 8.5];

    /** The lowest worth aiming for. Common practice. */
    public const BEST = 4.5;

    /** Beyond these it burns skin and eyes. Common practice. */
    public const EXTREME = [2.5, 11.0];

    public const AIM = 5.0;

    public function examine(Assessment $assessment): iterable
    {
        if (! $assessment->preservation->isWatery) {
            return;
        }
        $ph = $assessment->formula->ph;
        if ($ph === null) {
            $waits = array_values(array_filter(
                $assessment->preservation->doses,
                static fn (PreservativeDose $dose): bool => $dose->needsPh(),
            ));
            if ($waits !== []) {
                yield new Finding('acidity.untested', Severity::Stop, array_map(
                    static fn (PreservativeDose $dose): int => $dose->line->position,
                    $waits,
                ), [
                    'ingredient' => Term::ingredient($waits[0]->ingredient->key),
                    'high' => Term::number($waits[0]->ingredient->worksAtPh()[1]),
                    'from' => Term::number(round($waits[0]->acidity->low ?? 0.0, 1)),
                    'to' => Term::number(round($waits[0]->acidity->high ?? 14.0, 1)),
                ], variant: 'needed');
            } elseif (! $assessment->formula->family->isUsuallyFresh()) {
                yield new Finding('acidity.untested', Severity::Note);
            }
            yield from self::estimated($assessment);

            return;
        }
        if ($ph < self::EXTREME[0] - 1e-9 || $ph > self::EXTREME[1] + 1e-9) {
            yield new Finding('acidity.extreme', Severity::Stop, terms: [
                'ph' => Term::number($ph),
                'low' => Term::number(self::EXTREME[0]),
                'high' => Term::number(self::EXTREME[1]),
            ], fixes: (new Remedy($assessment))->aimAt(self::AIM, self::BEST));

            return;
        }
        [$low, $high] = match (true) {
            $assessment->composition->linesWith(self::wantsNeutralising(...)) !== [] => self::CARBOMER,
            $assessment->formula->use === Application::RinseOff => self::RINSE_OFF,
            default => self::LEAVE_ON,
        };
        if ($ph < $low - 1e-9 || $ph > $high + 1e-9) {
            yield new Finding($ph < $low ? 'acidity.low' : 'acidity.high', Severity::Mind, terms: [
                'ph' => Term::number($ph),
                'low' => Term::number($low),
                'high' => Term::number($high),
            ], fixes: (new Remedy($assessment))->aimAt(self::AIM, self::BEST));
        }
    }

    public static function wantsNeutralising(Material $material): bool
    {
        return $material->is(MaterialTrait::WantsNeutralising);
    }

    /**
     * Nobody has said a pH, and the whole estimate lies where nothing stays on skin.
     *
     * @return iterable<Finding>
     */
    private static function estimated(Assessment $assessment): iterable
    {
        $band = $assessment->preservation->acidity;
        if ($band === null || $assessment->composition->linesWith(self::wantsNeutralising(...)) !== []) {
            return; // an acid polymer is told how to be neutralised
        }
        [$low, $high] = self::ESTIMATED;
        $isRinsed = $assessment->formula->use === Application::RinseOff;
        $code = match (true) {
            $band->high < self::EXTREME[0], $band->low > self::EXTREME[1] => 'acidity.extreme',
            $band->high < $low && ! $isRinsed => 'acidity.low',
            $band->low > $high && ! $isRinsed => 'acidity.high',
            default => null,
        };
        if ($code === null) {
            return;
        }
        $isExtreme = $code === 'acidity.extreme';
        yield new Finding($code, $isExtreme ? Severity::Stop : Severity::Mind, terms: [
            'ph' => Term::number(round($band->likely, 1)),
            'low' => Term::number($isExtreme ? self::EXTREME[0] : $low),
            'high' => Term::number($isExtreme ? self::EXTREME[1] : $high),
        ], fixes: (new Remedy($assessment))->aimAt(self::AIM, self::BEST), variant: 'estimated');
    }
}
