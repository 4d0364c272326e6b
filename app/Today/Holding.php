<?php

declare(strict_types=1);

namespace App\Today;

use App\Models\Batch;
use App\Models\Formula;
use App\Models\Lot;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Catalogue;

/**
 * Which of what stands in the workroom holds something people react to: by every ingredient in it, however deep it lies
 * in formulas, parts and lots inside each other.
 */
final readonly class Holding
{
    /** Of each kind, the latest first: more than any kitchen's shelf holds. */
    private const LOOKED_AT = 300;

    private const SHORTEST = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** What somebody asks for by its word, in the language spoken; null for none. */
    public static function asked(string $words): ?Allergen
    {
        $words = mb_strtolower(trim($words));
        foreach (mb_strlen($words) < self::SHORTEST ? [] : Allergen::cases() as $allergen) {
            $called = [say("words.allergen.$allergen->value"), ...explode('|', say("search.also.$allergen->value"))];
            foreach ($called as $name) {
                if (in_array($words, [$name, rtrim($name, 's')], true)) {
                    return $allergen;
                }
            }
        }

        return null;
    }

    /** @return array{batches: list<Batch>, formulas: list<Formula>, lots: list<Lot>} */
    public function of(Allergen $allergen): array
    {
        $keys = [];
        foreach ($this->catalogue->all() as $material) {
            if ($material->hasAllergen($allergen)) {
                $keys[$material->key] = true;
            }
        }
        $holds = static fn (mixed $document): bool => self::isIn($document, $keys);

        return [
            'batches' => array_values(Batch::query()->where('status', 'finished')->whereNull('gone_at')
                ->orderByDesc('started_at')->limit(self::LOOKED_AT)->get()
                ->filter(static fn (Batch $batch): bool => $holds($batch->document))->all()),
            'formulas' => array_values(Formula::query()->orderByDesc('updated_at')->limit(self::LOOKED_AT)->get()
                ->filter(static fn (Formula $formula): bool => $holds($formula->draft))->all()),
            'lots' => array_values(Lot::atHand()->orderByDesc('made_at')->limit(self::LOOKED_AT)->get()
                ->filter(static fn (Lot $lot): bool => isset($keys[$lot->ingredient ?? '']) || $holds($lot->document))
                ->all()),
        ];
    }

    /** @param  array<string, true>  $keys */
    private static function isIn(mixed $document, array $keys): bool
    {
        foreach (is_array($document) ? $document : [] as $name => $value) {
            if (($name === 'ingredient' && is_string($value) && isset($keys[$value]))
                || (is_array($value) && self::isIn($value, $keys))) {
                return true;
            }
        }

        return false;
    }
}
