<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\ViewErrorBag;

/** What a form's field carries when something is wrong with it; the words themselves stand in components/problem. */
final class FieldProblem
{
    /**
     * Attributes that mark a field as wrong and name the message beside it; empty where nothing is.
     *
     * @param  array<string, string>|null  $problems  a page's own, by field; null for those of the request
     */
    public static function attributes(ViewErrorBag $errors, string $field, ?array $problems = null): string
    {
        $isWrong = $problems === null ? $errors->getBag('default')->has($field) : isset($problems[$field]);

        return $isWrong ? sprintf('aria-invalid="true" aria-describedby="problem-%s"', e($field)) : '';
    }
}
