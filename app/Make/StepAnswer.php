<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * How a page is led on that changes its steps in place: to another step by the redirect itself, to another room by an
 * address to go to, so that what is said there is still said.
 */
final class StepAnswer
{
    /** Sent by a page that changes its steps in place. */
    public const HEADER = 'X-Step';

    public const GO = 'X-Go';

    public static function isWanted(Request $request): bool
    {
        return $request->headers->has(self::HEADER);
    }

    /** Where a make that is over is seen: its record, or Today where it was thrown away. */
    public static function over(Batch $batch): RedirectResponse
    {
        return $batch->isFinished()
            ? redirect()->route('batch', $batch)
            : redirect()->route('today')->with('refused', say('make.dropped_elsewhere'));
    }

    public static function led(Request $request, Batch $batch, RedirectResponse $to): RedirectResponse|Response
    {
        $isStep = str_starts_with($to->getTargetUrl(), route('make', $batch));

        return ! self::isWanted($request) || $isStep
            ? $to
            : new Response('', Response::HTTP_NO_CONTENT, [self::GO => $to->getTargetUrl()]);
    }
}
