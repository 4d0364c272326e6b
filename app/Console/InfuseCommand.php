<?php

declare(strict_types=1);

namespace App\Console;

use App\Infusions\InfusionDocument;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

final class InfuseCommand extends Command
{
    use InAWorkroom;
    use ReadsInput;

    protected $signature =
        'ilvane:infuse {file : a plan in ilvane.infusion-plan/1, or - for standard input} '
        .'{--lang=en : en or fr} '
        .'{--workroom= : demo or mine, to use that workroom’s measures, scale and ingredients}';

    protected $description =
        'Work out an infusion: room in the jar, strength over time, when it is ready, what comes out, what to mind';

    public function handle(Catalogue $catalogue, Tools $tools, InfusionDocument $documents): int
    {
        App::setLocale($this->option('lang') === 'fr' ? 'fr' : 'en');
        try {
            $input = $this->input(Json::MAX_BYTES);
            if ($input === null) {
                return $this->refuse(say('errors.no_file'), ['path' => '']);
            }
            $this->printJson($documents->of(Infusion::of(InfusionPlanDocument::fromJson($input), $catalogue, $tools)));
        } catch (DocumentRefused $refusal) {
            return $this->refuse(
                say('errors.document.'.$refusal->reason, $refusal->parameters),
                ['path' => $refusal->path],
            );
        }

        return self::SUCCESS;
    }
}
