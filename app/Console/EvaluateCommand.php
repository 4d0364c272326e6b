<?php

declare(strict_types=1);

namespace App\Console;

use App\Workroom\EvaluationDocument;
use App\Workroom\EvaluationText;
use Illuminate\Console\Command;
use Ilvane\Core\Checks\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\FormulaRefused;
use Symfony\Component\Console\Output\OutputInterface;

final class EvaluateCommand extends Command
{
    private const NOT_READABLE = 2;

    protected $signature = 'ilvane:evaluate {file : a formula in ilvane.formula/1, or - for standard input} {--text : for people instead of programs} {--lang=en : en or fr}';

    protected $description = 'Judge a formula: shares, keeping regime, findings with reasons, sources and fixes';

    public function handle(Evaluator $evaluator, EvaluationDocument $documents, EvaluationText $texts): int
    {
        app()->setLocale($this->option('lang') === 'fr' ? 'fr' : 'en');
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '-';
        $json = @file_get_contents($file === '-' ? 'php://stdin' : $file, length: FormulaDocument::MAX_BYTES + 1);
        if ($json === false) {
            return $this->refuse('', say('errors.no_file'));
        }
        try {
            $evaluation = $evaluator->evaluate(FormulaDocument::fromJson($json));
        } catch (FormulaRefused $refusal) {
            return $this->refuse($refusal->path, say('errors.formula.'.$refusal->reason, $refusal->parameters));
        }
        $this->output->writeln($this->option('text')
            ? $texts->of($evaluation)
            : json_encode($documents->of($evaluation), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function refuse(string $path, string $why): int
    {
        fwrite(STDERR, json_encode(['error' => $why, 'path' => $path], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");

        return self::NOT_READABLE;
    }
}
