<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\RecordRefused;
use App\Backups\WorkroomArchive;
use App\Backups\WorkroomImport;
use Illuminate\Console\Command;

/** Exit 0 taken in, 2 not readable or refused, 3 asked about and nothing changed. */
final class ImportCommand extends Command
{
    use TakesFile;

    private const ASKED = 3;

    protected $signature =
        'ilvane:import {from : a directory or ZIP that ilvane:export wrote} '
        .'{--on-conflict=ask : what to do with records that are here and differ: ask, keep, take}';

    protected $description = 'Takes open files into the workroom; what is here already is not doubled';

    public function handle(WorkroomImport $intaking): int
    {
        $way = $this->option('on-conflict');
        if (! in_array($way, ['ask', WorkroomImport::KEEP, WorkroomImport::TAKE], true)) {
            $this->error(say('backups.ways'));

            return self::INVALID;
        }
        try {
            $records = WorkroomArchive::read($this->told('from'));
            $differ = $intaking->compare($records)['differ'];
            if ($differ !== [] && $way === 'ask') {
                foreach ($differ as $one) {
                    $this->line(say(
                        "backups.told.{$one['why']}",
                        ['name' => $one['name'], 'file' => "{$one['folder']}/{$one['key']}.json"],
                    ));
                }
                $this->error(trans_choice('backups.asked', count($differ)));

                return self::ASKED;
            }
            $this->line(say(
                'backups.imported',
                array_map(strval(...), $intaking->take($records, static fn (): string => $way)),
            ));
        } catch (RecordRefused $refused) {
            $this->error($refused->said());

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
