<?php

use App\Access\AccessControl;
use App\Access\OnlyKnownDevices;
use App\Backups\KeepDailyCopy;
use App\Http\Faults;
use App\Http\Middleware\OnlyKnownHosts;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SpeakTheLanguage;
use App\Http\Middleware\StartSession;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as SaveAlways;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: glob(__DIR__.'/../routes/*.php') ?: [],
        health: '/up',
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // What is typed is kept as typed, an emptied field included.
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prepend([OnlyKnownHosts::class, SecurityHeaders::class, KeepDailyCopy::class, SpeakTheLanguage::class]);
        // first of all: who isn't let in starts no session and learns nothing
        $middleware->web(prepend: [OnlyKnownDevices::class], replace: [SaveAlways::class => StartSession::class]);
        if (env('ILVANE_HTTPS') !== null) {
            $middleware->trustProxies(
                at: '127.0.0.1',
                headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO,
            );
        }
        $middleware->encryptCookies([AccessControl::COOKIE]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(static fn (PDOException $problem, Request $request) => Faults::answer($problem, $request));
    })
    ->create();
