<?php

declare(strict_types=1);

namespace App\Console;

use App\Simulation\SimulationDocument;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Simulation\Simulator;

final class RehearseCommand extends Command
{
    use InAWorkroom;
    use ReadsInput;

    protected $signature =
        'ilvane:rehearse {file : a formula in ilvane.formula/1, with or without its process, or - for standard '
        .'input} '
        .'{--lang=en : en or fr} '
        .'{--workroom= : demo or mine, to use that workroom’s measures, scale and ingredients}';

    protected $description =
        'Go through a making before anything is melted: temperatures, what melts when, water lost, what would go wrong';

    public function handle(Evaluator $evaluator, Catalogue $catalogue, SimulationDocument $documents): int
    {
        App::setLocale($this->option('lang') === 'fr' ? 'fr' : 'en');
        try {
            $input = $this->input(Json::MAX_BYTES);
            if ($input === null) {
                return $this->refuse(say('errors.no_file'), ['path' => '']);
            }
            $this->printJson($documents->of(Simulator::formula(
                $evaluator->assess(FormulaDocument::fromJson($input)),
                $catalogue,
            )));
        } catch (DocumentRefused $refusal) {
            return $this->refuse(
                say('errors.document.'.$refusal->reason, $refusal->parameters),
                ['path' => $refusal->path],
            );
        }

        return self::SUCCESS;
    }
}
