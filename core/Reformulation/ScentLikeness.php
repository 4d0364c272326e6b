<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;

/**
 * How like two scent oils smell, by what they are known to hold: the angle between their constituents
 * (data/essential_oil_constituents.csv), where what is not known of either is taken for something the other lacks. 0
 * for the same, 5 for nothing in common. The nose decides; this only says where to begin.
 */
final readonly class ScentLikeness
{
    /** What two oils with nothing in common are apart, in the units of Similarity. A judgement. */
    public const NOTHING_IN_COMMON = 5.0;

    /** A row of so much stands for the whole oil on a label, and tells nothing of what is in it. */
    private const WHOLE = 99.0;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** null where of one of them nothing is known */
    public function distance(Material $a, Material $b): ?float
    {
        if ($a->key === $b->key) {
            return 0.0;
        }
        [$one, $two] = [$this->parts($a), $this->parts($b)];
        if ($one === [] || $two === []) {
            return null;
        }
        $shared = 0.0;
        foreach ($one as $name => $percent) {
            $shared += $percent * ($two[$name] ?? 0.0);
        }

        return self::NOTHING_IN_COMMON * (1 - min(1.0, $shared / (self::length($one) * self::length($two))));
    }

    /** @return array<string, float> percent by constituent, likely */
    private function parts(Material $oil): array
    {
        $parts = [];
        foreach ($this->catalogue->constituentsOf($oil->key) as [$name, $low, $high]) {
            if ($high < self::WHOLE) {
                $parts[$name] = ($low + $high) / 2;
            }
        }

        return $parts;
    }

    /** @param  array<string, float>  $parts */
    private static function length(array $parts): float
    {
        $unknown = max(0.0, 100.0 - array_sum($parts));

        return sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $parts)) + $unknown ** 2);
    }
}
