<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files, each written beside its place and moved into it: a server killed in mid-write leaves the old one
 * whole.
 */
final class AtomicSessions extends FileSessionHandler
{
    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        $this->files->replace("$this->path/$sessionId", $data, 0600);

        return true;
    }
}
