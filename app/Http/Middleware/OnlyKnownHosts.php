<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses a Host header this server was not told to answer to. */
final class OnlyKnownHosts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower($request->headers->get('Host') ?? '');
        $name = preg_replace('/:\d+$/', '', $host);
        if (! in_array($name, config()->array('ilvane.hosts'), true)) {
            return new Response(say('errors.host'), 421, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return $next($request);
    }
}
