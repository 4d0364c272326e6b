<?php

declare(strict_types=1);

namespace Ilvane\Core\Reformulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;

/** Two formulas side by side: which shares moved and what came of it. */
final readonly class Comparison
{
    /** Shares closer than this are the same, percent. */
    private const SAME = 0.005;

    /**
     * @param  array<string, array{float|null, float|null}>  $shares  percent of the batch before and after by
     *   ingredient, in order; null where it is not in
     * @param  list<Finding>  $gone
     * @param  list<Finding>  $new
     * @param  list<Allergen>  $lost
     * @param  list<Allergen>  $gained
     */
    private function __construct(
        public Evaluation $before,
        public Evaluation $after,
        public array $shares,
        public array $gone,
        public array $new,
        public array $lost,
        public array $gained,
    ) {
    }

    public static function of(Evaluation $before, Evaluation $after): self
    {
        [$was, $is] = [self::shares($before->assessment->composition), self::shares($after->assessment->composition)];
        $shares = [];
        foreach (array_keys($was + $is) as $key) {
            $shares[(string) $key] = [$was[$key] ?? null, $is[$key] ?? null];
        }
        [$one, $two] = [self::findings($before), self::findings($after)];
        [$had, $has] = [
            self::allergens($before->assessment->composition),
            self::allergens($after->assessment->composition),
        ];

        return new self(
            $before, $after, $shares,
            array_values(array_diff_key($one, $two)), array_values(array_diff_key($two, $one)),
            array_values(array_diff_key($had, $has)), array_values(array_diff_key($has, $had)),
        );
    }

    /** @return array<string, array{float|null, float|null}> those that moved */
    public function moved(): array
    {
        return array_filter(
            $this->shares,
            static fn (array $pair): bool => abs(($pair[0] ?? 0.0) - ($pair[1] ?? 0.0)) > self::SAME
                || ($pair[0] === null) !== ($pair[1] === null),
        );
    }

    /** How much of the batch is other than before, percent: half of all that moved. */
    public function distance(): float
    {
        return array_sum(array_map(
            static fn (array $pair): float => abs(($pair[0] ?? 0.0) - ($pair[1] ?? 0.0)),
            $this->shares,
        )) / 2;
    }

    /** @return array<string, float> percent by ingredient, or by name where it has none */
    private static function shares(Composition $composition): array
    {
        $shares = [];
        foreach ($composition->lines as $line) {
            if ($line->share !== null) {
                $key = $line->ingredient->key ?? $line->line->spokenOf();
                $shares[$key] = ($shares[$key] ?? 0.0) + 100 * $line->share->likely;
            }
        }

        return $shares;
    }

    /**
     * A finding is the same where it says the same of the same ingredients, whatever lines they stand in.
     *
     * @return array<string, Finding>
     */
    private static function findings(Evaluation $evaluation): array
    {
        $found = [];
        foreach ($evaluation->findings as $finding) {
            $of = array_map(
                static fn (int $line): string => $evaluation->assessment->composition->lines[$line - 1]->ingredient->key
                    ?? '',
                $finding->lines,
            );
            sort($of);
            $found["$finding->code {$finding->severity->value} ".implode(',', $of)] = $finding;
        }

        return $found;
    }

    /** @return array<string, Allergen> */
    private static function allergens(Composition $composition): array
    {
        $allergens = [];
        foreach ($composition->known() as $line) {
            foreach ($line->ingredient->allergens ?? [] as $allergen) {
                $allergens[$allergen->value] = $allergen;
            }
        }

        return $allergens;
    }
}
