<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** An oil that wet plants were cooked out in is free of water when the pot's weight says so, not before. */
final class CookedOutByWeight implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        foreach ($assessment->waterOut as $one) {
            if ($one->isShown()) {
                continue;
            }
            yield new Finding(
                'infusion.cooked_out',
                Severity::Mind,
                $one->part === ''
                    ? array_map(static fn (WeighedLine $line): int => $line->position, $one->plants)
                    : $assessment->composition->positionsOf($assessment->composition->takersOf($one->part)),
                [
                    'what' => Term::text($one->name),
                    'water' => Term::grams(round($one->left(), 2)),
                    'days' => Term::days(CookOut::WET_DAYS),
                ],
                variant: match (true) {
                    $one->cookOut() !== null => 'left',
                    $assessment->isOnBatch => 'unweighed',
                    default => 'usual',
                },
                keys: $one->part === '' ? [] : [$one->part],
            );
        }
    }
}
