<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserCase;

/** What the server itself gives out, asked letter by letter as no browser would. */
final class DoorstepTest extends BrowserCase
{
    public function test_no_path_leads_out_of_what_is_public(): void
    {
        foreach ([
            '/../composer.json',
            '/..%2fcomposer.json',
            '/%2e%2e/%2e%2e/etc/passwd',
            '/build/../../composer.json',
            '/build/assets/..%2f..%2f..%2frouter.php',
            '//etc/passwd',
            '/index.php/../../router.php',
            '/.env',
            '/storage/workroom/app.key',
            '/../storage/workroom/demo.sqlite',
            '/icon.svg%00.php',
            '/backups/copies/..%2f..%2froom.sqlite',
            '/backups/copies/room.sqlite',
        ] as $path) {
            [$status, $body] = self::raw("GET $path HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");
            self::assertContains($status, [400, 403, 404], "$path answered $status");
            foreach (['"require"', 'root:', 'base64:', 'SQLite format 3', '<?php'] as $secret) {
                self::assertStringNotContainsString($secret, $body, $path);
            }
        }
    }

    public function test_another_name_than_its_own_is_not_answered_and_a_foreign_form_not_taken(): void
    {
        [$status] = self::raw("GET / HTTP/1.1\r\nHost: rebound.example\r\nConnection: close\r\n\r\n");
        self::assertSame(421, $status);
        [$status] = self::raw(
            "GET / HTTP/1.1\r\nHost: rebound.example\r\nX-Forwarded-Host: 127.0.0.1\r\nX-Forwarded-For: 127.0.0.1\r\nConnection: close\r\n\r\n",
        );
        self::assertSame(421, $status);
        if (self::lan() !== null) {
            [$status] = self::raw(
                "GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Forwarded-For: 127.0.0.1\r\nConnection: close\r\n\r\n",
                self::lan(),
            );
            self::assertContains($status, [302, 403], 'a header does not make a stranger one of the house');
        }
        [$status] = self::raw(
            "POST /pantry HTTP/1.1\r\nHost: 127.0.0.1\r\nOrigin: http://evil.example\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 25\r\nConnection: close\r\n\r\ningredient=x&grams=100000",
        );
        self::assertSame(419, $status);
    }

    /** @return array{int, string} status and all that was answered */
    private static function raw(string $request, string $host = '127.0.0.1'): array
    {
        $line = stream_socket_client("tcp://$host:".parse_url(self::$base, PHP_URL_PORT), timeout: 5);
        self::assertNotFalse($line);
        fwrite($line, $request);
        $answer = (string) stream_get_contents($line);
        fclose($line);

        return [(int) substr($answer, 9, 3), $answer];
    }
}
