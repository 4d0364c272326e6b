<?php

declare(strict_types=1);

use Illuminate\Translation\Translator;

/**
 * The words of lang/ for a key, as text; the key itself where there are none.
 *
 * @param  array<string, mixed>  $terms
 */
function say(string $key, array $terms = []): string
{
    $said = __($key, $terms);

    return is_string($said) ? $said : $key;
}

/** Whether lang/ has words of its own for a key. */
function has_words(string $key): bool
{
    $translator = app('translator');

    return $translator instanceof Translator && $translator->has($key);
}
