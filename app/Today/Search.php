<?php

declare(strict_types=1);

namespace App\Today;

use App\Ground\Wording;
use App\Learn\Handbook;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Pantry\LotPage;
use App\Pantry\LotPageFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Ilvane\Core\Material\Catalogue;

/**
 * Everything in the workroom that has a name: ingredients, formulas, batches, jars, lots, rules.
 *
 * @phpstan-type Hit array{name: string, detail: string, href: string}
 */
final readonly class Search
{
    private const SHORTEST = 2;

    /** All of one use, such as the emulsifiers. */
    private const MOST_INGREDIENTS = 30;

    private const MOST = 8;

    public function __construct(
        private Catalogue $catalogue,
        private Handbook $handbook,
        private Wording $wording,
        private LotPageFactory $lotPages,
        private Holding $holding,
    ) {
    }

    /** @return array<string, list<Hit>> what was found, by kind; empty kinds left out */
    public function for(string $words): array
    {
        $words = trim($words);
        if (mb_strlen($words) < self::SHORTEST) {
            return [];
        }

        return array_filter([
            'holding' => $this->holding($words),
            'formulas' => array_values(self::named(
                Formula::query(),
                ['name'],
                $words,
            )
                ->orderByDesc('updated_at')
                ->limit(self::MOST)
                ->get()
                ->map(static fn (Formula $formula): array => [
                    'name' => $formula->name,
                    'detail' => '',
                    'href' => route('bench', $formula),
                ])
                ->all()),
            'batches' => array_values(self::named(
                Batch::query(),
                ['code', "json_extract(document, '$.name')"],
                $words,
            )
                ->orderByDesc('started_at')
                ->limit(self::MOST)
                ->get(['id', 'code', 'document', 'status'])
                ->map(static fn (Batch $batch): array => [
                    'name' => is_string($batch->document['name'] ?? null) ? $batch->document['name'] : '',
                    'detail' => $batch->code,
                    'href' => $batch->isMaking() ? route('make', $batch) : route('batch', $batch),
                ])->all()),
            'jars' => array_values(self::named(
                Jar::query(),
                ['name', 'code'],
                $words,
            )
                ->orderByDesc('updated_at')
                ->limit(self::MOST)
                ->get(['id', 'name', 'code'])
                ->map(static fn (Jar $jar): array => [
                    'name' => $jar->name,
                    'detail' => (string) $jar->code,
                    'href' => route('infusion', $jar),
                ])
                ->all()),
            'lots' => array_values(self::named(
                Lot::query(),
                ['name', 'code', 'supplier'],
                $words,
            )->orderByRaw('gone_at IS NOT NULL, made_at DESC')->limit(self::MOST)->get()->map(fn (Lot $lot): array => [
                'name' => $this->lotPages->nameOf($lot, $this->wording),
                'detail' => $lot->code.($lot->gone_at === null ? ', '.LotPage::date($lot, $this->wording) : ''),
                'href' => route('lot', $lot),
            ])->all()),
            'ingredients' => array_map(
                fn ($ingredient): array => [
                    'name' => $this->wording->ingredient($ingredient->key),
                    'detail' => say('words.kind.'.$ingredient->kind->value),
                    'href' => route('ingredient', $ingredient->key),
                ],
                $this->catalogue->search($words, self::MOST_INGREDIENTS),
            ),
            'rules' => $this->rules($words),
        ]);
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  list<string>  $columns
     * @return Builder<T> where one of them holds the words
     */
    private static function named(Builder $query, array $columns, string $words): Builder
    {
        $like = '%'.addcslashes($words, '%_\\').'%';
        $query->whereRaw(
            '('.implode(
                ' OR ',
                array_map(static fn (string $column): string => "$column LIKE ? ESCAPE '\\'", $columns),
            ).')',
            array_fill(0, count($columns), $like),
        );

        return $query;
    }

    /** @return list<Hit> "which of my products hold soya?" */
    private function holding(string $words): array
    {
        $allergen = Holding::asked($words);
        $found = $allergen === null ? ['batches' => [], 'formulas' => [], 'lots' => []] : $this->holding->of($allergen);

        return [
            ...array_map(static fn (Batch $batch): array => [
                'name' => is_string($batch->document['name'] ?? null) ? $batch->document['name'] : '',
                'detail' => say('search.holds.batch', ['code' => $batch->code]),
                'href' => route('batch', $batch),
            ], $found['batches']),
            ...array_map(fn (Lot $lot): array => [
                'name' => $this->lotPages->nameOf($lot, $this->wording),
                'detail' => say('search.holds.lot', ['code' => $lot->code]),
                'href' => route('lot', $lot),
            ], $found['lots']),
            ...array_map(static fn (Formula $formula): array => [
                'name' => $formula->name,
                'detail' => say('search.holds.formula'),
                'href' => route('bench', $formula),
            ], $found['formulas']),
        ];
    }

    /** @return list<Hit> */
    private function rules(string $words): array
    {
        $hits = [];
        foreach ($this->handbook->find($words) as $topic) {
            foreach ($topic['rules'] as $rule) {
                $hits[] = [
                    'name' => $rule['rule'],
                    'detail' => $topic['title'],
                    'href' => route('handbook.topic', $topic['slug']).'#'.strtr($rule['code'], ['.' => '-']),
                ];
            }
        }

        return array_slice($hits, 0, self::MOST);
    }
}
