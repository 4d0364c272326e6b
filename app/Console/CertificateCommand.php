<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\Authority;
use Illuminate\Console\Command;
use RuntimeException;

/** Makes the certificate with which this machine answers its home network by https. */
final class CertificateCommand extends Command
{
    protected $signature = 'ilvane:certificate {names* : addresses and names in the home network}';

    protected $description = 'The certificate for the home network, vouched for by the workroom’s own authority';

    public function handle(Authority $authority): int
    {
        /** @var non-empty-list<string> $names */
        $names = $this->argument('names');
        foreach ($names as $name) {
            if (! Authority::mayVouchFor($name)) {
                $this->error(say('access.authority.not_private', ['name' => $name]));

                return self::INVALID;
            }
        }
        try {
            $authority->vouchFor($names);
        } catch (RuntimeException $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        $this->line(say('access.authority.made', ['fingerprint' => (string) $authority->fingerprint()]));

        return self::SUCCESS;
    }
}
