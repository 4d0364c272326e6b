<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\ClockCheck;
use Illuminate\Console\Command;

/** Says so where the clock stands far from the newest record; nothing otherwise. */
final class ClockCommand extends Command
{
    protected $signature = 'ilvane:clock';

    protected $description = 'Tells whether this machine’s clock can be right, by the newest record';

    protected $hidden = true;

    public function handle(ClockCheck $check): int
    {
        $doubt = $check->doubt();
        if ($doubt !== null) {
            $this->line($doubt);
        }

        return self::SUCCESS;
    }
}
