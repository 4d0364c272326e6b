<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Ground\Languages;
use App\Ground\Settings;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** The language the maker chose, on every page, label and paper. */
final class SpeakTheLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $chosen = Settings::values('language')['is'] ?? null;
        if (is_string($chosen) && in_array($chosen, Languages::ALL, true)) {
            App::setLocale($chosen);
        }

        return $next($request);
    }
}
