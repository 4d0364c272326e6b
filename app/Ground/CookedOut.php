<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Infusion\CookOut;

/** How far the water is out of a pot, in words: the same in a jar and at the hob. */
final class CookedOut
{
    public static function said(CookOut $cookOut, Wording $wording): string
    {
        return match (true) {
            $cookOut->hasGained() => say('infusions.pot.gained'),
            $cookOut->hasLostMore() => say(
                'infusions.pot.more',
                ['lost' => $wording->grams($cookOut->drivenOut()), 'water' => $wording->grams($cookOut->water)],
            ),
            $cookOut->drivenOut() === 0.0 && ! $cookOut->isDone() => say(
                'infusions.pot.none_gone',
                ['left' => $wording->grams($cookOut->left())],
            ),
            $cookOut->isDone() => say('infusions.pot.done', ['minutes' => (string) CookOut::STILL_MIN]),
            default => say(
                'infusions.pot.left',
                ['lost' => $wording->grams($cookOut->drivenOut()), 'left' => $wording->grams($cookOut->left())],
            ),
        };
    }
}
