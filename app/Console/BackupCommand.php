<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\BackupFiles;
use App\Backups\RecordRefused;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    use TakesFile;

    protected $signature = 'ilvane:backup {file : where to; it must not be there yet}';

    protected $description = 'A consistent copy of the workroom, also while it runs';

    public function handle(): int
    {
        try {
            BackupFiles::to($this->told('file'));
            BackupFiles::taken();
        } catch (RecordRefused $refused) {
            $this->error($refused->said());

            return self::INVALID;
        }
        $this->line(say('backups.copied', ['file' => $this->told('file')]));

        return self::SUCCESS;
    }
}
