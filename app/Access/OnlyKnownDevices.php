<?php

declare(strict_types=1);

namespace App\Access;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers this machine, and of the home network only devices that were let in. The calendar feed has a token of its
 * own.
 */
final class OnlyKnownDevices
{
    private const OPEN = ['sign-in', 'sign-in.*', 'authority', 'authority.*', 'calendar.feed'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (AccessControl::isThisMachine($request)) {
            return $next($request);
        }
        if (! AccessControl::hasPassphrase()) {
            abort(403, say('access.closed'));
        }
        if ($request->routeIs(self::OPEN) || AccessControl::deviceOf($request) !== null) {
            return $next($request);
        }

        return $request->expectsJson() || $request->headers->has('X-Step')
            ? new Response(say('access.sign_in_first'), 401, ['Content-Type' => 'text/plain; charset=utf-8'])
            : redirect()->route('sign-in', $request->isMethod('GET') ? ['to' => $request->getRequestUri()] : []);
    }
}
