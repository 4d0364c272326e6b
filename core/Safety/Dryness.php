<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use Ilvane\Core\Material\Material;
use Ilvane\Core\Physics\Sorption;

/** What is said of the water left in a plant that goes into oil, by whatever door it comes. */
final class Dryness
{
    /**
     * @param  float|null  $water  share of it; null where nobody can tell
     * @param  bool  $isWeighed  by the maker's own weighings
     * @param  list<int>  $lines
     * @param  list<string>  $keys  of the lines, where they are in a part
     * @return iterable<Finding>
     */
    public static function found(
        Material $plant,
        ?float $water,
        bool $isWeighed,
        array $lines,
        array $keys = [],
    ): iterable {
        if ($water === null) {
            return;
        }
        $fat = Sorption::fatIn($plant);
        $word = Sorption::word($water, $fat);
        if ($word === 'dry') {
            return;
        }
        yield new Finding('plant.not_dry', $word === 'wet' ? Severity::Stop : Severity::Mind, $lines, [
            'ingredient' => Term::ingredient($plant->key),
            'water' => Term::percent(round(100 * $water, 1)),
            'activity' => Term::number(round(Sorption::waterActivity($water, $fat), 2)),
            'limit' => Term::percent(100 * Sorption::DRY),
        ], variant: $word.($isWeighed ? '_weighed' : ''), keys: $keys);
    }
}
