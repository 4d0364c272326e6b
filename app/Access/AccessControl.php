<?php

declare(strict_types=1);

namespace App\Access;

use App\Ground\Settings;
use App\Models\Device;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Who is answered: this machine always; the home network once a passphrase is set, by devices that were let in with it.
 */
final readonly class AccessControl
{
    public const COOKIE = 'ilvane_device';

    /** Letters; bcrypt takes no more than 72 bytes. */
    public const SHORTEST = 10;

    public const LONGEST_BYTES = 72;

    private const NAME = 'access';

    /** Wrong passphrases from one address, and from all of them, before it waits; seconds it waits. */
    private const TRIES = 5;

    private const TRIES_OF_ALL = 40;

    private const WAIT_S = 600;

    private const SEEN_EVERY_S = 60;

    private const YEAR_MIN = 365 * 24 * 60;

    private const THIS_MACHINE = ['127.0.0.0/8', '::1', '::ffff:127.0.0.0/104'];

    public function __construct(private RateLimiter $limiter)
    {
    }

    public static function isThisMachine(Request $request): bool
    {
        return IpUtils::checkIp((string) $request->ip(), self::THIS_MACHINE);
    }

    public static function hasPassphrase(): bool
    {
        return self::hash() !== '';
    }

    /** A new passphrase ends every device that came in with the old one; an empty one closes the door. */
    public static function setPassphrase(string $passphrase): void
    {
        Settings::keep(self::NAME, $passphrase === '' ? [] : ['passphrase' => Hash::make($passphrase)]);
        Device::query()->whereNull('ended_at')->update(['ended_at' => Carbon::now()->toDateTimeString()]);
    }

    /** Word key of what is wrong with a new passphrase, or null. */
    public static function refuses(string $passphrase): ?string
    {
        return match (true) {
            mb_strlen(trim($passphrase)) < self::SHORTEST => 'access.too_short',
            strlen($passphrase) > self::LONGEST_BYTES => 'access.too_long',
            default => null,
        };
    }

    /** Seconds until this address may try again; 0 when it may now. */
    public function waits(Request $request): int
    {
        foreach ([[self::knock($request), self::TRIES], ['knock', self::TRIES_OF_ALL]] as [$key, $tries]) {
            if ($this->limiter->tooManyAttempts($key, $tries)) {
                return max(1, $this->limiter->availableIn($key));
            }
        }

        return 0;
    }

    public function opensWith(Request $request, string $passphrase): bool
    {
        if (self::hasPassphrase() && Hash::check($passphrase, self::hash())) {
            $this->limiter->clear(self::knock($request));

            return true;
        }
        $this->limiter->hit(self::knock($request), self::WAIT_S);
        $this->limiter->hit('knock', self::WAIT_S);

        return false;
    }

    /** Lets a device in; the cookie is what it is known by. */
    public static function letIn(string $name, bool $isSecure): Cookie
    {
        $token = Str::random(48);
        Device::query()->create([
            'name' => Str::limit(trim($name) ?: say('access.some_device'), 57), 'token_hash' => hash('sha256', $token),
            'signed_in_at' => Carbon::now(), 'seen_at' => Carbon::now(),
        ]);

        return cookie(self::COOKIE, $token, self::YEAR_MIN, secure: $isSecure, httpOnly: true, sameSite: 'lax');
    }

    public static function deviceOf(Request $request): ?Device
    {
        $token = $request->cookies->get(self::COOKIE);
        $device = is_string($token) && self::hasPassphrase()
            ? Device::query()->where('token_hash', hash('sha256', $token))->whereNull('ended_at')->first()
            : null;
        if ($device !== null && $device->seen_at->diffInSeconds(Carbon::now()) > self::SEEN_EVERY_S) {
            $device->forceFill(['seen_at' => Carbon::now()])->save();
        }

        return $device;
    }

    private static function hash(): string
    {
        $hash = Settings::values(self::NAME)['passphrase'] ?? '';

        return is_string($hash) ? $hash : '';
    }

    private static function knock(Request $request): string
    {
        return 'knock:'.$request->ip();
    }
}
