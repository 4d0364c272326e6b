<?php

declare(strict_types=1);

namespace App\Console;

use App\Ground\EvaluationDocument;
use App\Ground\EvaluationText;
use App\Recipes\SheetRefused;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\Repair;
use Ilvane\Core\Evaluation\Repairs;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\TextRefused;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;

final class EvaluateCommand extends Command
{
    use InAWorkroom;
    use ReadsInput;

    protected $signature =
        'ilvane:evaluate {file : a formula in ilvane.formula/1 or a recipe as plain text or a sheet (.csv, '
        .'.xlsx, .ods), or - for standard input} '
        .'{--text : for people instead of programs} '
        .'{--repairs : with whole versions that have no stop} '
        .'{--lang=en : en or fr} '
        .'{--workroom= : demo or mine, to use that workroom’s measures, scale and ingredients}';

    protected $description =
        'Judge a formula or a recipe: shares, keeping regime, findings with reasons, sources and fixes';

    public function handle(
        Evaluator $evaluator,
        RecipeReader $reader,
        EvaluationDocument $documents,
        EvaluationText $texts,
        TriedFixes $offers,
    ): int {
        App::setLocale($this->option('lang') === 'fr' ? 'fr' : 'en');
        try {
            $input = $this->input(Json::MAX_BYTES);
            if ($input === null) {
                return $this->refuse(say('errors.no_file'), ['path' => '']);
            }
            $now = Carbon::now()->toDateTimeImmutable();
            $evaluation = $evaluator->evaluate(self::isJson($input)
                ? FormulaDocument::fromJson($input)
                : FormulaDocument::read($reader
                    ->read($input)
                    ->document(say('recipes.untitled'))), madeOn: $now);
            $evaluation = $offers->of($evaluation, $now);
        } catch (DocumentRefused $refusal) {
            return $this->refuse(
                say('errors.document.'.$refusal->reason, $refusal->parameters),
                ['path' => $refusal->path],
            );
        } catch (TextRefused $refusal) {
            return $this->refuse(say('errors.text.'.$refusal->reason), ['line' => $refusal->atLine]);
        } catch (SheetRefused $refusal) {
            return $this->refuse(say('errors.sheet.'.$refusal->reason), ['line' => 0]);
        }
        $this->option('text')
            ? $this->output->writeln($texts->of($evaluation))
            : $this->printJson([
                ...$documents->of($evaluation),
                ...($this->option('repairs') ? ['repairs' => $this->repairs($evaluator, $evaluation, $now)] : []),
            ]);

        return self::SUCCESS;
    }

    /** @return list<array<string, mixed>> */
    private function repairs(Evaluator $evaluator, Evaluation $evaluation, DateTimeImmutable $now): array
    {
        return array_map(static fn (Repair $repair): array => [
            'label' => say("suggestions.repairs.kind.$repair->kind"),
            'kind' => $repair->kind,
            'formula' => $repair->document(),
            'after' => [
                'verdict_kind' => $repair->after->verdict()->value,
                'stops' => 0,
                'checks' => count(array_filter(
                    $repair->after->findings,
                    static fn (Finding $finding): bool => $finding->severity === Severity::Mind,
                )),
            ],
            'cost_change' => null, // no prices without a pantry
            'days' => $repair->days(),
        ], (new Repairs($evaluator))->of($evaluation, $now));
    }

    /** A recipe never begins with a brace, a bracket or a quoted string; an empty input is no recipe either. */
    private static function isJson(string $input): bool
    {
        return trim($input) === '' || in_array(ltrim($input)[0], ['{', '[', '"'], true);
    }
}
