<?php

declare(strict_types=1);

namespace App\Access;

use App\Ground\Typed;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;

/** A link that lets one device in once, for some minutes, and opens a page: what the code on the screen holds. */
final class Invitation
{
    public const MINUTES = 10;

    /** null unless this workroom is open to the home network and has a passphrase. */
    public static function to(string $path, bool $isSecure = false): ?string
    {
        $address = config()->array($isSecure ? 'ilvane.https' : 'ilvane.lan')[0] ?? null;

        return is_string($address) && AccessControl::hasPassphrase()
            ? ($isSecure ? 'https' : 'http')."://$address".URL::temporarySignedRoute(
                'sign-in.invited',
                now()->addMinutes(self::MINUTES),
                ['to' => self::path($path), 'once' => Str::random(12)],
                absolute: false,
            )
            : null;
    }

    public static function isGood(Request $request): bool
    {
        return $request->hasValidRelativeSignature() && ! Cache::has(self::key($request));
    }

    /** Uses it up; false when it was used before or is too old. */
    public static function take(Request $request): bool
    {
        return $request->hasValidRelativeSignature()
            && Cache::add(self::key($request), 1, now()->addMinutes(2 * self::MINUTES));
    }

    /** A path of this workroom; anything else becomes its first page. */
    public static function path(string $path): string
    {
        return preg_match('#^/(?![/\\\\])[\w./?=&%~-]*$#', $path) === 1 ? $path : '/';
    }

    private static function key(Request $request): string
    {
        return 'invited:'.hash('sha256', Typed::text($request, 'signature'));
    }
}
