<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** A page sent something else under a name it had used before: what was recorded stays, and the maker is asked. */
final class ChangedReplay extends RuntimeException
{
    public static function than(string $clientKey): self
    {
        return new self("$clientKey was used for something else.");
    }

    /** The form comes back with what was typed and a name of its own; sent again, it is recorded as a correction. */
    public function render(Request $request): Response|RedirectResponse
    {
        return $request->expectsJson()
            ? new Response(say('errors.told_otherwise'), 409, ['Content-Type' => 'text/plain; charset=utf-8'])
            : redirect()->back()->withInput()->with('refused', say('errors.told_otherwise'));
    }
}
