<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Base;

/**
 * A request beside the page (the shelf line, a search, a turn on the bench) reads the session and leaves it as it is:
 * written back late, it would wipe out what the page was told in the meantime, and use up the word meant for the next.
 */
final class StartSession extends Base
{
    protected function saveSession($request): void
    {
        if (! $this->isBeside($request) || $this->isNew($request)) {
            parent::saveSession($request);
        }
    }

    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (! $this->isBeside($request)) {
            parent::storeCurrentUrl($request, $session);
        }
    }

    private function isBeside(Request $request): bool
    {
        return $request->expectsJson() || $request->headers->has('X-Live');
    }

    /** Nobody has written this session yet: a token given out now has to hold. */
    private function isNew(Request $request): bool
    {
        $session = $request->session();

        return $session->getHandler()->read($session->getId()) === '';
    }
}
