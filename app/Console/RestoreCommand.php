<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\BackupFiles;
use App\Backups\RecordRefused;
use Illuminate\Console\Command;

final class RestoreCommand extends Command
{
    use TakesFile;

    protected $signature = 'ilvane:restore {file} {--look : only tell whether it could be put back}';

    protected $description = 'Puts a copy in the workroom’s place; what was there is kept beside it';

    public function handle(): int
    {
        try {
            if ($this->option('look')) {
                BackupFiles::look($this->told('file'));
                $this->line(say('backups.sound'));
            } else {
                $this->line(say('backups.restored', ['before' => BackupFiles::restore($this->told('file'))]));
            }
        } catch (RecordRefused $refused) {
            $this->error($refused->said());

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
