<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Claim;
use Ilvane\Core\Formula\ClaimKind;
use Ilvane\Core\Measure\Band;

/** Takes what a note says of its product out of the stretches that say it: how long it keeps, its pH, what it makes. */
final class StatedClaims
{
    private const DAYS = [
        'day' => 1, 'days' => 1, 'jour' => 1, 'jours' => 1, 'j' => 1, 'week' => 7, 'weeks' => 7, 'wk' => 7, 'wks' => 7,
        'semaine' => 7, 'semaines' => 7, 'month' => 30, 'months' => 30, 'mth' => 30, 'mths' => 30, 'mois' => 30,
        'year' => 365, 'years' => 365, 'yr' => 365, 'yrs' => 365, 'an' => 365, 'ans' => 365, 'annee' => 365,
    ];

    private const AT_ONCE =
        '/\b(?:doesn t|does not|won t|will not) keep|ne se (?:garde|conserve) pas|do not keep|tout de suite'
            .'|make (?:it )?fresh|make and use|use (?:it )?(?:at once|straight away|right away|immediately)'
            .'|a utiliser (?:aussitot|immediatement|de suite)\b/';

    private const SAME_DAY = '/\b(?:same day|le jour meme|le soir meme)\b/';

    private const MAX_TEXT = 300;

    /**
     * @param  list<ReadSpan>  $spans
     * @return list<Claim>
     */
    public static function in(array $spans, string $text, ?StatedYield $yield): array
    {
        $claims = [];
        foreach ($spans as $span) {
            if ($span->role !== Role::Claim && $span->role !== Role::Step) {
                continue;
            }
            $said = $span->span->of($text);
            $tokens = Lexer::tokens($said, 0);
            $kept = mb_strcut($said, 0, self::MAX_TEXT);
            $days = $span->role === Role::Claim ? self::days($tokens) : null;
            foreach ([ClaimKind::KeepsDays->value => $days,
                ClaimKind::Ph->value => self::ph($tokens)] as $what => $value) {
                if ($value !== null) {
                    $claims[] = new Claim(ClaimKind::from($what), $value, '', $kept);
                }
            }
        }

        return [...$claims, ...self::makes($yield)];
    }

    /** @return list<Claim> */
    private static function makes(?StatedYield $yield): array
    {
        if ($yield === null) {
            return [];
        }
        $grams = $yield->grams();
        $millilitres = $yield->millilitres();
        $claims = [];
        if ($grams !== null) {
            $claims[] = new Claim(ClaimKind::YieldGrams, Band::exact($grams), '', $yield->told());
        } elseif ($millilitres !== null) {
            $claims[] = new Claim(ClaimKind::YieldMillilitres, Band::exact($millilitres), '', $yield->told());
        }

        return $claims;
    }

    /** @param  list<Token>  $tokens */
    private static function days(array $tokens): ?Band
    {
        $words = (new Clause($tokens))->words;
        if (preg_match(self::AT_ONCE, $words) === 1) {
            return Band::exact(0.0);
        }
        if (preg_match(self::SAME_DAY, $words) === 1) {
            return Band::exact(1.0);
        }
        $longest = null;
        foreach (array_keys($tokens) as $at) {
            $number = Numbers::at($tokens, $at)
                ?? ($tokens[$at]->is('a', 'an', 'un', 'une') ? [Band::exact(1.0), $at + 1] : null);
            $unit = $number === null ? null : $tokens[$number[1]] ?? null;
            if ($number === null || $unit === null) {
                continue;
            }
            $days = $unit->is('h', 'hr', 'hrs', 'hour', 'hours', 'heure', 'heures') && $number[0]->high >= 24
                ? 1 / 24
                : self::DAYS[$unit->folded] ?? null;
            if ($days === 30 && $number[0]->low >= 12) {
                $days = 365 / 12; // twelve months are a year
            }
            if ($days !== null) {
                $told = $number[0]->times((float) $days);
                $longest = $longest === null || $told->high > $longest->high ? $told : $longest;
            }
        }

        return $longest;
    }

    /** @param  list<Token>  $tokens */
    private static function ph(array $tokens): ?Band
    {
        foreach ($tokens as $at => $token) {
            if (! $token->is('ph')) {
                continue;
            }
            foreach (range($at + 1, min($at + 7, count($tokens) - 1)) as $next) {
                $number = isset($tokens[$next]) ? Numbers::at($tokens, $next) : null;
                if ($number !== null) {
                    return $number[0]->low >= 1 && $number[0]->high <= 14 ? $number[0] : null;
                }
            }
        }

        return null;
    }
}
