<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Make\MakeBook;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Lot;
use App\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Process\StepKind;

/** Makes batches and lots without the pages. */
trait MadeBatches
{
    private function bought(string $ingredient, float $grams = 500.0, ?float $price = 10.0): Lot
    {
        return app(LotBook::class)->putBought(
            $ingredient,
            $grams,
            $price,
            Carbon::now()->addYear(),
            null,
            Carbon::now(),
        );
    }

    /** @param  array<int, string>  $lots  code by line that is weighed from it */
    private function madeOf(Formula $formula, float $filled = 188.0, int $containers = 2, array $lots = []): Batch
    {
        $makes = app(MakeBook::class);
        $version = app(FormulaBook::class)->keep($formula, Draft::fromStored($formula->draft), '');
        $batch = $makes->start($version) ?? self::fail('nothing to weigh');
        foreach (app(MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
            $entries = match ($step->kind) {
                StepKind::Weigh => [
                    ['kind' => 'weighed', 'subject' => (string) $step->line, 'value' => $step->grams],
                    ...(isset($lots[$step->line]) ? [['kind' => 'lot', 'subject' => $lots[$step->line]]] : []),
                ],
                StepKind::Gate => [['kind' => 'temperature', 'subject' => 'mix', 'value' => 38.0]],
                StepKind::TestPh => [['kind' => 'ph', 'value' => 4.8]],
                default => [],
            };
            foreach ([...$entries, ['kind' => 'done']] as $entry) {
                $makes->record($batch, ['step' => $step->key, ...$entry], (string) Str::uuid());
            }
        }
        $makes->finish($batch->refresh(), $filled, $containers);

        return $batch->refresh();
    }
}
