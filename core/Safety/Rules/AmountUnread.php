<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A line nobody could read: what it is, or how much of it, is unknown, and so is everything that depends on it. */
final class AmountUnread implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->composition->written() as $line) {
            if ($line->unread === null || $line->line->isBlank()) {
                continue;
            }
            $meant = $line->unread === 'several_meant' ? $assessment->catalogue->meantBy($line->line->name ?? '') : [];
            $text = trim(($line->line->amount === '' ? '' : $line->line->amount.' ').$line->line->spokenOf());
            yield new Finding('measure.unread', Severity::Stop, $assessment->composition->positionsOf([$line]), [
                'text' => Term::text($text),
                'line' => Term::number((float) $line->position),
                'ingredients' => Term::ingredients(array_map(
                    static fn (Material $one): string => $one->key,
                    $meant,
                )),
            ], self::asOneOf($line, $meant), variant: $line->unread, keys: $line->insideKeys());
        }
    }

    /**
     * @param  list<Material>  $meant
     * @return list<Fix> it is the one or the other
     */
    private static function asOneOf(WeighedLine $line, array $meant): array
    {
        return $line->insideKey !== null ? [] : array_map(static fn (Material $one): Fix => new Fix(
            'is_meant',
            [
                ['op' => 'add', 'path' => $line->path().'/ingredient', 'value' => $one->key],
                ['op' => 'remove', 'path' => $line->path().'/name'],
            ],
            ['ingredient' => Term::ingredient($one->key)],
        ), $meant);
    }
}
