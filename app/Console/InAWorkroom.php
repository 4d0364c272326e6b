<?php

declare(strict_types=1);

namespace App\Console;

use App\Ground\ShippedCatalogue;
use Illuminate\Container\Container;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\RecipeReader;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that computes with the shipped catalogue and the usual measures, so that its answers are the same on every
 * machine; with
 * --workroom it takes the measures, scale and ingredients of that workroom.
 */
trait InAWorkroom
{
    private const ROOMS = ['demo', 'mine'];

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $room = $input->getOption('workroom');
        if (
            $room !== null
            && (! in_array($room, self::ROOMS, true) || ! is_file(storage_path("workroom/$room.sqlite")))
        ) {
            fwrite(
                STDERR,
                json_encode(
                    ['error' => say('errors.no_workroom'), 'path' => '--workroom'],
                    JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                )."\n",
            );

            return 2;
        }
        if (is_string($room)) {
            config(['database.connections.sqlite.database' => storage_path("workroom/$room.sqlite")]);
            DB::purge();
            array_map(Container::getInstance()->forgetInstance(...), [Catalogue::class, Tools::class]);
        } else {
            $this->laravel->instance(
                Catalogue::class,
                new Catalogue(new ShippedCatalogue(
                    config()->string('ilvane.data'),
                    config()->string('ilvane.catalogue'),
                )),
            );
            $this->laravel->instance(Tools::class, new Tools);
        }
        array_map(Container::getInstance()->forgetInstance(...), [Evaluator::class, RecipeReader::class]);

        return parent::execute($input, $output);
    }
}
