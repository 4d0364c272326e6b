<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Formula\Audience;

/**
 * Preservative components that are not for some people, whatever the dose.
 * Source: Regulation (EC) No 1223/2009, Annex V, conditions of the entry named (from memory).
 */
final class AudienceRestriction
{
    /** INCI => Annex V entry: not in products for children under 3 (leave-on). */
    private const NOT_UNDER_3 = [
        'Iodopropynyl Butylcarbamate' => '56',
        'Salicylic Acid' => '3',
        'Propylparaben' => '12a',
    ];

    /** The Annex V entry that bars the component for this audience; null when none does. */
    public static function entry(string $inci, Audience $audience): ?string
    {
        return $audience->isUnder3() ? self::NOT_UNDER_3[$inci] ?? null : null;
    }
}
