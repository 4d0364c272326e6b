<?php

declare(strict_types=1);

namespace Ilvane\Core\Exchange;

use JsonException;

/** Decodes a file of one of the open forms. */
final class Json
{
    public const MAX_BYTES = 2_000_000;

    private const MAX_DEPTH = 32;

    /** @throws DocumentRefused when too large or no JSON */
    public static function decode(string $json): mixed
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw new DocumentRefused('', 'too_large', ['most' => self::MAX_BYTES]);
        }
        try {
            return json_decode($json, true, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw new DocumentRefused('', 'not_json', ['detail' => $problem->getMessage()]);
        }
    }
}
