<?php

// Run by FaultTest: writes makes into a workroom without end, a line said after every write, until it is killed.

declare(strict_types=1);

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Make\MakeBook;
use App\Models\Formula;
use App\Pantry\LotBook;
use App\Shelf\ShelfBook;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Process\StepKind;

require dirname(__DIR__, 2).'/vendor/autoload.php';
(require dirname(__DIR__, 2).'/bootstrap/app.php')->make(Kernel::class)->bootstrap();

$formula = Formula::query()->firstOrFail();
$version = app(FormulaBook::class)->keep($formula, Draft::fromStored($formula->draft), '');
while (true) {
    $lot = app(LotBook::class)->putBought('sweet-almond-oil', 100.0, 5.0, null, null, Carbon::now());
    echo "lot\n";
    $makes = app(MakeBook::class);
    $batch = $makes->start($version) ?? exit(1);
    foreach (app(\App\Make\MakeStateFactory::class)->of($batch->load('entries'))->plan->steps as $step) {
        if ($step->kind === StepKind::Weigh) {
            $makes->record(
                $batch,
                ['step' => $step->key, 'kind' => 'weighed', 'subject' => (string) $step->line, 'value' => $step->grams],
                (string) Str::uuid(),
            );
            echo "weighed\n";
            $makes->record(
                $batch,
                ['step' => $step->key, 'kind' => 'lot', 'subject' => $step->line === 4 ? $lot->code : ''],
                (string) Str::uuid(),
            );
            echo "from\n";
        }
    }
    $makes->finish($batch->refresh(), 188.0, 2);
    echo "finished\n";
    app(ShelfBook::class)->leaves(
        $batch->refresh(),
        'gifted',
        94.0,
        'somebody',
        null,
        Carbon::now(),
        (string) Str::uuid(),
    );
    echo "given\n";
}
