<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\PlannedBatch;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Shopping;

/** What is to be made, and what is to be bought for it. */
final readonly class ShoppingPage
{
    private const FORMULAS = 200;

    public function __construct(
        private Evaluator $evaluator,
        private Catalogue $catalogue,
        private Wording $wording,
        private DraftReader $draftReader,
    ) {
    }

    /** @return array<string, mixed> for the view */
    public function of(): array
    {
        $plans = PlannedBatch::query()->with('formula')->orderBy('created_at')->get();
        $cupboard = AtHand::cupboard();
        $batches = array_values($plans->map(fn (PlannedBatch $plan): array => [
            $this->evaluator->weigh($this->draftReader->read(Draft::fromStored($plan->formula->draft))[0]),
            $plan->grams,
        ])->all());
        $buy = $have = [];
        $cost = 0.0;
        $unpriced = 0;
        foreach (Shopping::of($batches, $cupboard) as $key => $row) {
            $price = $cupboard->pricePerGram((string) $key);
            $worded = [
                'name' => $this->catalogue->has((string) $key)
                    ? $this->wording->ingredient((string) $key)
                    : ltrim((string) $key, '?'), 'wanted' => $this->wording
                        ->grams($row['wanted']), 'have' => $this->wording
                        ->grams($row['have']),
                'buy' => $this->wording->grams($row['buy']), 'price' => $price === null || $row['buy'] <= 0
                    ? ''
                    : $this->wording->money($price * $row['buy']),
            ];
            if ($row['buy'] > 0.005) {
                $buy[] = $worded;
                $cost += ($price ?? 0.0) * $row['buy'];
                $unpriced += $price === null ? 1 : 0;
            } else {
                $have[] = $worded;
            }
        }

        return [
            'plans' => $plans
                ->map(fn (PlannedBatch $plan): array => [
                    'id' => $plan->id,
                    'name' => $plan->formula->name,
                    'grams' => $this->wording->grams($plan->grams),
                    'href' => route('bench', $plan->formula_id),
                ])
                ->all(),
            'formulas' => Formula::query()
                ->orderByDesc('updated_at')
                ->limit(self::FORMULAS)
                ->pluck('name', 'id')
                ->all(),
            'buy' => $buy, 'have' => $have, 'cost' => $this->wording->money($cost), 'unpriced' => $unpriced,
        ];
    }
}
