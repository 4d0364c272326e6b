<?php

declare(strict_types=1);

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
