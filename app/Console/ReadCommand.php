<?php

declare(strict_types=1);

namespace App\Console;

use App\Recipes\SheetRefused;
use Illuminate\Console\Command;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\TextRefused;

final class ReadCommand extends Command
{
    use InAWorkroom;
    use ReadsInput;

    protected $signature =
        'ilvane:read {file : a recipe as plain text or a sheet (.csv, .xlsx, .ods), or - for standard input} '
        .'{--workroom= : demo or mine, to use that workroom’s measures, scale and ingredients}';

    protected $description = 'Read a kitchen recipe, English or French, into ilvane.formula/1 with confidences';

    public function handle(RecipeReader $reader): int
    {
        try {
            $input = $this->input(RecipeReader::MAX_BYTES);
            if ($input === null) {
                return $this->refuse(say('errors.no_file'), ['line' => 0]);
            }
            $this->printJson($reader->read($input)->document(say('recipes.untitled')));
        } catch (TextRefused $refusal) {
            return $this->refuse(say('errors.text.'.$refusal->reason), ['line' => $refusal->atLine]);
        } catch (SheetRefused $refusal) {
            return $this->refuse(say('errors.sheet.'.$refusal->reason), ['line' => 0]);
        }

        return self::SUCCESS;
    }
}
