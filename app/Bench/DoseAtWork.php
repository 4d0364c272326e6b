<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Hatch;
use App\Ground\Wording;
use Ilvane\Core\Microbiology\FreePreservative;
use Ilvane\Core\Microbiology\Organism;
use Ilvane\Core\Safety\Assessment;

/** Where the preservative of a formula is, and how far what is free reaches for each group of microbes: drawn. */
final readonly class DoseAtWork
{
    public const WIDTH = 328.0;

    public const TALL = 40.0;

    /** How the parts are drawn: what is free is water, what the oil took is oil. */
    private const DRAWN = ['free' => 'water', 'salt' => 'cooldown', 'oil' => 'oil', 'bound' => 'infusion'];

    /** So little of it is not drawn, as a share of the dose. */
    private const TOO_LITTLE = 0.005;

    /** The right end of the rules: three times what is just enough. */
    private const FARTHEST = 3.0;

    /** Either way: the figures are off by about a factor of one and a half. */
    private const OFF = 0.4;

    private const RULE_FROM = 118.0;

    /**
     * @param  list<array{material: string, x: float, wide: float, hatch: string, label: string,
     *   percent: string}>  $parts
     * @param  list<array{name: string, word: string, low: float, at: float, high: float, covered: string}>  $groups
     * @param  float  $enough  x where it just meets the need
     * @param  array{float, float}  $open  x from and to between which it may or may not
     */
    private function __construct(
        public string $said,
        public array $parts,
        public array $groups,
        public float $enough,
        public array $open,
    ) {
    }

    /** null where the model has no figures, or there is nothing to preserve */
    public static function of(Assessment $assessment, Wording $wording): ?self
    {
        $effect = $assessment->preservation->effect;
        $went = $effect?->whereItWent();
        if ($effect === null || $went === null || $went->total <= 0.0) {
            return null;
        }
        $x = 0.0;
        $parts = [];
        $shares = ['free' => $went->free, 'salt' => $went->dissociated, 'oil' => $went->inOil, 'bound' => $went->bound];
        foreach ($shares as $what => $percent) {
            $wide = self::WIDTH * $percent / $went->total;
            if ($percent / $went->total < self::TOO_LITTLE) {
                continue;
            }
            $half = $wide / 2;
            $parts[] = [
                'material' => self::DRAWN[$what],
                'x' => round($x, 1),
                'wide' => round($wide, 1),
                'hatch' => Hatch::path(
                    self::DRAWN[$what],
                    static fn (float $y): float => $half,
                    $x + $half,
                    1,
                    self::TALL,
                ),
                'label' => say("ui.bench.dose_$what"),
                'percent' => $wording->percent($percent),
            ];
            $x += $wide;
        }

        return new self(
            say($went->undissociated === null ? 'ui.bench.dose_said' : 'ui.bench.dose_said_acid', [
                'free' => $wording->percent($went->free),
                'total' => $wording->percent($went->total),
            ]),
            $parts,
            array_map(
                static fn (Organism $group): array => self::group($group, $effect->free->reach),
                Organism::cases(),
            ),
            self::along(1.0),
            [self::along(FreePreservative::POSSIBLY), self::along(FreePreservative::COVERED)],
        );
    }

    /**
     * @param  array<string, float>  $reach
     * @return array{name: string, word: string, low: float, at: float, high: float, covered: string}
     */
    private static function group(Organism $group, array $reach): array
    {
        $is = $reach[$group->value] ?? 0.0;
        $covered = FreePreservative::word($is);

        return [
            'name' => say("words.organism_{$group->value}"),
            'word' => say("ui.bench.dose_$covered"),
            'low' => self::along($is * (1 - self::OFF)),
            'at' => self::along($is),
            'high' => self::along($is * (1 + self::OFF)),
            'covered' => $covered,
        ];
    }

    private static function along(float $reach): float
    {
        $wide = self::WIDTH - self::RULE_FROM - 8;

        return round(self::RULE_FROM + $wide * min(self::FARTHEST, $reach) / self::FARTHEST, 1);
    }

    /** The whole drawing in words. */
    public function partsSaid(): string
    {
        return implode(', ', array_map(
            static fn (array $part): string => "{$part['label']} {$part['percent']}",
            $this->parts,
        ));
    }

    public function reachSaid(): string
    {
        return implode(', ', array_map(
            static fn (array $group): string => "{$group['name']}: {$group['word']}",
            $this->groups,
        ));
    }

    public function start(): float
    {
        return self::RULE_FROM;
    }
}
