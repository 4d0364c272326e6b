<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\RecordRefused;
use App\Backups\WorkroomArchive;
use Illuminate\Console\Command;

final class ExportCommand extends Command
{
    use TakesFile;

    protected $signature = 'ilvane:export {dir : an empty directory, or one that is not there yet}';

    protected $description = 'The whole workroom as open files (docs/formats.md)';

    public function handle(): int
    {
        try {
            $this->line(say(
                'backups.exported',
                ['count' => (string) WorkroomArchive::toDirectory($this->told('dir'))],
            ));
        } catch (RecordRefused $refused) {
            $this->error($refused->said());

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
