<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\AccessControl;
use Illuminate\Console\Command;

/** Sets the passphrase that devices of the home network come in with. */
final class PassphraseCommand extends Command
{
    protected $signature =
        'ilvane:passphrase {--is-set : only tell whether there is one, by the exit code} {--close : take it away}';

    protected $description = 'The passphrase for the home network';

    public function handle(): int
    {
        if ($this->option('is-set')) {
            return AccessControl::hasPassphrase() ? self::SUCCESS : self::FAILURE;
        }
        if ($this->option('close')) {
            AccessControl::setPassphrase('');
            $this->line(say('access.shut'));

            return self::SUCCESS;
        }
        $asked = $this->input->isInteractive()
            ? $this->secret(say('access.new', ['letters' => (string) AccessControl::SHORTEST]))
            : fgets(STDIN);
        $typed = is_string($asked) ? rtrim($asked, "\r\n") : '';
        $wrong = AccessControl::refuses($typed);
        if ($wrong !== null) {
            $this->error(say($wrong, ['letters' => (string) AccessControl::SHORTEST]));

            return self::INVALID;
        }
        AccessControl::setPassphrase($typed);
        $this->line(say('access.set'));

        return self::SUCCESS;
    }
}
