<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\OwnPieces;
use Closure;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reading\RecipeReader;
use Symfony\Component\HttpFoundation\Response;

/** Keeps what one piece weighs before the note is read: the same answer weighs with it. */
final class KeepOwnPieces
{
    /** What can't be read, for the page to say. */
    public const PROBLEMS = 'piece_problems';

    public function __construct(private readonly Application $app)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $typed = $request->input('weighs');
        if (is_array($typed)) {
            $filled = array_map(
                static fn (mixed $weights): mixed => is_array($weights)
                    ? array_filter($weights, static fn (mixed $grams): bool => is_string($grams) && trim($grams) !== '')
                    : $weights,
                $typed,
            );
            $request->attributes->set(self::PROBLEMS, OwnPieces::keep($filled));
            array_map($this->app->forgetInstance(...), [Catalogue::class, RecipeReader::class, Evaluator::class]);
        }

        return $next($request);
    }
}
