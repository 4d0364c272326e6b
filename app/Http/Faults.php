<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a full disk, a locked or a damaged file look like to a maker: what happened, that nothing is half-written, what
 * to do.
 */
final class Faults
{
    /** Of the message of SQLite => status and word key. */
    private const SAID = [
        'database or disk is full' => [507, 'full'], 'disk I/O error' => [507, 'full'],
        'database is locked' => [503, 'busy'], 'database table is locked' => [503, 'busy'],
        'database disk image is malformed' => [500, 'damaged'], 'file is not a database' => [500, 'damaged'],
        'attempt to write a readonly database' => [507, 'read_only'],
        'unable to open database file' => [507, 'read_only'],
    ];

    /** null for anything else, which the framework answers. */
    public static function answer(QueryException|PDOException $problem, Request $request): ?Response
    {
        foreach (self::SAID as $message => [$status, $words]) {
            if (str_contains($problem->getMessage(), $message)) {
                return $request->expectsJson() || $request->headers->has('X-Live') || $request->headers->has('X-Step')
                    ? response(say("errors.fault.$words"), $status, ['Content-Type' => 'text/plain; charset=utf-8'])
                    : response(
                        view('errors.page', ['code' => (string) $status, 'words' => say("errors.fault.$words")]),
                        $status,
                    );
            }
        }

        return null;
    }
}
