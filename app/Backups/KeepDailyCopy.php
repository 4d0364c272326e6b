<?php

declare(strict_types=1);

namespace App\Backups;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** After the first page of the day has been answered, a copy of the workroom is laid aside. */
final class KeepDailyCopy
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        if (config('ilvane.daily_copy')) {
            BackupFiles::daily();
        }
    }
}
