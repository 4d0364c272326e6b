<?php

declare(strict_types=1);

namespace App\Console;

use App\Ground\CatalogueDocument;
use Illuminate\Console\Command;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\MaterialDocument;
use Symfony\Component\Console\Output\OutputInterface;

final class CatalogueCommand extends Command
{
    use InAWorkroom;

    private const UNKNOWN = 2;

    protected $signature =
        'ilvane:catalogue {key? : one ingredient} '
        .'{--csv : all of them as the shipped CSV} '
        .'{--material : the ingredient as ilvane.material/1, with the source of each limit} '
        .'{--workroom= : demo or mine, to use that workroom’s measures, scale and ingredients}';

    protected $description = 'Print the ingredient catalogue, or one entry, as JSON';

    public function handle(Catalogue $catalogue): int
    {
        $key = $this->argument('key');
        if ($this->option('csv')) {
            $this->output->write(
                (string) file_get_contents(config()->string('ilvane.data').'/ingredients.csv'),
                false,
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        if (is_string($key) && ! $catalogue->has($key)) {
            fwrite(
                STDERR,
                json_encode(
                    ['error' => say('errors.no_ingredient', ['key' => $key]), 'path' => '/'.$key],
                    JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                )."\n",
            );

            return self::UNKNOWN;
        }
        $document = match (true) {
            ! is_string($key) => CatalogueDocument::all($catalogue),
            (bool) $this->option('material') => MaterialDocument::of($catalogue->get($key)),
            default => CatalogueDocument::entry($catalogue->get($key)),
        };
        $this->output->writeln(
            json_encode(
                $document,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
                    | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
